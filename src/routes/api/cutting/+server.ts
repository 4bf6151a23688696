import { call, route } from '$lib/server/answer.ts';
import { getPlans, postPlan } from '$lib/server/cutting-plans.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getPlans(db) }),
	POST: call({ body: json(4 * 1024 * 1024), answer: ({ db, body }) => postPlan(db, body) })
});
