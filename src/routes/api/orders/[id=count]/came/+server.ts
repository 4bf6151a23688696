import { call, route } from '$lib/server/answer.ts';
import { postCame } from '$lib/server/orders.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ body: json(), answer: ({ db, params, body }) => postCame(db, Number(params.id), body) })
});
