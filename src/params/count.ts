import type { ParamMatcher } from '@sveltejs/kit';

/** A whole number as the database counts. */
export const match: ParamMatcher = (text) => /^\d{1,15}$/.test(text);
