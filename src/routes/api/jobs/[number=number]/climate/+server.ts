import { readJobNumber } from '$core/job/number.ts';
import { call, route } from '$lib/server/answer.ts';
import { getClimates, postClimate } from '$lib/server/rooms.ts';
import { json } from '$lib/server/validation/body.ts';
import { there } from '$core/units/there.ts';

export const { GET, POST, fallback } = route({
	GET: call({
		answer: ({ db, params }) => getClimates(db, there(readJobNumber(there(params.number, 'number')), 'read job number'))
	}),
	POST: call({
		body: json(),
		answer: ({ db, params, body }) =>
			postClimate(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), body)
	})
});
