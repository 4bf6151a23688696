/** Which open jobs a change of the materials touches, before it is kept. */
import type { WrittenMaterial } from '$core/shop/catalogue.ts';
import { touchedBy, type Touched } from '$core/shop/touched.ts';
import { shopFrom } from '$core/shop/written.ts';
import { selectJobs } from './db/jobs.ts';
import type { Database } from './db/open.ts';
import { faults, type Answer } from './jobs.ts';
import { checkSent, writtenShop } from './shop.ts';

export type TouchedJob = { number: string; title: string } & Touched;

/** Jobs looked at; a shop has fewer open at once. */
const MOST_JOBS = 2000;

/** `{ jobs, looked, more }`: those that use a changed material, with what comes out otherwise. Stores nothing. */
export async function touchesOf(db: Database, sent: unknown): Promise<Answer> {
	const checked = checkSent('materials', sent);
	if (!checked.ok) return faults(400, checked.faults);
	const written = await writtenShop(db);
	const before = shopFrom(written);
	const after = shopFrom({ ...written, materials: checked.items as WrittenMaterial[] });
	const jobs: TouchedJob[] = [];
	let looked = 0;
	let next: string | null = '';
	while (next !== null && looked < MOST_JOBS) {
		const page = await selectJobs(db, '', next);
		for (const { number, title, spec } of page.jobs) {
			looked += 1;
			const touched = touchedBy(spec, before, after);
			if (touched) jobs.push({ number, title: title || 'New piece', ...touched });
		}
		next = page.next;
	}
	return { status: 200, body: { jobs, looked, more: next !== null } };
}
