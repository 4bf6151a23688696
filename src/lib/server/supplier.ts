/** A supplier that takes orders over its own address; where there is none, orders are written down by hand. */
import Joi from 'joi';
import type { Item } from '$core/nesting/items.ts';
import { askJson } from './ask-json.ts';
import { supplierUrl } from './settings.ts';

const DAY = Joi.string()
	.pattern(/^\d{4}-\d{2}-\d{2}$/)
	.required();
const accepted = Joi.object<{ ref: string; due: string }>({ ref: Joi.string().max(80).required(), due: DAY }).unknown();
const standing = Joi.object<Standing>({
	due: DAY,
	says: Joi.string().allow('').max(300).required(),
	deliveries: Joi.array()
		.items(
			Joi.object({
				line: Joi.number().integer().min(0).required(),
				count: Joi.number().integer().min(1).required(),
				width: Joi.number().min(0).required(),
				height: Joi.number().min(0).required()
			}).unknown()
		)
		.max(200)
		.required()
}).unknown();

/** When it comes now, what is on its way. */
export type Standing = {
	due: string;
	says: string;
	deliveries: { line: number; count: number; width: number; height: number }[];
};

export async function findSupplier(): Promise<{ simulated: boolean } | null> {
	const answer = await askJson(supplierUrl(), '/');
	return answer?.status === 200 ? { simulated: (answer.body as { simulated?: unknown }).simulated === true } : null;
}

/** @param key under which it is the same order when it is sent again. @returns what the supplier calls the order and the day that it promises; null where it does not answer */
export async function sendOrder(
	key: string,
	lines: readonly (Item & { ordered: number })[],
	leadDays: number,
	mode: string
): Promise<{ ref: string; due: string } | null> {
	const answer = await askJson(supplierUrl(), '/orders', {
		key,
		mode,
		lines: lines.map(({ kind, material, colour, width, height, ordered }) => ({
			item: [kind, material, colour].filter(Boolean).join(' '),
			count: ordered,
			width,
			height,
			leadDays
		}))
	});
	const { error, value } = accepted.validate(answer?.status === 201 ? answer.body : null);
	return error || !value ? null : { ref: value.ref, due: value.due };
}

/** @returns null where it does not answer, or knows nothing of the order */
export async function askStanding(ref: string): Promise<Standing | null> {
	const answer = await askJson(supplierUrl(), `/orders/${encodeURIComponent(ref)}`);
	const { error, value } = standing.validate(answer?.status === 200 ? answer.body : null);
	return error || !value ? null : { due: value.due, says: value.says, deliveries: value.deliveries };
}
