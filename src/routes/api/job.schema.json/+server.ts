import { call, route } from '$lib/server/answer.ts';
import { jobJsonSchema } from '$lib/server/validation/json-schema.ts';

export const { GET, fallback } = route({ GET: call({ answer: () => ({ status: 200, body: jobJsonSchema() }) }) });
