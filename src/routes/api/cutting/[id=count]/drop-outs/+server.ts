import { call, route } from '$lib/server/answer.ts';
import { postDropOut } from '$lib/server/cutting-plans.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ body: json(), answer: ({ db, params, body }) => postDropOut(db, Number(params.id), body) })
});
