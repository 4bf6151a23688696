import type { ParamMatcher } from '@sveltejs/kit';
import { readJobNumber } from '$core/job/number.ts';

/** A job number such as K-0142. */
export const match: ParamMatcher = (text) => readJobNumber(text) !== null;
