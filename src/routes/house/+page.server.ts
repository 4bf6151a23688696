import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { settingsOf } from '$lib/server/shop.ts';

export const load: PageServerLoad = async () => settingsOf(database());
