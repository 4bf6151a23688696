import { call, route } from '$lib/server/answer.ts';
import { removeKept } from '$lib/server/orders.ts';

export const { DELETE, fallback } = route({
	DELETE: call({ answer: ({ db, params }) => removeKept(db, Number(params.id)) })
});
