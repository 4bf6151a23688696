import type { PageServerLoad } from './$types';
import { jobPage } from '$lib/server/job-page.ts';

export const load: PageServerLoad = ({ params }) => jobPage(params.number);
