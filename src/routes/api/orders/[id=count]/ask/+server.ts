import { call, route } from '$lib/server/answer.ts';
import { postAsk } from '$lib/server/orders.ts';

export const { POST, fallback } = route({
	POST: call({ answer: ({ db, params }) => postAsk(db, Number(params.id)) })
});
