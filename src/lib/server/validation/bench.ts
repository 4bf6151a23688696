/** What is sent from the bench: events, each with its own id, how long ago it was, and whose. */
import Joi from 'joi';
import { isOwnStep, isStepId } from '$core/shop/step-names.ts';
import { CAUSES } from '$core/views/bench/causes.ts';
import type { DeedKind } from '$core/views/bench/run.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import type { SentEvent } from '../db/bench.ts';
import { readingsSchema } from './centre.ts';
import { jsonOf } from './body.ts';
import { checked, type Checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

/** A device that was away for a month sends what it holds. */
const AGE_MOST_MS = 31 * 24 * 3600 * 1000;
const EVENTS_MOST = 500;
const WAIT_MOST_MINUTES = 60 * 24 * 120;
const MINUTES_MOST = 10_000;
const WORDS = 300;
const COUNT_MOST = 1000;
const STOPS_MOST = 60;
/** As the database counts. */
export const REV_MOST = 2_147_483_647;

const step = Joi.string()
	.custom((id: string, helpers) => (isStepId(id) || isOwnStep(id) ? id : helpers.error('step.unknown')))
	.required();
const rev = Joi.number().integer().min(1).max(REV_MOST).required();
const words = Joi.string().min(1).max(WORDS);
const minutes = Joi.number().min(0).max(MINUTES_MOST);
const mm = Joi.number().min(-LONGEST_MM).less(LONGEST_MM);
const side = Joi.number().greater(0).less(LONGEST_MM);
const cause = Joi.valid(...CAUSES);

const DEEDS: Record<DeedKind, Joi.PartialSchemaMap> = {
	begun: { rev, despite: Joi.array().items(words).max(STOPS_MOST), because: words },
	'taken-over': { rev },
	stayed: { rev },
	done: {
		step,
		forced: words,
		waits: Joi.object({ minutes: Joi.number().greater(0).max(WAIT_MOST_MINUTES).required(), what: words.required() })
	},
	counted: { step, more: Joi.number().integer().invalid(0).min(-COUNT_MOST).max(COUNT_MOST).required() },
	undone: { step },
	looked: { step, clean: Joi.boolean().required(), cause, minutes },
	reopened: { cause: cause.required(), minutes: minutes.required(), pieces: Joi.number().integer().min(2).max(COUNT_MOST) },
	wrong: { step, says: words.required() },
	read: { readings: readingsSchema.required() },
	laid: { window: Joi.number().integer().min(0).max(99).required(), left: mm.required(), top: mm.required() },
	measured: {
		part: words.required(),
		width: side.required(),
		height: side.required(),
		d1: side,
		d2: side,
		opening: Joi.object({ width: side.required(), height: side.required() }),
		left: side,
		top: side
	},
	answered: { step, yes: Joi.boolean().required() },
	ticked: { what: words.required(), on: Joi.boolean().required() },
	photographed: { side: Joi.valid('front', 'back').required(), picture: Joi.string().hex().length(64).required() },
	ended: {}
};

const kinds = Object.keys(DEEDS) as DeedKind[];
const deed = Joi.alternatives().conditional('.kind', {
	switch: kinds.map((kind) => ({ is: kind, then: Joi.object({ kind: Joi.valid(kind).required(), ...DEEDS[kind] }) })),
	otherwise: Joi.object({ kind: Joi.valid(...kinds).required() })
});

export const eventsSchema = Joi.object({
	events: Joi.array()
		.items(
			Joi.object({
				id: Joi.string().guid().required(),
				by: Joi.string().allow('').max(8).default(''),
				ageMs: Joi.number().min(0).max(AGE_MOST_MS).default(0),
				deed: deed.required()
			})
		)
		.min(1)
		.max(EVENTS_MOST)
		.required()
}).messages({
	...SENTENCES,
	'step.unknown': '“{#value}” is not a bench step.',
	'array.max': 'Send at most {#limit} at once.',
	'array.min': 'Send at least one.',
	'string.guid': 'An id must be a UUID.',
	'string.hex': 'Name a picture by its checksum.',
	'string.length': 'Name a picture by its checksum.'
});

/** What was sent, read and checked. @returns the events, or every fault with its path: `events[12].deed.step` */
export function eventsOf(sent: Uint8Array): Checked<SentEvent[]> {
	const read = jsonOf(sent);
	if (!read.ok) return read;
	const whole = checked<{ events: SentEvent[] }>(eventsSchema, read.body);
	return whole.ok ? { ok: true, value: whole.value.events } : whole;
}
