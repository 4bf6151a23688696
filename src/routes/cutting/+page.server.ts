import { format } from 'date-fns';
import type { PageServerLoad } from './$types';
import { openParts } from '$lib/server/cutting.ts';
import { selectOpenPlans } from '$lib/server/db/cutting.ts';
import { selectStock } from '$lib/server/db/stock.ts';
import { database } from '$lib/server/db/connection.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => {
	const { jobs, more } = await openParts(database(), format(new Date(), 'yyyy-MM-dd'), true);
	return {
		jobs: jobs.filter(({ parts }) => parts.length > 0),
		left: jobs.filter(({ fault }) => fault !== null),
		more,
		shop: await writtenShop(database()),
		stock: await selectStock(database()),
		plans: await selectOpenPlans(database())
	};
};
