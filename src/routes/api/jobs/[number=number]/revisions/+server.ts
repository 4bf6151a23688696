import { readJobNumber } from '$core/job/number.ts';
import { call, route } from '$lib/server/answer.ts';
import { getRevisions } from '$lib/server/jobs.ts';
import { there } from '$core/units/there.ts';

export const { GET, fallback } = route({
	GET: call({
		answer: ({ db, params }) => getRevisions(db, there(readJobNumber(there(params.number, 'number')), 'read job number'))
	})
});
