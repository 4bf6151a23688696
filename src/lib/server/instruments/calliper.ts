/** A stand-in for the calliper: what one would read of a pack that lies a little off in its frame, and nearly right once it was pushed. */
import Joi from 'joi';
import { randomFrom } from '$core/nesting/random.ts';
import { READING_PLACES, type ReadingPlace } from '$core/views/bench/centring.ts';
import type { Sides, Size } from '$core/geometry/shapes.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import { faults, type Answer } from '../answer.ts';
import { checked } from '../validation/checked.ts';
import { SENTENCES } from '../validation/sentences.ts';

type Asked = { job: string; round: number; place: ReadingPlace; targets: Sides; spans: Size };

const length = Joi.number().min(0).less(LONGEST_MM).required();
export const calliperSchema = Joi.object({
	job: Joi.string().min(1).max(20).required(),
	/** How often it was read before. */
	round: Joi.number().integer().min(0).max(1000).required(),
	place: Joi.valid(...READING_PLACES).required(),
	targets: Joi.object({ top: length, right: length, bottom: length, left: length }).required(),
	spans: Joi.object({ width: length, height: length }).required()
}).messages(SENTENCES);

/** How far off a pack lies before it is pushed, and after, mm. */
const OFF = 1;
const PUSHED = 0.1;
/** No hand reads the same twice. */
const SPREAD = 0.05;
/** It shows hundredths. */
const STEP = 0.01;

/** @param random 0 to 1: what the hand adds */
export function readingOf({ job, round, place, targets, spans }: Asked, random: () => number): number {
	const draw = randomFrom([...job].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7));
	const off = round === 0 ? OFF : PUSHED;
	const [right, down, turned] = [0, 0, 0].map(() => off * (2 * draw() - 1)) as [number, number, number];
	// By how much the ends of a side differ, half of it at each.
	const half = { width: turned / 2, height: (turned / 2) * (spans.height / Math.max(spans.width, 1)) };
	const lies: Record<ReadingPlace, number> = {
		tl: targets.top - down - half.width,
		tr: targets.top - down + half.width,
		bl: targets.bottom + down + half.width,
		br: targets.bottom + down - half.width,
		lt: targets.left - right + half.height,
		lb: targets.left - right - half.height,
		rt: targets.right + right - half.height,
		rb: targets.right + right + half.height
	};
	const read = lies[place] + SPREAD * (2 * random() - 1);
	return Math.max(0, Number((Math.floor(read / STEP + 0.5) * STEP).toFixed(2)));
}

export function readCalliper(body: unknown): Answer {
	const asked = checked<Asked>(calliperSchema, body);
	if (!asked.ok) return faults(400, asked.faults);
	return { status: 200, body: { mm: readingOf(asked.value, Math.random), simulated: true } };
}
