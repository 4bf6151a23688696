import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { writtenShop } from '$lib/server/shop.ts';
import { caseRecords } from '$lib/server/trainer.ts';

export const load: PageServerLoad = async () => ({ cases: await caseRecords(database()), shop: await writtenShop(database()) });
