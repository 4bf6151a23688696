/** What stands behind the `?` of an address: known keys, texts that can be kept. */
import Joi from 'joi';
import { readJobNumber, showJobNumber } from '$core/job/number.ts';
import type { Fault } from '$core/job/faults.ts';
import type { After } from '../db/jobs.ts';
import type { AfterPressing } from '../db/today.ts';
import { isDay } from '$core/units/day.ts';
import { isPrintable, UNPRINTABLE_SAYS } from '$core/units/printable.ts';
import { pathOf } from './job-file.ts';

const NOTHING = Joi.object({});

/** @returns the query as its schema reads it, or every fault of it */
export function readQuery<T>(url: URL, schema?: Joi.ObjectSchema<T>): { ok: true; value: T } | { ok: false; faults: Fault[] } {
	const given: Record<string, string> = {};
	const found: Fault[] = [];
	for (const [key, text] of url.searchParams) {
		if (!isPrintable(key) || !isPrintable(text))
			found.push({
				path: isPrintable(key) ? key : '',
				says: UNPRINTABLE_SAYS
			});
		else if (Object.hasOwn(given, key)) found.push({ path: key, says: 'This is given twice.' });
		else Object.defineProperty(given, key, { value: text, enumerable: true });
	}
	const { error, value } = ((schema ?? NOTHING) as Joi.ObjectSchema<T>).validate(given, {
		abortEarly: false,
		messages: { '*': 'This is not accepted here.' }
	});
	for (const { path, message, type } of error?.details ?? [])
		found.push({ path: pathOf(path), says: type === 'object.unknown' ? `This key is not recognised.${known(schema)}` : message });
	return found.length > 0 ? { ok: false, faults: found } : { ok: true, value: value as T };
}

function known(schema?: Joi.ObjectSchema): string {
	const keys = Object.keys((schema?.describe().keys as object | undefined) ?? {});
	return keys.length > 0 ? ` Use: ${keys.join(', ')}.` : '';
}

/** What one looks for. */
export const find = Joi.string().allow('').max(200).default('').messages({ '*': 'Search for at most 200 letters.' });

/** A job's number as it counts. */
export const jobNumber = Joi.string()
	.custom((text: string, helpers) => readJobNumber(text) ?? helpers.error('any.invalid'))
	.messages({ '*': 'Enter a job number such as K-0142.' });

export const revision = Joi.string()
	.pattern(/^\d{1,9}$/)
	.custom(Number)
	.messages({ '*': 'Enter a whole number for the revision.' });

/** Which revision one asks for; none: the latest. */
export const ofRevision = Joi.object<{ rev: number | null }>({ rev: revision.default(null) });

/** After which event one asks; none: from the first. */
export const afterEvent = Joi.string()
	.pattern(/^\d{1,15}$/)
	.custom(Number)
	.default(0)
	.messages({ '*': 'Enter an event number, or nothing.' });

/** Where a page begins, as `showAfter` writes it. */
export const after = Joi.string()
	.custom((text: string, helpers) => {
		const [, day, name] = /^(?:(\d{4}-\d{2}-\d{2})\.)?(K-\d+)$/.exec(text) ?? [];
		const number = name === undefined ? null : readJobNumber(name);
		if (number === null || (day !== undefined && !isDay(day))) return helpers.error('any.invalid');
		return { wanted: day ?? null, number };
	})
	.default(null)
	.messages({ '*': 'Enter the “next” of the previous page, such as K-0142.' });

/** Where a page of Today begins, as an address carries it: `late.2026-05-15.K-0142`, `rest.K-0142`. */
export function showAfterPressing({ part, wanted, number }: NonNullable<AfterPressing>): string {
	return `${part}.${wanted ? `${wanted}.` : ''}${showJobNumber(number)}`;
}

export const afterPressing = Joi.string()
	.custom((text: string, helpers) => {
		const [, part, rest] = /^(late|stopped|rest|ready|ended)\.(.*)$/.exec(text) ?? [];
		const { error, value } = after.validate(rest ?? '') as Joi.ValidationResult<After>;
		return part === undefined || error || !value ? helpers.error('any.invalid') : { part, ...value };
	})
	.default(null)
	.messages({ '*': 'Enter the “next” of the previous page, such as rest.K-0142.' });
