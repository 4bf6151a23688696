import type { PageServerLoad } from './$types';
import type { WrittenMaterial } from '$core/shop/catalogue.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf, shopOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<WrittenMaterial[]>(database(), 'materials');
	const { currency } = await shopOf(database());
	return { rev, materials: items, currency };
};
