/** Figures of Hold: where and how the sheet is held. */
import type { SideName, Size } from '../geometry/shapes.ts';
import type { Made } from './pack.ts';
import type { HoldKind } from '../job/hold-kinds.ts';

/** Hinges or points of another edge than the top, by their places along it. */
export type EdgePlaces = { side: SideName; places: number[] };

export type Hold = {
	kind: HoldKind;
	count: number;
	/** From each corner to the outer hinge's centre. */
	inset: number;
	/** Hinge centres from the sheet's left, seen from the front; points of the top edge. */
	places: number[];
	/** Contact of one hinge on the sheet; of a corner pocket its legs; of a strip its length and its reach. */
	size: Size;
	/** How far a hinge's tab reaches beyond the contact, and its cross-piece on the board. */
	tab?: number;
	cross?: Size;
	/** Slits that tabs pass through: how long, and how far below the sheet's top edge. */
	slit?: { length: number; below: number };
	/** Patches behind a panel that floats: their edge inside the panel's. */
	patchInside?: number;
	/** Tissue weight in g/m²; null where a tape holds or the sheet is too light for any tissue. */
	tissue: number | null;
	sheetGrams: number;
	loadKPa: number;
	/** Long-term working load of the adhesive. */
	workingKPa: number;
	dryMinutes: number;
	/** Edges that can't move. */
	fixed: SideName[];
	/** Held at other edges too. */
	others?: EdgePlaces[];
	strips?: Strip[];
	/** Room that folded paper leaves the sheet, per axis. */
	slack?: Size;
	/** Height to which the sheet would bulge on an axis along which it can't grow: an estimate. */
	bulge?: Partial<Size>;
	/** Cloth over a stitched piece's board, with its turn-in; stitches apart. */
	cloth?: Size;
	stitchSpacing?: number;
	/** Ties round an object: where they come along it, and whether they run across. */
	tiesAt?: number[];
	tiesAcross?: boolean;
	/** A recess round an object: what it is stacked from, how large, and where its opening comes in it, from the front. */
	recess?: { made: Made; outer: Size; left: number; top: number };
};

/** How the top edge is held: by tabs, by one tab in the middle, or by one strip along all of it. */
export type TopHold = 'tabs' | 'one-tab' | 'strip';

export type Hinges = { inset: number; places: number[]; size: Size; tab: number; cross?: Size; others: EdgePlaces[] };

export type Strip = {
	side: Exclude<SideName, 'top'>;
	length: number;
	/** Onto the sheet's face. */
	reach: number;
};
