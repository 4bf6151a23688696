import type { ParamMatcher } from '@sveltejs/kit';

/** A list of the shop that has an address of its own. */
export const match: ParamMatcher = (text) =>
	['about', 'materials', 'places', 'shelf', 'house', 'schools', 'steps'].includes(text);
