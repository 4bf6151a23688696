/** What a kind of frame is: one file gives all of it, and a part that is missing does not compile. */
import type { Frame } from '../../../figures/frame.ts';
import type { Hatch } from '../../../figures/scene.ts';
import type { FrameKind } from '../../../job/decide-frame.ts';
import type { House } from '../../../shop/house.ts';
import type { Section } from '../../../shop/mouldings.ts';

export type FrameDefinition = {
	/** What the pack lies in: rabbet, channel. */
	recess: string;
	hatch: Hatch;
	/** It is sawn from a stick in the shop. */
	sawn: boolean;
	/** Until it is joined it is bought as pairs of rails, with a kit. */
	inPairs: boolean;
	/** Spring clips press the pack forward in its channel; else points hold it. */
	clips: boolean;
	/** Its back is closed with tape, and bows under a weight. */
	wood: boolean;
	/** Flat wood at its back for tape and screws; null where hangers slide in a channel. */
	flatWood(section: Section): number | null;
	/** From the outer edge to where a hanger stands, and the same as an expression. */
	inset(section: Section): number;
	insetSays: string;
	/** Mass of its rails, and the same as an expression. */
	kg(frame: Frame, house: House): number;
	kgSays: string;
};

export type FrameDefinitions = Record<FrameKind, FrameDefinition>;

/** The length of all rails at the middle of their width, as an expression. */
export const RAILS = '(2 * (frame.outer.width + frame.outer.height) - 4 * frame.section.face)';
