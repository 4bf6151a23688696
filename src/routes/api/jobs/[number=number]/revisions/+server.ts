import { readJobNumber } from '$core/job/number.ts';
import { call, route } from '$lib/server/answer.ts';
import { getRevisions } from '$lib/server/jobs.ts';

export const { GET, fallback } = route({
	GET: call({ answer: ({ db, params }) => getRevisions(db, readJobNumber(params.number!)!) })
});
