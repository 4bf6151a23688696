import { call, route } from '$lib/server/answer.ts';
import { postSteps } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ db, body }) => postSteps(db, body) })
});
