import { call, route } from '$lib/server/answer.ts';
import { getStock, postStock } from '$lib/server/stock.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db }) => getStock(db) }),
	POST: call({ body: json(), answer: ({ db, body }) => postStock(db, body) })
});
