/** Which open jobs a change of a list of the shop touches, before it is kept. */
import type { Touched } from '$core/advice/touched.ts';
import { changedMaterials } from '$core/advice/changed.ts';
import { shopFrom } from '$core/shop/written.ts';
import { showJobNumber } from '$core/job/number.ts';
import { faults, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { countOpen, selectOpen, selectUsing } from './db/jobs.ts';
import { checkSent, shopNow, type ListKey } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { nth } from '$core/units/there.ts';

export type TouchedJob = { number: string; title: string } & Touched;

/** Jobs planned anew; a shop has fewer open at once. */
const MOST_JOBS = 2000;
/** So many at a time: between them others have their turn in the threads. */
const TOGETHER = 50;

/** `{ jobs, looked, more }`: of all open jobs (`looked`) those that the change touches, with what comes out otherwise. Stores nothing. */
export async function touchesOf(db: Database, key: ListKey, sent: unknown): Promise<Answer> {
	const checked = checkSent(key, sent);
	if (!checked.ok) return faults(400, checked.faults);
	const { written: before, shop } = await shopNow(db);
	const after = { ...before, [key]: checked.items };
	const { ids, named } = changedMaterials(shop, shopFrom(after));
	const found = key === 'materials' && named ? await selectUsing(db, ids, MOST_JOBS + 1) : await selectOpen(db, MOST_JOBS + 1);
	const looked = found.slice(0, MOST_JOBS);
	const jobs: TouchedJob[] = [];
	for (let from = 0; from < looked.length; from += TOGETHER) {
		const some = looked.slice(from, from + TOGETHER);
		const done = await inThread('touched', { files: some.map(({ spec }) => spec), before, after });
		if (!done.ok) return done.answer;
		for (const [index, touched] of done.gives.entries()) {
			const { number, title } = nth(some, index);
			if (touched) jobs.push({ number: showJobNumber(number), title: title || 'New piece', ...touched });
		}
	}
	return { status: 200, body: { jobs, looked: await countOpen(db), more: found.length > looked.length } };
}
