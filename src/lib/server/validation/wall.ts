/** What `POST /api/wall` and `core wall` are given: a wall, what stands before it, and the pictures in groups or at places. */
import Joi from 'joi';
import type { Fault } from '$core/job/faults.ts';
import { ALIGNS, GAPS, LINES, THING_KINDS, WALL_KINDS, type Wall } from '$core/wall/wall.ts';
import { PLACE_CLIMATE_IDS, SOURCES } from '$core/shop/places.ts';
import { wallFrom, type JobPicture, type WallFile } from '$core/wall/written.ts';
import { pathOf } from './job-file.ts';
import { SENTENCES } from './sentences.ts';

/** No wall is longer, in its unit. */
const MOST = 50_000;
export const MOST_PICTURES = 200;
const MOST_THINGS = 100;
const KG_MOST = 500;
const SLOPE_MOST = 2;
const HOOKS_MOST = 8;
const HOURS = 24;
const LUX_MOST = 200_000;
export const MOST_READINGS = 50;

const length = Joi.number().min(-MOST).max(MOST);
const side = Joi.number().greater(0).max(MOST).required();
const name = Joi.string().min(1).max(80).required();

const thing = Joi.object({
	name: Joi.string().allow('').max(80).default(''),
	kind: Joi.valid(...THING_KINDS).required(),
	left: length.required(),
	bottom: length.required(),
	width: side,
	height: side
});
/** Given outright, or a job that says all of it. */
const picture = Joi.object({
	id: name,
	job: Joi.string().max(20),
	outer: Joi.object({ width: side, height: side }),
	kg: Joi.number().greater(0).max(KG_MOST),
	hooks: Joi.array()
		.items(Joi.object({ x: length.required(), down: Joi.number().min(0).max(MOST).required() }))
		.max(HOOKS_MOST)
})
	.xor('job', 'outer')
	.without('job', ['kg', 'hooks']);
const group = Joi.object({
	pictures: Joi.array().items(Joi.string().max(80)).min(1).max(MOST_PICTURES).required(),
	line: Joi.valid(...LINES).required(),
	from: length.required(),
	to: length.required(),
	align: Joi.string()
		.when('line', {
			switch: LINES.map((line) => ({ is: line, then: Joi.valid(...ALIGNS[line]) }))
		})
		.default('centre'),
	height: length.required(),
	gap: Joi.alternatives(Joi.valid(...GAPS), Joi.number().min(0).max(MOST)).default('equal'),
	slope: Joi.number()
		.min(-SLOPE_MOST)
		.max(SLOPE_MOST)
		.default(0)
		.when('line', { is: 'row', otherwise: Joi.valid(0).messages({ 'any.only': 'Only a row has a slope.' }) }),
	columns: Joi.number()
		.integer()
		.min(1)
		.max(MOST_PICTURES)
		.when('line', {
			is: 'grid',
			then: Joi.required(),
			otherwise: Joi.forbidden().messages({ 'any.unknown': 'Only a grid has columns.' })
		})
});

export const wallSchema = Joi.object({
	format: Joi.valid('rare-keep/wall').required(),
	version: Joi.valid(1).required(),
	unit: Joi.valid('mm', 'in').default('mm'),
	wall: Joi.object({
		width: side,
		height: side,
		kind: Joi.valid(...WALL_KINDS).required(),
		outside: Joi.boolean(),
		climate: Joi.string().valid(...PLACE_CLIMATE_IDS),
		light: Joi.object({
			source: Joi.valid(...Object.keys(SOURCES)).required(),
			hoursPerDay: Joi.number().min(0).max(HOURS).required(),
			readings: Joi.array()
				.items(
					Joi.object({ left: length.required(), height: length.required(), lux: Joi.number().min(0).max(LUX_MOST).required() })
				)
				.max(MOST_READINGS)
				.required()
		}),
		things: Joi.array().items(thing).max(MOST_THINGS).default([])
	}).required(),
	pictures: Joi.array().items(picture).max(MOST_PICTURES).required(),
	groups: Joi.array().items(group).max(MOST_PICTURES).default([]),
	places: Joi.array()
		.items(Joi.object({ id: name, left: length.required(), centre: length.required() }))
		.max(MOST_PICTURES)
		.default([])
})
	.pattern(/^x-/, Joi.any())
	.messages({
		...SENTENCES,
		'object.missing': 'Enter its outer size, or its job.',
		'object.xor': 'Enter its outer size or its job, not both.',
		'object.without': 'A job has its own weight and hooks.',
		'alternatives.types': 'Enter equal, between, or a length.',
		'alternatives.match': 'Enter equal, between, or a length of at least 0.',
		'array.min': 'A group needs at least one picture.',
		'array.max': 'At most {#limit}.'
	});

