/** What every page of one job starts from: the job as kept, and the shop. */
import { error } from '@sveltejs/kit';
import { decide } from '$core/decide.ts';
import { attempt } from '$core/job/faults.ts';
import { readJob } from '$core/job/read.ts';
import { planDecided } from '$core/plan.ts';
import { shopFrom } from '$core/shop/written.ts';
import { isCaseId, type CaseId } from '$core/views/trainer/cases/all.ts';
import { readJobNumber } from '$core/job/number.ts';
import { database } from './db/connection.ts';
import { selectJob } from './db/jobs.ts';
import { selectPractice } from './db/trainer.ts';
import { log, loggable } from './log.ts';
import { writtenShop } from './shop.ts';
import { nth, there } from '$core/units/there.ts';

/** Which case it is, of a piece that is practised on. */
export type PracticePage = { id: CaseId; begunAt: number };

async function practiceOf(number: number): Promise<PracticePage | null> {
	const found = await selectPractice(database(), number);
	return found && isCaseId(found.trainerCase) ? { id: found.trainerCase, begunAt: found.begunAt.getTime() } : null;
}

/** @throws HttpError 404 for a number that no job has */
export async function jobPage(number: string) {
	const row = await selectJob(database(), there(readJobNumber(number), 'read job number'), null);
	if (!row) error(404, 'There is no job with that number.');
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

/**
 * The same for a page that needs the whole plan: a paper, the bench, the cost.
 * @throws HttpError 404 for a number that no job has, 409 with the reason for a job that can't be planned as it stands
 */
export async function plannedPage(number: string) {
	const found = await jobPage(number);
	const shop = shopFrom(found.shop);
	const made = attempt(
		() => planDecided(found.job, decide(readJob(found.job), shop), shop),
		(defect) => log.error({ err: loggable(defect), path: `/jobs/${number}` }, 'a job fails to be planned')
	);
	if (!made.ok) error(409, `${number} can’t be planned: ${nth(made.faults, 0).says} Open it and fix that first.`);
	return found;
}
