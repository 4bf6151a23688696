/** What every page of one job starts from: the job as kept, and the shop. */
import { error } from '@sveltejs/kit';
import { readJobNumber } from '$core/job/number.ts';
import { database } from './db/connection.ts';
import { selectJob } from './db/jobs.ts';
import { writtenShop } from './shop.ts';
import { there } from '$core/units/there.ts';

/** @throws HttpError 404 for a number that no job has */
export async function jobPage(number: string) {
	const row = await selectJob(database(), there(readJobNumber(number), 'read job number'), null);
	if (!row) error(404, 'There is no job by that number.');
	return { number, rev: row.rev, at: row.at.getTime(), state: row.state, job: row.spec, shop: await writtenShop(database()) };
}
