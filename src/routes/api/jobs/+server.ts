import Joi from 'joi';
import { JOB_STATES } from '$core/job/state.ts';
import { call, route } from '$lib/server/answer.ts';
import { listJobs, postJob, type ListQuery, type PostJob } from '$lib/server/jobs.ts';
import { json } from '$lib/server/validation/body.ts';
import { after, find, jobNumber } from '$lib/server/validation/query.ts';

const listed = Joi.object<ListQuery>({
	find,
	after,
	state: Joi.string()
		.valid(...JOB_STATES)
		.default(null)
		.messages({ '*': `Enter one of ${JOB_STATES.join(', ')}.` }),
	order: Joi.string().valid('newest', 'pressing').default('newest').messages({ '*': 'Enter newest or pressing.' })
});
const posted = Joi.object<PostJob>({
	number: jobNumber,
	orEmpty: Joi.boolean().messages({ '*': 'Enter true or false.' })
});

export const { GET, POST, fallback } = route({
	GET: call({ query: listed, answer: ({ db, query }) => listJobs(db, query) }),
	POST: call({ query: posted, body: json(), answer: ({ db, body, query }) => postJob(db, body, query) })
});
