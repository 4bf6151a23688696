/** Station Hold: hinges at the top edge, so that the sheet can grow and shrink, or pockets at its corners (handbook hold). */
import type { Size } from '../geometry/shapes.ts';
import type { Piece } from '../job/decide-piece.ts';
import type { Decided, HoldKind } from '../job/decide.ts';
import type { Measure } from '../measure/measure.ts';
import type { WindowChoice } from '../job/decide-window.ts';
import type { Opening } from '../window/opening.ts';
import { pocketLeg } from './corners.ts';
import type { Shop } from '../shop/shop.ts';
import { countUp } from '../units/round.ts';

export type Hold = {
	kind: HoldKind;
	count: number;
	/** From each corner to the outer hinge's centre. */
	inset: number;
	/** Hinge centres from the sheet's left, seen from the front. */
	places: number[];
	/** Contact of one hinge on the sheet; of a corner pocket its legs. */
	size: Size;
	/** Tissue weight in g/m²; null where a tape holds or the sheet is too light for any tissue. */
	tissue: number | null;
	sheetGrams: number;
	loadKPa: number;
	/** Long-term working load of the adhesive. */
	workingKPa: number;
	dryMinutes: number;
};

export function planHold(
	job: Decided,
	piece: Piece,
	shop: Shop,
	before: { measure: Measure; opening: Opening; choice: WindowChoice }
): Hold {
	if (job.hold.kind === 'corners') return planCorners(job, piece, shop, before);
	const { house } = shop;
	const { width } = before.measure.mean;
	const { adhesive } = job.hold;
	const inset = Math.min(house.hingeInset, width / 5);
	const span = width - 2 * inset;
	const count = job.hold.count ?? Math.max(2, countUp(span / house.hingeEach) + 1);
	const size = { width: job.hold.width ?? Math.min(house.hingeWidth, house.hingeWidthShare * width), height: job.hold.contact };
	const sheetGrams = gramsOf(before.measure, piece);
	return {
		kind: job.hold.kind,
		count,
		inset,
		places: count === 1 ? [width / 2] : Array.from({ length: count }, (_, index) => inset + (span * index) / (count - 1)),
		size,
		tissue: adhesive.family === 'paste' ? tissueFor(piece.grammage, shop.tissues) : null,
		sheetGrams,
		// grams × gravity are millinewtons; over mm² they are kilopascals.
		loadKPa: (sheetGrams * house.gravity) / (count * size.width * size.height),
		workingKPa: adhesive.loadKPa,
		dryMinutes: adhesive.dryMinutes
	};
}

/** Four pockets; nothing sticks to the sheet, so nothing is loaded and nothing dries. */
function planCorners(
	job: Decided,
	piece: Piece,
	shop: Shop,
	before: { measure: Measure; opening: Opening; choice: WindowChoice }
): Hold {
	const leg = job.hold.width ?? pocketLeg(before.opening, before.choice.shape, before.measure.mean, shop.house);
	return {
		kind: 'corners',
		count: 4,
		inset: 0,
		places: [],
		size: { width: leg, height: leg },
		tissue: null,
		sheetGrams: gramsOf(before.measure, piece),
		loadKPa: 0,
		workingKPa: 0,
		dryMinutes: 0
	};
}

function gramsOf({ mean }: Measure, piece: Piece): number {
	return (mean.width * mean.height * piece.grammage) / 1e6;
}

/** The lightest tissue of at least a tenth of the sheet's weight, and never above half of it: the hinge shall tear before the sheet. */
export function tissueFor(grammage: number, tissues: readonly number[]): number | null {
	const chosen = tissues.find((weight) => weight >= grammage / 10) ?? tissues.at(-1)!;
	return chosen <= grammage / 2 ? chosen : null;
}
