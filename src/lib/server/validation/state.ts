/** Whether a job is open, handed over or archived, as a call says it. */
import Joi from 'joi';
import { faults, type Got } from '../answer.ts';
import { JOB_STATES, type JobState } from '$core/job/state.ts';
import { pathOf } from './job-file.ts';

const schema = Joi.object<{ state: JobState }>({
	state: Joi.string()
		.valid(...JOB_STATES)
		.required()
		.messages({ '*': `Enter one of ${JOB_STATES.join(', ')}.` })
});

export function checkState(body: unknown): Got<JobState> {
	const { error, value } = schema.validate(body, { abortEarly: false, convert: false });
	if (!error) return { ok: true, value: value.state };
	return {
		ok: false,
		answer: faults(
			400,
			error.details.map(({ path, message }) => ({ path: pathOf(path), says: message }))
		)
	};
}
