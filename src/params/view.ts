import type { ParamMatcher } from '@sveltejs/kit';

/** A drawing of a job. */
export const match: ParamMatcher = (text) => ['front', 'section', 'back'].includes(text);
