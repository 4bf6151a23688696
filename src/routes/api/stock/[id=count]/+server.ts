import { call, route } from '$lib/server/answer.ts';
import { getMovements, putStock } from '$lib/server/stock.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, PUT, fallback } = route({
	GET: call({ answer: ({ db, params }) => getMovements(db, Number(params.id)) }),
	PUT: call({ body: json(), answer: ({ db, params, body }) => putStock(db, Number(params.id), body) })
});
