import { call, route } from '$lib/server/answer.ts';
import { getLost } from '$lib/server/bench.ts';

export const { GET, fallback } = route({ GET: call({ answer: ({ db }) => getLost(db) }) });
