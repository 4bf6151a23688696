import { call, route } from '$lib/server/answer.ts';
import { readCalliper } from '$lib/server/instruments/calliper.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ body }) => readCalliper(body) })
});
