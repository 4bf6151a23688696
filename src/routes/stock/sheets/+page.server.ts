import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { selectStock, selectThings } from '$lib/server/db/stock.ts';
import { writtenShop } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => ({
	stock: await selectStock(database()),
	things: await selectThings(database()),
	shop: await writtenShop(database())
});
