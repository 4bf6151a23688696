import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { findCutter } from '$lib/server/cutter.ts';
import { selectPlan } from '$lib/server/db/cutting.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectStockPlaces } from '$lib/server/db/stock.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async ({ params }) => {
	const kept = await selectPlan(database(), Number(params.id));
	if (!kept) error(404, 'There is no cutting plan with that number.');
	return {
		kept,
		places: await selectStockPlaces(database(), kept.id),
		shop: await writtenShop(database()),
		cutter: kept.state === 'open' ? await findCutter() : null
	};
};
