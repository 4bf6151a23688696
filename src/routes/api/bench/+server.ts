import { call, route } from '$lib/server/answer.ts';
import { getOpenRuns } from '$lib/server/bench.ts';

export const { GET, fallback } = route({ GET: call({ answer: ({ db }) => getOpenRuns(db) }) });
