import type { PageServerLoad } from './$types';
import type { OwnSchool } from '$core/shop/own-schools.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<OwnSchool[]>(database(), 'schools');
	return { rev, schools: items };
};
