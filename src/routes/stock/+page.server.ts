import { redirect } from '@sveltejs/kit';

/** Materials are what Stock holds so far. */
export const load = () => redirect(307, '/stock/materials');
