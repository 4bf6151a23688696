import type { PageServerLoad } from './$types';
import type { OwnStep } from '$core/shop/own-steps.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<OwnStep[]>(database(), 'steps');
	return { rev, steps: items };
};
