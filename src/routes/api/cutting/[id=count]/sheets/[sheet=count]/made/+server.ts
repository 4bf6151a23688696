import { call, route } from '$lib/server/answer.ts';
import { putMade } from '$lib/server/cutting-plans.ts';
import { json } from '$lib/server/validation/body.ts';

export const { PUT, fallback } = route({
	PUT: call({ body: json(), answer: ({ db, params, body }) => putMade(db, Number(params.id), Number(params.sheet), body) })
});
