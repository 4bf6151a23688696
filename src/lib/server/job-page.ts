/** What every page of one job starts from: the job as kept, and the shop. */
import { error } from '@sveltejs/kit';
import { isCaseId, type CaseId } from '$core/views/trainer/cases/all.ts';
import { readJobNumber } from '$core/job/number.ts';
import { database } from './db/connection.ts';
import { selectJob } from './db/jobs.ts';
import { selectPractice } from './db/trainer.ts';
import { writtenShop } from './shop.ts';
import { there } from '$core/units/there.ts';

/** Which case it is, of a piece that is practised on. */
export type PracticePage = { id: CaseId; begunAt: number };

async function practiceOf(number: number): Promise<PracticePage | null> {
	const found = await selectPractice(database(), number);
	return found && isCaseId(found.trainerCase) ? { id: found.trainerCase, begunAt: found.begunAt.getTime() } : null;
}

/** @throws HttpError 404 for a number that no job has */
export async function jobPage(number: string) {
	const row = await selectJob(database(), there(readJobNumber(number), 'read job number'), null);
	if (!row) error(404, 'There is no job by that number.');
	const practice = row.state === 'practice' ? await practiceOf(row.number) : null;
	return {
		number,
		rev: row.rev,
		at: row.at.getTime(),
		// A piece that is practised on is worked on like any other.
		state: row.state === 'practice' ? ('open' as const) : row.state,
		job: row.spec,
		shop: await writtenShop(database()),
		practice
	};
}
