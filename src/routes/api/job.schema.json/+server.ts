import type { RequestHandler } from './$types';
import { onlyMethods, respond } from '$lib/server/answer.ts';
import { jobJsonSchema } from '$lib/server/validation/json-schema.ts';

export const GET: RequestHandler = () => respond({ status: 200, body: jobJsonSchema() });

export const fallback = onlyMethods('GET');
