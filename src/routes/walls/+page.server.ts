import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import { selectWalls } from '$lib/server/db/walls.ts';

export const load: PageServerLoad = async () => ({ walls: await selectWalls(database()) });
