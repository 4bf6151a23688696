import Joi from 'joi';
import { readJobNumber } from '$core/job/number.ts';
import { call, revisionNamed, route } from '$lib/server/answer.ts';
import { deleteJob, getJob, putJob } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';
import { ofRevision } from '$lib/server/validation/query.ts';
import { there } from '$core/units/there.ts';

const why = Joi.object<{ reason: string }>({
	reason: Joi.string().allow('').max(200).default('').messages({ '*': 'Enter a reason of at most 200 letters.' })
});

export const { GET, PUT, DELETE, fallback } = route({
	GET: call({
		query: ofRevision,
		answer: ({ db, params, query }) =>
			getJob(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), query.rev)
	}),
	PUT: call({
		query: why,
		body: json(),
		answer: ({ db, params, query, body, headers }) => {
			const on = revisionNamed(headers, 7);
			return on.ok
				? putJob(db, there(readJobNumber(there(params.number, 'number')), 'read job number'), body, on.value, query.reason)
				: on.answer;
		}
	}),
	DELETE: call({
		answer: ({ db, params }) => deleteJob(db, there(readJobNumber(there(params.number, 'number')), 'read job number'))
	})
});
