import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { writtenShop } from '$lib/server/shop.ts';
import { selectJob } from '$lib/server/db/jobs.ts';

export const load: PageServerLoad = async ({ params }) => {
	const row = await selectJob(database(), params.number, null);
	if (!row) error(404, 'There is no job by that number.');
	return { number: row.number, rev: row.rev, job: row.spec, shop: await writtenShop(database()) };
};
