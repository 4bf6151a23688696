import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { selectStock } from '$lib/server/db/stock.ts';
import { writtenShop } from '$lib/server/shop.ts';

/** `?of=14,15`: the lines of stock that labels are printed for. */
export const load: PageServerLoad = async ({ url }) => {
	const wanted = (url.searchParams.get('of') ?? '').split(',').map(Number);
	const stock = await selectStock(database());
	return { stock: stock.filter(({ id }) => wanted.includes(id)), shop: await writtenShop(database()) };
};
