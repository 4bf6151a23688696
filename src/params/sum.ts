import type { ParamMatcher } from '@sveltejs/kit';

/** A SHA-256 in hexadecimal. */
export const match: ParamMatcher = (text) => /^[0-9a-f]{64}$/.test(text);
