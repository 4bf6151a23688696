/** Job file → job: lengths to millimetres, single lengths to four sides. Shapes, keys and bounds are checked on the way. */
import { readLength, type Unit } from '../units/length.ts';
import { SIDES } from '../geometry/shapes.ts';
import { jobDefinition, JOB_FORMAT, JOB_VERSION, REQUIRED, type Job } from './definition.ts';
import { FaultError, type Fault } from './faults.ts';
import type { Field, Fields } from './field.ts';
import { isPrintable, UNPRINTABLE_SAYS } from '../units/printable.ts';
import { nth } from '../units/there.ts';

/**
 * Reads a job file.
 * @param file parsed JSON, of any shape
 * @returns the job in millimetres
 * @throws FaultError with every fault, each with its path and what to do
 */
export function readJob(file: unknown): Job {
	const faults: Fault[] = [];
	if (!isGroup(file)) throw new FaultError([{ path: '', says: 'A job file must be a group of keys in { }.' }]);
	if (file.format !== JOB_FORMAT) faults.push({ path: 'format', says: `This must be "${JOB_FORMAT}".` });
	else if (file.version !== JOB_VERSION)
		faults.push({
			path: 'version',
			says: `Version ${JSON.stringify(file.version) ?? 'none'} is not supported; this program reads version ${JOB_VERSION}.`
		});
	if (faults.length > 0) throw new FaultError(faults);
	for (const key of REQUIRED) if (!(key in file)) faults.push({ path: key, says: 'This is missing.' });
	const unit: Unit = file.unit === 'in' ? 'in' : 'mm';
	const job = readField(jobDefinition, file, '', unit, faults) as Job;
	if (faults.length === 0) faults.push(...repeatedIds(job));
	if (faults.length > 0) throw new FaultError(faults);
	return job;
}

/** Reads one value by its field; faults are added, the value then is undefined. */
export function readField(field: Field, value: unknown, path: string, unit: Unit, faults: Fault[]): unknown {
	const wrong = (says: string) => void faults.push({ path, says });
	switch (field.kind) {
		case 'length':
			return length(value, path, unit, field.zero, faults);
		case 'sides':
			return sides(value, path, unit, field.zero, faults);
		case 'lengthOrWord':
			return typeof value === 'string' && field.words.includes(value) ? value : sides(value, path, unit, true, faults);
		case 'text':
			if (typeof value !== 'string') return wrong('Must be text, in quotes.');
			if (!isPrintable(value)) return wrong(UNPRINTABLE_SAYS);
			return value.length <= field.most ? value : wrong(`This is longer than ${field.most} letters.`);
		case 'choice':
			return typeof value === 'string' && field.of.includes(value)
				? value
				: wrong(`${shown(value)} is not one of: ${field.of.join(', ')}.`);
		case 'flag':
			return typeof value === 'boolean' ? value : wrong('Must be true or false.');
		case 'number':
			return number(field, value, wrong);
		case 'none':
			return value === null ? null : readField(field.or, value, path, unit, faults);
		case 'list':
			if (!Array.isArray(value)) return wrong('This must be a list in [ ].');
			if (value.length > field.most) return wrong(`There are ${value.length} here; at most ${field.most} are read.`);
			return value.map((item, index) => readField(field.of, item, `${path}[${index}]`, unit, faults));
		case 'group':
			return group(field.fields, value, path, unit, faults);
		case 'either':
			return readField(
				nth(field.of, isGroup(value) ? field.of.findIndex((one) => one.kind === 'group') : 0),
				value,
				path,
				unit,
				faults
			);
	}
}

function length(value: unknown, path: string, unit: Unit, zero: true | undefined, faults: Fault[]): number | undefined {
	if (typeof value !== 'string' && typeof value !== 'number') {
		faults.push({
			path,
			says: `${shown(value)} is not a length. Write millimetres as a number, or a length in quotes such as "16 1/4".`
		});
		return undefined;
	}
	const read = readLength(value, unit, zero);
	if (read.ok) return read.mm;
	faults.push({ path, says: read.says });
	return undefined;
}

function sides(value: unknown, path: string, unit: Unit, zero: true | undefined, faults: Fault[]): unknown {
	if (!isGroup(value)) {
		const all = length(value, path, unit, zero, faults);
		return all === undefined ? undefined : { top: all, right: all, bottom: all, left: all };
	}
	return group(Object.fromEntries(SIDES.map((side) => [side, { kind: 'length', zero, says: side }])), value, path, unit, faults);
}

function number(field: Field & { kind: 'number' }, value: unknown, wrong: (says: string) => void): unknown {
	if (typeof value !== 'number' || !Number.isFinite(value)) return wrong(`${shown(value)} is not a number.`);
	if (field.whole && !Number.isInteger(value)) return wrong(`${value} is not a whole number.`);
	return value >= field.least && value <= field.most ? value : wrong(`${value} is outside ${field.least} to ${field.most}.`);
}

function group(fields: Fields, value: unknown, path: string, unit: Unit, faults: Fault[]): unknown {
	if (!isGroup(value)) {
		faults.push({ path, says: `${shown(value)} is here; enter a group of keys in { }.` });
		return undefined;
	}
	const read: Record<string, unknown> = {};
	for (const key of Object.keys(value)) {
		const at = path === '' ? key : `${path}.${key}`;
		if (key.startsWith('x-')) continue;
		const field = Object.hasOwn(fields, key) ? fields[key] : undefined;
		if (!field)
			faults.push({ path: at, says: `“${key.slice(0, 60)}” is not recognised. Use: ${Object.keys(fields).join(', ')}.` });
		else read[key] = readField(field, value[key], at, unit, faults);
	}
	return read;
}

/** A zone is named on the screen and in remedies, so its name stands once. */
function repeatedIds(job: Job): Fault[] {
	const seen = new Set<string>();
	return (job.piece?.zones ?? []).flatMap(({ id }, index) => {
		if (id === undefined || !seen.has(id)) {
			if (id !== undefined) seen.add(id);
			return [];
		}
		return [{ path: `piece.zones[${index}].id`, says: `“${id}” is used twice. Give each zone its own name.` }];
	});
}

export function isGroup(value: unknown): value is Record<string, unknown> {
	return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function shown(value: unknown): string {
	if (value === null) return 'null';
	if (Array.isArray(value)) return 'A list';
	return typeof value === 'object' ? 'A group of keys' : `“${String(value).slice(0, 60)}”`;
}
