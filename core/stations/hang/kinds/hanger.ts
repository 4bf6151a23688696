/** What a picture hangs by: one file gives all of it, and a part that is missing does not compile. */
import type { Hang } from '../../../figures/hang.ts';
import type { Shop } from '../../../shop/shop.ts';

/** A line that stretches between two rings. */
export type Line = {
	/** In a sentence: wire, cord. */
	name: string;
	/** At its beginning. */
	title: string;
	/** Breaking strengths that the shop has, the weakest first, kg; and where an explanation finds them. */
	strengths(shop: Shop): readonly number[];
	from: string;
	/** Where hands meet it; null where nothing pricks. */
	caution: string | null;
};

/** One hanger in the middle of the top rail. */
export type Single = {
	/** In a sentence, and at its beginning. */
	name: string;
	title: string;
	/** House figure of the most that it carries; null where the house has none. */
	most: 'sawtoothMostKg' | null;
	/** What it hangs on. */
	nail: string;
};

export type HangerDefinition = {
	/** Null where the rings hang straight on hooks. */
	line: Line | null;
	/** Null where two of them stand on the side rails. */
	single: Single | null;
	/** What is screwed to the frame, in a sentence and at its beginning. */
	rings: string;
	ringsTitle: string;
	/** Screw holes that its rings must have; null for any. */
	holes: number | null;
};

export type HangerDefinitions = Record<Hang['by'], HangerDefinition>;
