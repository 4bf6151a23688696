import { readJobNumber } from '$core/job/number.ts';
import { call, route } from '$lib/server/answer.ts';
import { getClimates, postClimate } from '$lib/server/rooms.ts';
import { json } from '$lib/server/validation/body.ts';

export const { GET, POST, fallback } = route({
	GET: call({ answer: ({ db, params }) => getClimates(db, readJobNumber(params.number!)!) }),
	POST: call({ body: json(), answer: ({ db, params, body }) => postClimate(db, readJobNumber(params.number!)!, body) })
});
