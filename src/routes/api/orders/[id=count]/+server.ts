import { call, route } from '$lib/server/answer.ts';
import { closeOrder } from '$lib/server/orders.ts';

export const { DELETE, fallback } = route({
	DELETE: call({ answer: ({ db, params }) => closeOrder(db, Number(params.id)) })
});
