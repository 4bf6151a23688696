import { call, route } from '$lib/server/answer.ts';
import { metricsText } from '$lib/server/metrics.ts';

export const { GET, fallback } = route({ GET: call({ answer: async () => new Response(...(await metricsText())) }) });
