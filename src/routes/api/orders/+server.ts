import { call, route } from '$lib/server/answer.ts';
import { getOrders, postOrder } from '$lib/server/orders.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getOrders(db) }),
	POST: call({ body: json(), answer: ({ db, body }) => postOrder(db, body) })
});
