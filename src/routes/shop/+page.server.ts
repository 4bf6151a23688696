import type { PageServerLoad } from './$types';
import type { WrittenSize } from '$core/shop/pack-sizes.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<WrittenSize[]>(database(), 'packSizes');
	return { rev, packSizes: items };
};
