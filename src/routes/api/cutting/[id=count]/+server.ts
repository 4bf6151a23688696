import { call, route } from '$lib/server/answer.ts';
import { deletePlan, getPlan } from '$lib/server/cutting-plans.ts';

export const { GET, DELETE, fallback } = route({
	GET: call({ answer: ({ db, params }) => getPlan(db, Number(params.id)) }),
	DELETE: call({ answer: ({ db, params }) => deletePlan(db, Number(params.id)) })
});
