/** Whether a job is open, handed over or archived, as a call says it. */
import Joi from 'joi';
import { faults, type Got } from '../answer.ts';
import type { State } from '../db/jobs.ts';
import { pathOf } from './job-file.ts';

type Kept = Exclude<State, 'deleted'>;
const KEPT = ['open', 'handed-over', 'archived'] as const satisfies readonly Kept[];

const schema = Joi.object<{ state: Kept }>({
	state: Joi.string()
		.valid(...KEPT)
		.required()
		.messages({ '*': `One of ${KEPT.join(', ')}.` })
});

export function checkState(body: unknown): Got<Kept> {
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
