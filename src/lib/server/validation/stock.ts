/** What the calls on stock and on kept cutting plans are given. */
import Joi from 'joi';
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import { SHEET_KINDS } from '$core/nesting/offer.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import type { NewStock } from '../db/stock.ts';
import { checkCutting } from './cutting.ts';
import { checked, type Checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

const MOST_SHEETS = 10_000;
const MOST_LETTERS = 80;

const side = Joi.number().greater(0).less(LONGEST_MM).required();
const text = Joi.string().allow('').max(MOST_LETTERS).default('');
const count = Joi.number().integer().min(0).max(MOST_SHEETS).required();

export const arrival = Joi.object({
	kind: Joi.valid(...SHEET_KINDS, 'thing').default('sheet'),
	material: Joi.string().max(MOST_LETTERS).required(),
	colour: text,
	// A thing has no size.
	width: Joi.when('kind', { is: 'thing', then: Joi.valid(0).default(0), otherwise: side }),
	height: Joi.when('kind', { is: 'thing', then: Joi.valid(0).default(0), otherwise: side }),
	lot: text,
	place: text,
	count: count.min(1)
}).messages(SENTENCES);

export const counted = Joi.object({ present: count }).messages(SENTENCES);

export const cutSheet = Joi.object({
	offcuts: Joi.array()
		.items(Joi.object({ width: side, height: side, place: text }))
		.max(200)
		.default([])
}).messages(SENTENCES);

export const dropOut = Joi.object({
	part: Joi.string().max(MOST_LETTERS).required(),
	which: Joi.number().integer().min(1).max(100).required(),
	width: side,
	height: side,
	place: text
}).messages(SENTENCES);

export const toCutter = Joi.object({ fail: Joi.boolean().default(false) }).messages(SENTENCES);

/** `from`: how many were made when whoever marks them last looked. */
export const made = Joi.object({ made: count, from: count, on: Joi.number().integer().min(0) }).messages(SENTENCES);

const rect = {
	left: Joi.number().required(),
	top: Joi.number().required(),
	width: Joi.number().required(),
	height: Joi.number().required()
};
const name = Joi.string().max(MOST_LETTERS);
export const keptPlan = Joi.object({
	material: name.required(),
	colour: text,
	job: Joi.object().required(),
	plan: Joi.object({
		sheets: Joi.array()
			.items(
				Joi.object({
					sheet: name.required(),
					placed: Joi.array()
						.items(Joi.object({ blank: name.required(), ...rect, turned: Joi.boolean().required() }))
						.required(),
					cuts: Joi.array()
						.items(
							Joi.object({
								order: Joi.number().integer().required(),
								from: name.required(),
								axis: Joi.valid('x', 'y').required(),
								at: Joi.number().required(),
								gives: Joi.array().items(name.allow(null)).length(2).required()
							})
						)
						.required(),
					offcuts: Joi.array().items(Joi.object(rect)).required()
				})
			)
			.min(1)
			.max(MOST_SHEETS)
			.required()
	})
		.unknown()
		.required()
}).messages({ ...SENTENCES, 'array.min': 'A plan needs at least one sheet.' });

export const checkArrival = (body: unknown) => checked<NewStock & { count: number }>(arrival, body);
export const checkCounted = (body: unknown) => checked<{ present: number }>(counted, body);
export const checkCutSheet = (body: unknown) =>
	checked<{ offcuts: { width: number; height: number; place: string }[] }>(cutSheet, body);

export const checkDropOut = (body: unknown) =>
	checked<{ part: string; which: number; width: number; height: number; place: string }>(dropOut, body);
export const checkMade = (body: unknown) => checked<{ made: number; from: number; on?: number }>(made, body);

export const checkSendToCutter = (body: unknown) => checked<{ fail: boolean }>(toCutter, body);

export type SentPlan = { material: string; colour: string; job: CuttingJob; plan: CuttingPlan };

export function checkPlan(body: unknown): Checked<SentPlan> {
	const outer = checked<SentPlan>(keptPlan, body);
	if (!outer.ok) return outer;
	const job = checkCutting({ format: 'rare-keep/cutting', version: 1, ...outer.value.job });
	if (!job.ok) return { ok: false, faults: job.faults.map(({ path, says }) => ({ path: `job.${path}`, says })) };
	return { ok: true, value: { ...outer.value, job: job.job } };
}
