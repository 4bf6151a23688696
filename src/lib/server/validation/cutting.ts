/** What `POST /api/cut` and `core cut` are given: sheets, blanks, and how they are cut. */
import Joi from 'joi';
import type { Fault } from '$core/job/faults.ts';
import type { CuttingJob } from '$core/nesting/figures.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import { pathOf } from './job-file.ts';
import { SENTENCES } from './sentences.ts';

export const MOST_SECONDS = 60;
export const MOST_BLANKS = 5000;
const MOST_LINES = 1000;
const MOST_COUNT = 100_000;
const MOST_COST = 1e9;
/** No blade is thicker. */
const MOST_KERF = 20;
const ID_MOST = 80;

/** Nothing that is cut is narrower: a stick's height of 1 stands for its moulding. */
const LEAST_SIDE = 0.1;
/** Shorter, a plan is only the first that comes. */
const LEAST_SECONDS = 0.01;

const side = Joi.number().min(LEAST_SIDE).less(LONGEST_MM).required();
const id = Joi.string().min(1).max(ID_MOST).required();

export const cuttingSchema = Joi.object({
	format: Joi.valid('rare-keep/cutting').required(),
	version: Joi.valid(1).required(),
	kerf: Joi.number().min(0).max(MOST_KERF).default(0),
	trim: Joi.number().min(0).max(LONGEST_MM).default(0),
	minOffcut: Joi.number().min(0).less(LONGEST_MM).default(200),
	seconds: Joi.number().min(LEAST_SECONDS).max(MOST_SECONDS).default(5),
	sheets: Joi.array()
		.items(
			Joi.object({
				id,
				width: side,
				height: side,
				count: Joi.number().integer().min(0).max(MOST_COUNT).default(1),
				cost: Joi.number().min(0).max(MOST_COST).default(1)
			})
		)
		.max(MOST_LINES)
		.required(),
	blanks: Joi.array()
		.items(
			Joi.object({
				id,
				width: side,
				height: side,
				count: Joi.number().integer().min(0).max(MOST_BLANKS).default(1),
				turn: Joi.boolean().default(true)
			})
		)
		.max(MOST_LINES * 5)
		.required()
})
	.pattern(/^x-/, Joi.any())
	.messages({
		...SENTENCES,
		'any.only': 'Enter {#valids}.',
		'string.empty': 'An id needs at least one letter.',
		'array.max': 'Plan at most {#limit} at once.'
	});

export type CheckedCutting = { ok: true; job: CuttingJob } | { ok: false; faults: Fault[] };

/** Every fault with its path: `blanks[2].width`. What is left out is the house's: no kerf, no trim, offcuts from 200 mm, five seconds. */
export function checkCutting(body: unknown): CheckedCutting {
	const { error, value } = cuttingSchema.validate(body, { abortEarly: false, convert: false });
	if (error) return { ok: false, faults: error.details.map(({ path, message }) => ({ path: pathOf(path), says: message })) };
	const { kerf, trim, minOffcut, seconds, sheets, blanks } = value as CuttingJob;
	const job = { kerf, trim, minOffcut, seconds, sheets, blanks };
	const faults = [...repeated('sheets', sheets), ...repeated('blanks', blanks), ...sawdust(job), ...tooMany(job)];
	return faults.length > 0 ? { ok: false, faults } : { ok: true, job };
}

function repeated(list: 'sheets' | 'blanks', of: { id: string }[]): Fault[] {
	const seen = new Set<string>();
	return of.flatMap(({ id: one }, index) => {
		const again = seen.has(one);
		seen.add(one);
		return again ? [{ path: `${list}[${index}].id`, says: `“${one}” is already in the list.` }] : [];
	});
}

/** A blank that is narrower than the blade: it would be cut away with what lies beside it. As wide as every sheet it needs no cut there. */
function sawdust({ kerf, sheets, blanks }: CuttingJob): Fault[] {
	const whole = (key: 'width' | 'height', size: number) => sheets.length > 0 && sheets.every((sheet) => sheet[key] === size);
	return blanks.flatMap(({ id: one, width, height }, index) =>
		Object.entries({ width, height } as const)
			.filter(([key, size]) => size < kerf && !whole(key as 'width' | 'height', size))
			.map(([key]) => ({
				path: `blanks[${index}].${key}`,
				says: `“${one}” is narrower than the kerf of ${kerf} mm.`
			}))
	);
}

function tooMany({ blanks }: CuttingJob): Fault[] {
	const count = blanks.reduce((sum, blank) => sum + blank.count, 0);
	return count > MOST_BLANKS
		? [{ path: 'blanks', says: `${count} blanks requested; at most ${MOST_BLANKS} can be planned at once.` }]
		: [];
}
