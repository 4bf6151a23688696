import { call, route } from '$lib/server/answer.ts';
import { postPlan } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ db, body }) => postPlan(db, body) })
});
