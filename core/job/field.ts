/**
 * The kinds of field that a job file is made of. The definition (definition.ts) is data in these terms; the reader, Joi, the JSON
 * Schema and docs/job-file.md are all made from it, so that they can't drift apart.
 */
import type { Place, Sides, Size } from '../geometry/shapes.ts';

export type Field =
	| { kind: 'length'; zero?: true; says: string }
	| { kind: 'sides'; zero?: true; says: string }
	| { kind: 'lengthOrWord'; words: readonly string[]; says: string }
	| { kind: 'text'; most: number; says: string }
	| { kind: 'choice'; of: readonly string[]; says: string }
	| { kind: 'number'; least: number; most: number; whole?: true; says: string }
	| { kind: 'flag'; says: string }
	| { kind: 'list'; of: Field; most: number; says: string }
	| { kind: 'group'; fields: Fields; says: string }
	/** null is a decision here: "none". */
	| { kind: 'none'; or: Field; says: string }
	/** Several shapes, told apart by the first that fits. */
	| { kind: 'either'; of: readonly Field[]; says: string };

export type Fields = { readonly [name: string]: Field };

/** A length as it stands in a file: millimetres, or as people write it. */
export type Written = number | string;
export type WrittenSides = Written | { top?: Written; right?: Written; bottom?: Written; left?: Written };

/** What a field holds in the file, as typed. */
export type InFile<F> = F extends { kind: 'length' }
	? Written
	: F extends { kind: 'sides' }
		? WrittenSides
		: F extends { kind: 'lengthOrWord'; words: readonly (infer W)[] }
			? WrittenSides | W
			: Shared<F, 'file'>;

/** What a field holds once it has been read: millimetres, all four sides. */
export type Read<F> = F extends { kind: 'length' }
	? number
	: F extends { kind: 'sides' }
		? Partial<Sides>
		: F extends { kind: 'lengthOrWord'; words: readonly (infer W)[] }
			? Partial<Sides> | W
			: Shared<F, 'read'>;

type Of<F, As> = As extends 'file' ? InFile<F> : Read<F>;

type Shared<F, As> = F extends { kind: 'text' }
	? string
	: F extends { kind: 'choice'; of: readonly (infer C)[] }
		? C
		: F extends { kind: 'number' }
			? number
			: F extends { kind: 'flag' }
				? boolean
				: F extends { kind: 'list'; of: infer G }
					? Of<G, As>[]
					: F extends { kind: 'group'; fields: infer Fs }
						? { [K in keyof Fs]?: Of<Fs[K], As> }
						: F extends { kind: 'none'; or: infer G }
							? Of<G, As> | null
							: F extends { kind: 'either'; of: readonly (infer G)[] }
								? G extends unknown
									? Of<G, As>
									: never
								: never;

export type { Place, Sides, Size };
