/** Joi from the same definition as the reader, the JSON Schema and docs/job-file.md. */
import Joi from 'joi';
import { jobDefinition, REQUIRED } from '$core/job/definition.ts';
import type { JobFile } from '$core/job/definition.ts';
import type { Fault } from '$core/job/faults.ts';
import type { Field, Fields } from '$core/job/field.ts';
import { readField } from '$core/job/read.ts';
import { SIDES } from '$core/geometry/shapes.ts';
import type { Unit } from '$core/units/length.ts';
import { nth, there } from '$core/units/there.ts';

/** Keys that are kept untouched may be this large in all. */
export const EXTRA_KEYS_MOST = 100_000;

export const jobFileSchema = group(jobDefinition.fields, REQUIRED);

export type Checked = { ok: true; job: JobFile } | { ok: false; faults: Fault[] };

/** Every fault of a parsed body, each with its path. */
export function checkJobFile(body: unknown): Checked {
	const unit: Unit = typeof body === 'object' && body !== null && 'unit' in body && body.unit === 'in' ? 'in' : 'mm';
	const { error } = jobFileSchema.validate(body, { abortEarly: false, convert: false, context: { unit } });
	if (!error) return { ok: true, job: body as JobFile };
	return { ok: false, faults: error.details.map((detail) => ({ path: pathOf(detail.path), says: detail.message })) };
}

/** `['mats', 0, 'board']` → `mats[0].board`. */
export function pathOf(keys: readonly (string | number)[]): string {
	return keys.reduce<string>(
		(path, key) => (typeof key === 'number' ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`),
		''
	);
}

function joiOf(field: Field): Joi.Schema {
	switch (field.kind) {
		case 'group':
			return group(field.fields);
		case 'list':
			return Joi.array()
				.items(joiOf(field.of))
				.max(field.most)
				.messages({
					'array.base': 'This must be a list in [ ].',
					'array.max': `There are more than ${field.most} here; at most ${field.most} are read.`
				});
		case 'none':
			return joiOf(field.or).allow(null);
		case 'sides':
		case 'lengthOrWord':
			return Joi.any().when(Joi.object(), { then: group(sideFields(field)), otherwise: leaf(field) });
		case 'either': {
			const shaped = there(
				field.of.find((one) => one.kind === 'group'),
				'find'
			);
			return Joi.any().when(Joi.object(), { then: joiOf(shaped), otherwise: leaf(nth(field.of, 0)) });
		}
		default:
			return leaf(field);
	}
}

/** One value, judged by the core: one sentence for it everywhere. */
function leaf(field: Field): Joi.Schema {
	return Joi.any().custom((value: unknown, helpers) => {
		const faults: Fault[] = [];
		readField(field, value, '', (helpers.prefs.context?.unit ?? 'mm') as Unit, faults);
		return faults.length === 0 ? value : helpers.message({ custom: escapeTemplate(nth(faults, 0).says) });
	});
}

function group(fields: Fields, required: readonly string[] = []): Joi.ObjectSchema {
	const keys = Object.fromEntries(
		Object.entries(fields).map(([key, field]) => [key, required.includes(key) ? joiOf(field).required() : joiOf(field)])
	);
	return Joi.object(keys)
		.pattern(/^x-/, Joi.any())
		.unknown(false)
		.messages({
			'any.required': 'This is missing.',
			'object.base': 'Must be a group of keys in curly brackets.',
			'object.unknown': `This key is not recognised. Use: ${Object.keys(fields).join(', ')}.`
		});
}

function sideFields(field: Field): Fields {
	const zero = field.kind === 'lengthOrWord' || (field.kind === 'sides' && field.zero) ? true : undefined;
	return Object.fromEntries(SIDES.map((side) => [side, { kind: 'length', says: side, ...(zero ? { zero } : {}) }]));
}

/** Joi reads braces in a message as a template. */
function escapeTemplate(text: string): string {
	return text.replace(/[{}]/g, '');
}
