import { call, route } from '$lib/server/answer.ts';
import type { ListKey } from '$lib/server/shop.ts';
import { touchesOf } from '$lib/server/touches.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({ body: json(), answer: ({ db, params, body }) => touchesOf(db, params.list as ListKey, body) })
});
