import type { ParamMatcher } from '@sveltejs/kit';

/** As far as the database counts. */
const MOST = 2_147_483_647;

/** A whole number as the database counts. */
export const match: ParamMatcher = (text) => /^\d{1,10}$/.test(text) && Number(text) <= MOST;
