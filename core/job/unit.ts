/** Changing the unit of a job: a bare number in a string took the old unit, so it is given that unit before the new one comes. */
import type { Unit } from '../units/length.ts';
import { jobDefinition, type JobFile } from './definition.ts';
import type { Field } from './field.ts';
import { isGroup } from './read.ts';
import { known, nth } from '../units/there.ts';

/** @returns a new file in the other unit, every length in it meaning what it meant before */
export function withUnit(file: JobFile, unit: Unit): JobFile {
	const from: Unit = file.unit ?? 'mm';
	return { ...(named(jobDefinition, file, from) as JobFile), unit };
}

/** `16 1/4` → `16 1/4 in`; what names a unit stays as it was typed. */
export function nameUnit(text: string, unit: Unit): string {
	return /[a-z"'″′”’]\s*$/i.test(text.trim()) ? text : `${text.trim()} ${unit}`;
}

function named(field: Field, value: unknown, unit: Unit): unknown {
	switch (field.kind) {
		case 'length':
			return typeof value === 'string' ? nameUnit(value, unit) : value;
		case 'sides':
		case 'lengthOrWord':
			if (isGroup(value))
				return Object.fromEntries(
					Object.entries(value).map(([side, one]) => [side, typeof one === 'string' ? nameUnit(one, unit) : one])
				);
			return typeof value === 'string' && !(field.kind === 'lengthOrWord' && field.words.includes(value))
				? nameUnit(value, unit)
				: value;
		case 'list':
			return Array.isArray(value) ? value.map((item) => named(field.of, item, unit)) : value;
		case 'none':
			return value === null ? null : named(field.or, value, unit);
		case 'either':
			return named(nth(field.of, isGroup(value) ? field.of.findIndex((one) => one.kind === 'group') : 0), value, unit);
		case 'group':
			if (!isGroup(value)) return value;
			return Object.fromEntries(
				Object.entries(value).map(([key, item]) => [
					key,
					Object.hasOwn(field.fields, key) ? named(known(field.fields, key), item, unit) : item
				])
			);
		default:
			return value;
	}
}
