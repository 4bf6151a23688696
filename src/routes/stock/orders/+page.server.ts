import { format } from 'date-fns';
import type { PageServerLoad } from './$types';
import { openParts } from '$lib/server/cutting.ts';
import { database } from '$lib/server/db/connection.ts';
import { selectKept, selectOrders } from '$lib/server/db/orders.ts';
import { selectStock, selectThings } from '$lib/server/db/stock.ts';
import { writtenShop } from '$lib/server/shop.ts';
import { findSupplier } from '$lib/server/supplier.ts';

export const load: PageServerLoad = async () => ({
	jobs: (await openParts(database(), format(new Date(), 'yyyy-MM-dd'))).jobs,
	shop: await writtenShop(database()),
	stock: await selectStock(database()),
	things: await selectThings(database()),
	kept: await selectKept(database()),
	orders: await selectOrders(database()),
	supplier: await findSupplier()
});
