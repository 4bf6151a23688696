import type { PageServerLoad } from './$types';
import { plannedPage } from '$lib/server/job-page.ts';

export const load: PageServerLoad = ({ params }) => plannedPage(params.number);
