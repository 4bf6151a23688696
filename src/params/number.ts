import type { ParamMatcher } from '@sveltejs/kit';

/** A job number such as K-0142. */
export const match: ParamMatcher = (text) => /^K-\d{1,9}$/.test(text);
