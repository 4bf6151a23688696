import { readJobNumber } from '$core/job/number.ts';
import { call, route } from '$lib/server/answer.ts';
import { putState } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';
import { checkState } from '$lib/server/validation/state.ts';
import { there } from '$core/units/there.ts';

export const { PUT, fallback } = route({
	PUT: call({
		body: json(),
		answer: ({ db, params, body }) => {
			const state = checkState(body);
			return state.ok
				? putState(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), state.value)
				: state.answer;
		}
	})
});
