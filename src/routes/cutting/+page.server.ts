import { format } from 'date-fns';
import type { PageServerLoad } from './$types';
import { openParts } from '$lib/server/cutting.ts';
import { selectOpenPlans } from '$lib/server/db/cutting.ts';
import { selectStock } from '$lib/server/db/stock.ts';
import { database } from '$lib/server/db/connection.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => ({
	...(await openParts(database(), format(new Date(), 'yyyy-MM-dd'))),
	shop: await writtenShop(database()),
	stock: await selectStock(database()),
	plans: await selectOpenPlans(database())
});
