/** Figures of Measure: the sheet as it was read. */
import type { Outline } from '../geometry/quadrilateral.ts';
import type { Rect, Sides, Size } from '../geometry/shapes.ts';

export type Measure = {
	mean: Size;
	/** The upright bounding box of the outline. */
	largest: Size;
	/** Corners from top-left clockwise, the origin in their mean, the sheet levelled. */
	outline: Outline;
	/** The two diagonals of the outline. */
	diagonals: { d1: number; d2: number };
	/** mm, + when the bottom edge lies to the right of the top edge. */
	lean: number;
	leanTakenAsZero: boolean;
	/** |solved − read| of the first diagonal, when both were read. */
	misfit: number;
	/** Its place is measured from the bounding box's top-left corner. */
	usable: Rect;
	/** Share of the mean size that the usable rectangle keeps; null where the readings themselves are usable. */
	share: number | null;
	/** Each side's farthest corner beyond the usable rectangle. */
	loses: Sides;
};
