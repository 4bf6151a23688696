import type { PageServerLoad } from './$types';
import type { WrittenShelfItem } from '$core/shop/shelf.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectHeld, selectReady } from '$lib/server/db/ready.ts';
import { listOf, writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<WrittenShelfItem[]>(database(), 'shelf');
	return {
		rev,
		shelf: items,
		shop: await writtenShop(database()),
		held: await selectHeld(database()),
		lines: await selectReady(database())
	};
};
