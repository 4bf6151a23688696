/** What a picture hangs by: one file gives all of it, and a part that is missing does not compile. */
import type { Rect } from '../../../geometry/shapes.ts';
import type { Hang } from '../../../figures/hang.ts';
import type { Shape } from '../../../figures/scene.ts';
import type { Shop } from '../../../shop/shop.ts';
import type { MadeStep, Writer } from '../../step.ts';
import type { Term } from '../../../rule/term.ts';
import type { Hangs, Planned } from '../places.ts';

/** A line that stretches between two rings. */
export type Line = {
	/** In a sentence: wire, cord. */
	name: string;
	/** At its beginning. */
	title: string;
	/** Breaking strengths that the shop has, the weakest first, kg; and where an explanation finds them. */
	strengths(shop: Shop): readonly number[];
	from: string;
	/** How it is tied to its rings, in a sentence. */
	tied: string;
	/** Where hands meet it; null where nothing pricks. */
	caution: string | null;
};

/** One hanger in the middle of the top: of the rail, or of a loose back. */
export type Single = {
	/** In a sentence, and at its beginning. */
	name: string;
	title: string;
	/** What is gathered with it; null where it is on a part that stays. */
	broughtWith: string | null;
	/** What it hangs on. */
	nail: string;
	/** From the frame’s top to where it bears, where nobody measured it. */
	bears(hangs: Hangs): Term;
	/** Its step at the frame, after the way up was looked at. */
	does(writer: Writer, hang: Hang): string[];
	because: string;
	/** Its step where it came with the frame. */
	looked: string;
};

/** Places of its own, on the frame and on the wall. */
export type Own = {
	/** In a sentence, with its article; and at its beginning. */
	name: string;
	title: string;
	plan(hangs: Hangs): Planned;
	/** Laid ready for the frame, and for the wall; null where it has none. */
	/** Pieces that are screwed to the frame. */
	screwedOn: number;
	gather: { frame: string; wall(hang: Hang): string | null };
	/** Its step at the frame, with what it has in it before the hand-pull. */
	step(writer: Writer, hang: Hang): Pick<MadeStep, 'title' | 'does' | 'because' | 'waitMinutes'>;
	/** What is done where it will hang or stand. */
	atWall: { title: string; does(writer: Writer, hang: Hang): string[] };
	/** On the frame’s back. */
	shapes(hang: Hang, box: Rect): Shape[];
	/** Glued or screwed across the back: it comes onto bare wood, before tape and cover. */
	onBareWood: boolean;
	/** Lines of the cut list that its step uses. */
	parts: readonly string[];
	/** What “drop” measures down to, in a sentence: rail, plates. Null where nothing is measured from the top. */
	drops: string | null;
};

export type HangerDefinition = {
	/** Where it is chosen. */
	title: string;
	/** What is there of it on a frame that came with it. */
	came: string;
	/** Null where nothing stretches. */
	line: Line | null;
	/** Null where there is not one in the middle. */
	single: Single | null;
	/** Null where rings, or one hanger, give the places. */
	own: Own | null;
	/** What is screwed to the frame, in a sentence and at its beginning. */
	rings: string;
	ringsTitle: string;
	/** Screw holes that its rings must have; null for any. */
	holes: number | null;
	/** What its screws or rivets hold in: the wood of the rails, or the back. */
	holdsIn: 'rails' | 'back';
	/** House figure of the most that it carries; null where the house has none. */
	most: 'sawtoothMostKg' | 'standMostKg' | 'tagMostKg' | null;
	/** House figure of how far it holds the frame’s back off the wall; null for what does not hang. */
	standsOff:
		| 'lineStandsOff'
		| 'ringsStandOff'
		| 'sawtoothStandsOff'
		| 'centreStandsOff'
		| 'tagStandsOff'
		| 'cleatThickness'
		| 'platesStandOff'
		| null;
	/** Something as thick along the bottom brings the frame parallel. */
	levels: boolean;
	/** It can be fixed to a metal section: it slides in the channel, or was made for it. */
	onMetal: boolean;
	/** Hangs upright and turned a quarter alike, with a set for each. */
	turns: boolean;
};

export type HangerDefinitions = Record<Hang['by'], HangerDefinition>;
