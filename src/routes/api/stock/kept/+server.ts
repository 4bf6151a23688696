import { call, route } from '$lib/server/answer.ts';
import { getKept, putKept } from '$lib/server/orders.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, PUT, fallback } = route({
	GET: call({ answer: ({ db }) => getKept(db) }),
	PUT: call({ body: json(), answer: ({ db, body }) => putKept(db, body) })
});
