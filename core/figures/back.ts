/** Figures of Back: dust cover, vents, bumpers. */
import type { Size } from '../geometry/shapes.ts';

export type Back = {
	/** What the tape covers of the moulding's flat back. Absent without a frame or a seal. */
	tape?: { land: number; recess: number; width: number; stock: number; strips: [number, number, number, number]; passes: number };
	edgeSeal?: { width: number; stock: number; length: number };
	/** Finished, and as it is cut first; which paper. */
	dustCover?: Size;
	dustCoverRough?: Size;
	dustCoverPaper?: string;
	/** A new board on a frame that stays closed. */
	board?: Size;
	bumpers: number;
	/** Inside of the pouch that it travels in; while there is a frame. */
	pouch?: Size;
};
