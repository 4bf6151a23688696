import type { ParamMatcher } from '@sveltejs/kit';

/** A drawing of a job: a view, or the parts that are cut. */
export const match: ParamMatcher = (text) => ['front', 'section', 'back', 'cut'].includes(text);
