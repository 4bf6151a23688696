import { call, notFound } from '$lib/server/answer.ts';

/** Every other address under /api. */
export const fallback = call({ answer: () => notFound });
