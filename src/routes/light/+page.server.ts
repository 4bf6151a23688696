import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { readJobNumber, showJobNumber } from '$core/job/number.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectJob, selectJobs } from '$lib/server/db/jobs.ts';
import { selectRooms } from '$lib/server/db/rooms.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async ({ url }) => {
	const asked = url.searchParams.get('job');
	const number = asked === null ? null : readJobNumber(asked);
	const row = number === null ? null : await selectJob(database(), number, null);
	if (asked && !row) error(404, 'There is no job with that number.');
	const { jobs } = await selectJobs(database(), { find: '', after: null, state: 'open', order: 'newest' });
	return {
		shop: await writtenShop(database()),
		rooms: await selectRooms(database()),
		jobs: jobs.map(({ number: of, title }) => ({ number: showJobNumber(of), title: title || 'New piece' })),
		job: row && {
			number: showJobNumber(row.number),
			rev: row.rev,
			title: row.spec.title ?? row.spec.piece?.title ?? 'New piece',
			file: row.spec
		}
	};
};
