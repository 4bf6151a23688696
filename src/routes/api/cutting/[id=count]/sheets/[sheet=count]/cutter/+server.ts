import { call, route } from '$lib/server/answer.ts';
import { postToCutter } from '$lib/server/cutter.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ body: json(), answer: ({ db, params, body }) => postToCutter(db, Number(params.id), Number(params.sheet), body) })
});
