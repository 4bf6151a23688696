import type { PageServerLoad } from './$types';
import type { WrittenFigure } from '$core/shop/own-house.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { rev, items } = await listOf<WrittenFigure[]>(database(), 'house');
	return { rev, house: items };
};
