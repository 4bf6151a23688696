import type { RequestHandler } from './$types';
import { respond } from '$lib/server/answer.ts';
import { notFound } from '$lib/server/jobs.ts';

/** Every other address under /api. */
export const fallback: RequestHandler = () => respond(notFound);
