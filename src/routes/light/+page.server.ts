import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { selectJob, selectJobs } from '$lib/server/db/jobs.ts';
import { selectRooms } from '$lib/server/db/rooms.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async ({ url }) => {
	const number = url.searchParams.get('job');
	const row = number ? await selectJob(database(), number, null) : null;
	if (number && !row) error(404, 'There is no job by that number.');
	const { jobs } = await selectJobs(database(), '', '');
	return {
		shop: await writtenShop(database()),
		rooms: await selectRooms(database()),
		jobs: jobs.map(({ number: of, title }) => ({ number: of, title: title || 'New piece' })),
		job: row && {
			number: row.number,
			rev: row.rev,
			title: row.spec.title ?? row.spec.piece?.title ?? 'New piece',
			file: row.spec
		}
	};
};
