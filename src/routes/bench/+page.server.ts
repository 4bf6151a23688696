import type { PageServerLoad } from './$types';
import { benchesPage } from '$lib/server/bench.ts';

export const load: PageServerLoad = () => benchesPage();
