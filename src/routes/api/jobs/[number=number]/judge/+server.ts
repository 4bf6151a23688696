import { readJobNumber } from '$core/job/number.ts';
import { there } from '$core/units/there.ts';
import { call, route } from '$lib/server/answer.ts';
import { postJudge } from '$lib/server/trainer.ts';
import { json } from '$lib/server/validation/body.ts';

export const { POST, fallback } = route({
	POST: call({
		body: json(),
		answer: ({ db, params, body }) => postJudge(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), body)
	})
});
