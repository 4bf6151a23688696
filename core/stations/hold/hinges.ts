/**
 * Hinges: from the top edge only, so that the sheet can grow and shrink; at other edges too where a school asks for it.
 *
 *    ┌──┐      ┌──┐      ┌──┐       tab, and a cross-piece over it on the board (handbook hold#hinges)
 *   ─┴──┴──────┴──┴──────┴──┴─
 *   │← inset →│       the sheet's back, seen through from the front
 */
import type { SideName, Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { countUp } from '../../units/round.ts';
import { showWithUnit, type Reader } from '../../units/show.ts';
import type { Measure } from '../../figures/measure.ts';
import type { EdgePlaces, TopHold, Hinges } from '../../figures/hold.ts';
import type { Decided } from '../../job/decided.ts';
import { lastOf, nth } from '../../units/there.ts';

export function topHold(job: Decided, { mean }: Measure, house: House): TopHold {
	if (job.schools['top-hold'] !== 'strip-or-one' || job.hold.count !== null) return 'tabs';
	return Math.max(mean.width, mean.height) <= house.oneTabUpTo ? 'one-tab' : 'strip';
}

/**
 * @param room.above board above the sheet, on which tabs that stand and their cross-pieces have to lie
 * @param room.stands whether they do: else they stay behind the sheet
 */
export function planHinges(
	job: Decided,
	shop: Shop,
	measure: Measure,
	{ above, stands }: { above: number; stands: boolean }
): Hinges {
	const { house } = shop;
	const { width } = measure.mean;
	const how = topHold(job, measure, house);
	const size = {
		width: how === 'strip' ? width : (job.hold.width ?? Math.min(house.hingeWidth, house.hingeWidthShare * width)),
		height: job.hold.contact
	};
	const inset = insetOf(width, house);
	const places = job.hold.places ?? (how === 'tabs' ? placesAlong(width, job.hold.count, house) : [width / 2]);
	if (job.hold.places) checkPlaces(job.hold.places, size.width, width, job.reader);
	return {
		inset,
		places,
		size,
		tab: stands ? shortened(house.hingeTab, above - house.tabInside) : house.hingeTab,
		cross: crossOf(places, size.width, above, house, how),
		others: otherEdges(job, measure, house)
	};
}

export function insetOf(length: number, house: House): number {
	return Math.min(house.hingeInset, length / 5);
}

/** Inset = min(50, length/5); max(2, ceil((length − 2 × inset)/300) + 1) hinges, equally apart. */
export function placesAlong(length: number, asked: number | null, house: House): number[] {
	const inset = insetOf(length, house);
	const span = length - 2 * inset;
	const count = asked ?? Math.max(2, countUp(span / house.hingeEach) + 1);
	return count === 1 ? [length / 2] : Array.from({ length: count }, (_, index) => inset + (span * index) / (count - 1));
}

/** As long as there is board for it; where there is hardly any, hold.off-board speaks. */
function shortened(usual: number, room: number): number {
	return Math.min(usual, Math.max(1, room));
}

/** Narrower where two would meet, as on a sheet of 90 mm, and lower where little board lies above; never narrower than its tab. */
function crossOf(places: number[], tab: number, above: number, house: House, how: TopHold): Size {
	const apart = Math.min(...places.slice(1).map((place, index) => place - nth(places, index)));
	const width = how === 'strip' ? tab : Math.max(tab, Math.min(house.crossWidth, apart - house.crossApart));
	return { width, height: shortened(house.crossHeight, above - house.crossInside) };
}

/** Schools: all four edges fixed, or a print that counts as big held at its bottom too. */
function otherEdges(job: Decided, { mean }: Measure, house: House): EdgePlaces[] {
	const all = job.schools['fixed-edges'] === 'all';
	const sides: SideName[] = all ? ['right', 'bottom', 'left'] : job.schools['big-prints'] === 'bottom-too' ? ['bottom'] : [];
	return sides.map((side) => ({
		side,
		places: placesAlong(side === 'bottom' ? mean.width : mean.height, null, house)
	}));
}

/** @throws FaultError for a hinge that hangs beside the sheet, or lies over the one before it */
function checkPlaces(places: number[], tab: number, width: number, reader: Reader): void {
	const said = (mm: number) => showWithUnit(mm, reader, 'mark');
	for (const [index, place] of places.entries()) {
		const at = `hold.places[${index}]`;
		if (place - tab / 2 < -1e-6 || place + tab / 2 > width + 1e-6)
			fail(
				at,
				`A hinge ${said(tab)} wide has its centre between ${said(tab / 2)} and ${said(width - tab / 2)} from the left of this sheet.`
			);
		if (index > 0 && place - nth(places, index - 1) < tab - 1e-6)
			fail(at, `This hinge lies over the one before it: set them ${said(tab)} apart or more.`);
	}
}

/** The lightest tissue of at least a tenth of the sheet's weight, and never above half of it: the hinge must tear before the sheet. */
export function tissueFor(grammage: number, tissues: readonly number[]): number | null {
	const chosen = tissues.find((weight) => weight >= grammage / 10) ?? lastOf(tissues);
	return chosen <= grammage / 2 ? chosen : null;
}
