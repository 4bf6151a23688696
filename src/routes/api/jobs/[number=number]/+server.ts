import Joi from 'joi';
import { readJobNumber } from '$core/job/number.ts';
import { call, revisionNamed, route } from '$lib/server/answer.ts';
import { deleteJob, getJob, putJob } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';
import { revision } from '$lib/server/validation/query.ts';

const which = Joi.object<{ rev: number | null }>({ rev: revision.default(null) });
const why = Joi.object<{ reason: string }>({
	reason: Joi.string().allow('').max(200).default('').messages({ '*': 'A reason has at most 200 letters.' })
});

export const { GET, PUT, DELETE, fallback } = route({
	GET: call({ query: which, answer: ({ db, params, query }) => getJob(db, readJobNumber(params.number!)!, query.rev) }),
	PUT: call({
		query: why,
		body: json(),
		answer: ({ db, params, query, body, headers }) => {
			const on = revisionNamed(headers, 7);
			return on.ok ? putJob(db, readJobNumber(params.number!)!, body, on.value, query.reason) : on.answer;
		}
	}),
	DELETE: call({ answer: ({ db, params }) => deleteJob(db, readJobNumber(params.number!)!) })
});