export type CheckedWall = { ok: true; wall: Wall; unit: 'mm' | 'in' } | { ok: false; faults: Fault[] };

/** Numbers of the jobs that a wall names. */
export function jobsOn(body: unknown): string[] {
	const { error, value } = wallSchema.validate(body, { abortEarly: false, convert: false });
	return error ? [] : (value as WallFile).pictures.flatMap(({ job }) => (job === undefined ? [] : [job]));
}

/**
 * Every fault with its path: `groups[0].pictures[1]`; lengths in mm, whatever the file's unit.
 * @param jobs what is known of jobs: each picture that is one, by its number
 */
export function checkWall(body: unknown, jobs: ReadonlyMap<string, JobPicture>): CheckedWall {
	const { error, value } = wallSchema.validate(body, { abortEarly: false, convert: false });
	if (error) return { ok: false, faults: error.details.map(({ path, message }) => ({ path: pathOf(path), says: message })) };
	const written = value as WallFile;
	const faults = [...repeated(written), ...unknown(written), ...backwards(written)];
	const { wall, faults: unhung } = wallFrom(written, jobs);
	if (faults.length + unhung.length > 0) return { ok: false, faults: [...faults, ...unhung] };
	return { ok: true, unit: written.unit, wall };
}

function repeated({ pictures, groups, places }: WallFile): Fault[] {
	const ids = new Set<string>();
	const again = pictures.flatMap(({ id }, at) => {
		const there = ids.has(id);
		ids.add(id);
		return there ? [{ path: `pictures[${at}].id`, says: `“${id}” is already in the list.` }] : [];
	});
	const hung = new Set<string>();
	const twice = (id: string, path: string): Fault[] => {
		const there = hung.has(id);
		hung.add(id);
		return there ? [{ path, says: `“${id}” is already hung elsewhere.` }] : [];
	};
	return [
		...again,
		...groups.flatMap((one, at) => one.pictures.flatMap((id, index) => twice(id, `groups[${at}].pictures[${index}]`))),
		...places.flatMap(({ id }, at) => twice(id, `places[${at}].id`))
	];
}

function unknown({ pictures, groups, places }: WallFile): Fault[] {
	const ids = new Set(pictures.map(({ id }) => id));
	const missing = (id: string, path: string): Fault[] =>
		ids.has(id) ? [] : [{ path, says: `No picture “${id}” on this wall.` }];
	return [
		...groups.flatMap((one, at) => one.pictures.flatMap((id, index) => missing(id, `groups[${at}].pictures[${index}]`))),
		...places.flatMap(({ id }, at) => missing(id, `places[${at}].id`))
	];
}

/** From left to right; a column from the ceiling down. */
function backwards({ groups }: WallFile): Fault[] {
	return groups.flatMap(({ line, from, to }, at) =>
		line === 'column'
			? from > to
				? []
				: [{ path: `groups[${at}].to`, says: 'A column runs down: its end must be below its start.' }]
			: to > from
				? []
				: [{ path: `groups[${at}].to`, says: 'It runs to the right: its end must be right of its start.' }]
	);
}
