/** Bodies by a schema's own description: mostly what it takes, now and then what nobody should send. */
import type Joi from 'joi';

type Described = {
	type?: string;
	keys?: Record<string, Described>;
	items?: Described[];
	allow?: unknown[];
	flags?: { only?: boolean; presence?: string };
	rules?: { name: string; args?: { limit?: unknown } }[];
	matches?: Way[];
	whens?: Way[];
};
type Way = { schema?: Described; then?: Described; otherwise?: Described; switch?: { then?: Described }[] };
type Random = () => number;

/** Words that the language knows, and what breaks readers. */
export const WORDS = ['__proto__', 'constructor', 'toString', 'hasOwnProperty', 'valueOf'];
const TEXTS = [
	...WORDS,
	'',
	' ',
	'cotton-4',
	'K-0101',
	'2026-02-31',
	'0',
	'-1',
	'1e999',
	'stock 99999999999999999999',
	'drop-out 99999999999 of K-0101 mat 1',
	'\u202e<script>',
	"'; DROP TABLE job; --",
	'{{#label}}',
	'%_\\',
	'½',
	'é'.repeat(300),
	'\u0000',
	'\u0007',
	'\ud800',
	'\uffff',
	'6f1c7a52-3a54-4e0c-9a63-0d6d4f1f6a02',
	'a'.repeat(64),
	'https://elsewhere.example/?a=1'
];
const NUMBERS = [
	0,
	-0,
	1,
	2,
	-1,
	0.1,
	1e-9,
	1e-300,
	1e300,
	5e-324,
	2 ** 31,
	2 ** 31 - 1,
	2 ** 32,
	2 ** 53,
	2 ** 63,
	-(2 ** 31),
	4999.99,
	100,
	1.5
];
const ODD: unknown[] = [null, true, false, [], {}, [[]], [null], { __proto__: null, a: 1 }];

export const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** Anything at all. */
export function anyOdd(random: Random): unknown {
	const at = random();
	if (at < 0.45) return oneOf(random, TEXTS);
	return at < 0.8 ? oneOf(random, NUMBERS) : oneOf(random, ODD);
}

/** @param odd how often something is put that the schema does not take */
export function anyBody(schema: Joi.Schema, random: Random, odd = 0.12): unknown {
	return made(schema.describe(), random, odd);
}

function made(of: Described, random: Random, odd: number): unknown {
	if (random() < odd) return anyOdd(random);
	if (of.allow && of.allow.length > 0 && (of.flags?.only || random() < 0.3)) return oneOf(random, of.allow);
	const ways = [...(of.matches ?? []), ...(of.whens ?? [])].flatMap(waysOf);
	if (ways.length > 0) return made(oneOf(random, ways), random, odd);
	switch (of.type) {
		case 'object': {
			const body: Record<string, unknown> = {};
			for (const [key, item] of Object.entries(of.keys ?? {}))
				if (random() < (item.flags?.presence === 'required' ? 0.97 : 0.5)) body[key] = made(item, random, odd);
			if (random() < odd / 2)
				Object.defineProperty(body, oneOf(random, [...WORDS, 'x-own', 'more']), { value: anyOdd(random), enumerable: true });
			return body;
		}
		case 'array':
			return Array.from({ length: Math.floor(random() * 3) + 1 }, () =>
				of.items?.[0] ? made(of.items[0], random, odd) : anyOdd(random)
			);
		case 'number':
			return numberIn(of, random);
		case 'boolean':
			return random() < 0.5;
		case 'string':
			return oneOf(random, TEXTS);
		default:
			return anyOdd(random);
	}
}

const waysOf = ({ schema, then, otherwise, switch: several = [] }: Way): Described[] =>
	[...several.map((one) => one.then), then, otherwise, schema].filter((way) => way !== undefined);

/** At its ends, and between them. */
function numberIn({ rules = [] }: Described, random: Random): number {
	const limits = rules.flatMap(({ args }) => (typeof args?.limit === 'number' ? [args.limit] : []));
	const whole = rules.some(({ name }) => name === 'integer');
	const least = Math.min(...limits, 1);
	const most = Math.max(...limits, 10);
	const value = random() < 0.3 ? oneOf(random, [...limits, least, most]) : least + random() * (Math.min(most, 1000) - least);
	return whole ? Math.floor(value) : value;
}
