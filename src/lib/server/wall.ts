/** The call for a wall: checks, looks up the jobs that hang on it, then the core. */
import type { JobFile } from '$core/job/definition.ts';
import { readJobNumber } from '$core/job/number.ts';
import { planWall } from '$core/wall/plan-wall.ts';
import { faults, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { selectJob } from './db/jobs.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { checkWall, jobsOn, type JobPicture } from './validation/wall.ts';

export async function postWall(db: Database, body: unknown): Promise<Answer> {
	const checked = checkWall(body, await picturesOf(db, jobsOn(body)));
	return checked.ok ? { status: 200, body: planWall(checked.wall, checked.unit) } : faults(400, checked.faults);
}

/** Jobs as they hang, by their number as it is written; those that there are not are missing. */
export async function picturesOf(db: Database, numbers: readonly string[]): Promise<Map<string, JobPicture>> {
	const jobs: { number: string; file: JobFile }[] = [];
	for (const text of new Set(numbers)) {
		const number = readJobNumber(text);
		const found = number === null ? null : await selectJob(db, number, null);
		if (found) jobs.push({ number: text, file: found.spec });
	}
	if (jobs.length === 0) return new Map();
	const { written } = await shopNow(db);
	const done = await inThread('pictures', { jobs, shop: written });
	if (!done.ok) throw new Error('The pictures of jobs could not be planned.');
	return new Map(done.gives);
}
