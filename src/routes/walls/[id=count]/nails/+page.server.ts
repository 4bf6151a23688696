import type { PageServerLoad } from './$types';
import { wallPage } from '$lib/server/wall.ts';

export const load: PageServerLoad = ({ params }) => wallPage(Number(params.id));
