import type { PageServerLoad } from './$types';
import { benchPage } from '$lib/server/bench.ts';

export const load: PageServerLoad = ({ params }) => benchPage(params.number);
