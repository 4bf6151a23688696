import { call, route } from '$lib/server/answer.ts';
import { planCutting } from '$lib/server/cutting.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ keepsNothing: true, body: json(), answer: ({ body, left }) => planCutting(body, left) })
});
