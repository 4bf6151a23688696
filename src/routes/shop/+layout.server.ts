import type { LayoutServerLoad } from './$types';
import { littleSpace, spaceNow } from '$lib/server/space.ts';

/** What is said beforehand of the disk that the data lie on. */
export const load: LayoutServerLoad = async () => ({ littleSpace: littleSpace(await spaceNow()) });
