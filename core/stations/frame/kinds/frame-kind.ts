/** What a kind of frame is: one file gives all of it, and a part that is missing does not compile. */
import type { FrameKind } from '../../../job/kinds.ts';
import type { Frame } from '../../../figures/frame.ts';
import type { Hatch } from '../../../figures/scene.ts';
import type { House } from '../../../shop/house.ts';
import type { Term } from '../../../rule/term.ts';
import type { MadeStep, Writer } from '../../step.ts';
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
	/** From the outer edge to where a hanger stands. */
	inset(section: Section): Term;
	/** Mass of its rails. */
	kg(frame: Frame, house: House): Term;
	/** The steps that make it, or make it ready. */
	made(writer: Writer): MadeStep[];
};

export type FrameDefinitions = Record<FrameKind, FrameDefinition>;
