/** Figures of Frame: rabbet, outer size, what keeps the pack in. */
import type { PointKind } from '../job/kinds.ts';
import type { Size } from '../geometry/shapes.ts';
import type { Section } from '../shop/mouldings.ts';

/** Points stand `first` from the corners and `spacing` apart; clips, which slide, are only counted. */
export type PointsOfSide = { count: number; first?: number; spacing?: number };

export type Points = {
	kind: PointKind | 'clips';
	top: PointsOfSide;
	side: PointsOfSide;
	total: number;
	/** They came with the frame: counted in all, their places as they are. */
	stay?: true;
};

/** Four sides and both diagonals of a lite. */
export type Lite = { top: number; right: number; bottom: number; left: number; d1: number; d2: number };

export type KitPart = { part: string; count: number; /** Of a pair of rails: the size that it is sold by. */ size?: number };

export type Frame = {
	section: Section;
	/** rabbet − pack. */
	allowance: Size;
	rabbet: Size;
	sight: Size;
	outer: Size;
	/** At the long points: top, right, bottom, left; a frame that is bought has none to cut. */
	rails?: [number, number, number, number];
	/** Stick needed for all four. */
	stick?: number;
	/** Of the rabbet: what both ways across measure when joined wood is square. */
	diagonal?: number;
	points: Points;
	/** Metal that is not joined yet: what is bought. */
	kit?: KitPart[];
	/** How far an offset clip steps: − where the pack stands proud. */
	offset?: number;
	/** With strips on its back: the whole depth from the wall. */
	depthWithStrips?: number;
	/** A frame out of true: glazing that follows it, its blank, and each corner from top-left clockwise, + open, − closed. */
	lite?: Lite & { blank: Size };
	cornersOut?: [number, number, number, number];
	/** By how much its two measured diagonals miss its four sides. */
	misfit?: number;
};
