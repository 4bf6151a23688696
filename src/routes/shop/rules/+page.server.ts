import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { writtenShop } from '$lib/server/shop.ts';

/** Rules name the figures of this house. */
export const load: PageServerLoad = async () => ({ shop: await writtenShop(database()) });
