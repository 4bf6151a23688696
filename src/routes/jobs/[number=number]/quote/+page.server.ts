import type { PageServerLoad } from './$types';
import { costPage } from '$lib/server/job-cost.ts';

export const load: PageServerLoad = ({ params }) => costPage(params.number);
