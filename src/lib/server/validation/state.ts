/** Whether a job is open, handed over or archived, as a call says it. */
import Joi from 'joi';
import { faults, type Got } from '../answer.ts';
import { JOB_STATES, type JobState } from '$core/job/state.ts';
import { checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

export const stateSchema = Joi.object<{ state: JobState }>({
	state: Joi.string()
		.valid(...JOB_STATES)
		.required()
		.messages({ '*': `Enter one of ${JOB_STATES.join(', ')}.` })
}).messages(SENTENCES);

export function checkState(body: unknown): Got<JobState> {
	const read = checked<{ state: JobState }>(stateSchema, body);
	return read.ok ? { ok: true, value: read.value.state } : { ok: false, answer: faults(400, read.faults) };
}
