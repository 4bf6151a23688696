/** A body held against its schema. */
import type Joi from 'joi';
import type { Fault } from '$core/job/faults.ts';
import { pathOf } from './job-file.ts';

export type Checked<T> = { ok: true; value: T } | { ok: false; faults: Fault[] };

/** @returns the body with its defaults, or every fault with its path */
export function checked<T>(schema: Joi.ObjectSchema, body: unknown): Checked<T> {
	const { error, value } = schema.validate(body, { abortEarly: false, convert: false });
	return error
		? { ok: false, faults: error.details.map(({ path, message }) => ({ path: pathOf(path), says: message })) }
		: { ok: true, value: value as T };
}
