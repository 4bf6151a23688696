/** What the calls on orders and on what is kept in stock are given. */
import Joi from 'joi';
import { ITEM_KINDS } from '$core/nesting/items.ts';
import { LONGEST_MM } from '$core/units/length.ts';
import type { Kept, NewLine } from '../db/orders.ts';
import { checked } from './checked.ts';
import { SENTENCES } from './sentences.ts';

const MOST = 10_000;
const MOST_CENTS = 100_000_000;
const text = (most: number) => Joi.string().allow('').max(most).default('');
const whole = (least: number, most: number) => Joi.number().integer().min(least).max(most).required();

/** A thing has no size, everything else has one. */
const size = Joi.number().when('kind', {
	is: 'thing',
	then: Joi.valid(0).default(0),
	otherwise: Joi.number().greater(0).less(LONGEST_MM).required()
});
const item = {
	kind: Joi.valid(...ITEM_KINDS).required(),
	material: Joi.string().max(120).required(),
	colour: text(80),
	width: size,
	height: size
};

export const kept = Joi.object({
	...item,
	point: whole(0, MOST),
	batch: whole(1, MOST),
	cents: whole(0, MOST_CENTS),
	leadDays: whole(0, 400),
	supplier: Joi.string().max(80).required()
}).messages(SENTENCES);

export const order = Joi.object({
	supplier: Joi.string().max(80).required(),
	/** Sent to the supplier, or ordered by word. */
	send: Joi.boolean().default(false),
	/** The name of this order, from whoever orders: tried again under the same name it is the same order. */
	key: Joi.string().guid().default(null),
	mode: Joi.valid('whole', 'part', 'late', 'wrong-size').default('whole'),
	leadDays: whole(0, 400),
	lines: Joi.array()
		.items(Joi.object({ ...item, ordered: whole(1, MOST), cents: whole(0, MOST_CENTS) }))
		.min(1)
		.max(200)
		.required()
}).messages({ ...SENTENCES, 'array.min': 'An order needs at least one line.' });

export const came = Joi.object({
	lines: Joi.array()
		.items(
			Joi.object({
				line: whole(0, MOST),
				count: whole(1, MOST),
				/** As they measure; a thing has no size. */
				width: Joi.number().min(0).less(LONGEST_MM).required(),
				height: Joi.number().min(0).less(LONGEST_MM).required(),
				lot: text(80),
				place: text(80)
			})
		)
		.min(1)
		.max(200)
		.required()
}).messages({ ...SENTENCES, 'array.min': 'Enter what arrived.' });

export type SentOrder = {
	supplier: string;
	send: boolean;
	key: string | null;
	mode: 'whole' | 'part' | 'late' | 'wrong-size';
	leadDays: number;
	lines: NewLine[];
};
export type CameLine = { line: number; count: number; width: number; height: number; lot: string; place: string };

export const checkKept = (body: unknown) => checked<Kept>(kept, body);
export const checkOrder = (body: unknown) => checked<SentOrder>(order, body);
export const checkCame = (body: unknown) => checked<{ lines: CameLine[] }>(came, body);
