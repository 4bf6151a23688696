import type { PageServerLoad } from './$types';
import type { WrittenShelfItem } from '$core/shop/shelf.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf, writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<WrittenShelfItem[]>(database(), 'shelf');
	return { rev, shelf: items, shop: await writtenShop(database()) };
};
