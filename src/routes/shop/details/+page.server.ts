import type { PageServerLoad } from './$types';
import type { About } from '$core/shop/about.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<About>(database(), 'about');
	return { rev, about: items };
};
