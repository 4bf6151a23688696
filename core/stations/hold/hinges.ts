/**
 * Hinges: from the top edge only, so that the sheet can grow and shrink; at other edges too where a school asks for it.
 *
 *    ┌──┐      ┌──┐      ┌──┐       tab, and a cross-piece over it on the board (handbook hold#hinges)
 *   ─┴──┴──────┴──┴──────┴──┴─
 *   │← inset →│       the sheet's back, seen through from the front
 */
import type { Write } from '../../rule/book.ts';
import type { SideName } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { showWithUnit, type Reader } from '../../units/show.ts';
import type { Measure } from '../../figures/measure.ts';
import type { EdgePlaces, TopHold, Hinges } from '../../figures/hold.ts';
import type { Decided } from '../../job/decided.ts';
import {
	at,
	counted,
	half,
	houseTerms,
	largest,
	less,
	over,
	plain,
	sizeTerms,
	smallest,
	sum,
	times,
	twice,
	type Term,
	type TermSize
} from '../../rule/term.ts';
import { lastOf, nth } from '../../units/there.ts';
import { isAbove, isBelow } from '../../units/compare.ts';

export function topHold(job: Decided, { mean }: Measure, house: House): TopHold {
	if (job.schools['top-hold'] !== 'strip-or-one' || job.hold.count !== null) return 'tabs';
	return Math.max(mean.width, mean.height) <= house.oneTabUpTo ? 'one-tab' : 'strip';
}

/**
 * @param room.above board above the sheet, on which tabs that stand and their cross-pieces have to lie
 * @param room.stands whether they do: else they stay behind the sheet
 * @param room.over whether a part goes over the tab on the board
 */
export function planHinges(
	job: Decided,
	shop: Shop,
	measure: Measure,
	{ above, stands, over: isCrossed }: { above: number; stands: boolean; over: boolean },
	write: Write
): Hinges {
	const house = houseTerms(shop.house);
	const sheet = sizeTerms('measure.mean', measure.mean);
	const how = topHold(job, measure, shop.house);
	const asked = job.hold.width;
	const narrow = smallest(house('hingeWidth'), times(house('hingeWidthShare'), sheet.width));
	const wide = asked === null ? narrow : at('job.hold.width', asked);
	const size = {
		width: write('size.width', how === 'strip' ? sheet.width : wide, 'size'),
		height: write('size.height', at('job.hold.contact', job.hold.contact), 'size')
	};
	const inset = write('inset', insetOf(sheet.width, shop.house), 'hinges');
	const own = job.hold.places?.map((place, index) => at(`job.hold.places[${index}]`, place));
	const count = job.hold.count === null ? null : at('job.hold.count', job.hold.count);
	const along = how === 'tabs' ? placesAlong(sheet.width, inset, count, shop.house) : null;
	const laid = own ?? along?.places ?? [half(sheet.width)];
	const others = otherEdges(job, sheet, shop.house, write);
	const top = own || !along ? plain(laid.length) : along.count;
	const beside = others.reduce((all, { places }) => all + places.length, 0);
	write('count', others.length > 0 ? sum(top, plain(beside)) : top, 'hinges');
	const places = laid.map((place, index) => write(`places[${index}]`, place, 'hinges'));
	if (job.hold.places) checkPlaces(job.hold.places, size.width.value, measure.mean.width, job.reader);
	const board = at('window.placement.top', above);
	// Behind the sheet it stays behind the sheet.
	const across = crossWidth(places, size.width, shop.house, how);
	const tab = stands ? shortened(house('hingeTab'), less(board, house('tabInside'))) : house('hingeTab');
	return {
		inset: inset.value,
		places: places.map(({ value }) => value),
		size: { width: size.width.value, height: size.height.value },
		tab: write('tab', tab, 'off-board').value,
		...(isCrossed
			? {
					cross: {
						width: write(
							'cross.width',
							stands ? across : largest(size.width, smallest(across, less(twice(inset), house('crossApart')))),
							'size'
						).value,
						height: write(
							'cross.height',
							stands ? shortened(house('crossHeight'), less(board, house('crossInside'))) : house('crossHeight'),
							'off-board'
						).value
					}
				}
			: {}),
		others
	};
}

function insetOf(length: Term, house: House): Term {
	return smallest(houseTerms(house)('hingeInset'), over(length, plain(5)));
}

/** Inset = min(50, length/5); max(2, ceil((length − 2 × inset)/300) + 1) hinges, equally apart. */
function placesAlong(length: Term, inset: Term, asked: Term | null, house: House): { count: Term; places: Term[] } {
	const span = less(length, twice(inset));
	const spaced = sum(counted(over(span, houseTerms(house)('hingeEach'))), plain(1));
	const count = asked ?? largest(plain(2), spaced);
	if (count.value === 1) return { count, places: [half(length)] };
	const place = (index: number) => sum(inset, over(times(span, plain(index)), less(plain(count.value), plain(1))));
	return { count, places: Array.from({ length: count.value }, (_, index) => place(index)) };
}

/** As long as there is board for it; where there is hardly any, hold.off-board speaks. */
function shortened(usual: Term, room: Term): Term {
	return smallest(usual, largest(plain(1), room));
}

/** Narrower where two would meet, as on a sheet of 90 mm; never narrower than its tab. */
function crossWidth(places: readonly Term[], tab: Term, of: House, how: TopHold): Term {
	const house = houseTerms(of);
	if (how === 'strip') return tab;
	const between = places.slice(1).map((place, index) => less(place, nth(places, index)));
	const room = less(smallest(...between), house('crossApart'));
	return largest(tab, between.length > 0 ? smallest(house('crossWidth'), room) : house('crossWidth'));
}

/** Schools: all four edges fixed, or a print that counts as big held at its bottom too. */
function otherEdges(job: Decided, sheet: TermSize, house: House, write: Write): EdgePlaces[] {
	const all = job.schools['fixed-edges'] === 'all';
	const sides: SideName[] = all ? ['right', 'bottom', 'left'] : job.schools['big-prints'] === 'bottom-too' ? ['bottom'] : [];
	return sides.map((side, edge) => {
		const length = side === 'bottom' ? sheet.width : sheet.height;
		const { places } = placesAlong(length, insetOf(length, house), null, house);
		return {
			side,
			places: places.map((place, index) => write(`others[${edge}].places[${index}]`, place, 'edges').value)
		};
	});
}

/** @throws FaultError for a hinge that hangs beside the sheet, or lies over the one before it */
function checkPlaces(places: number[], tab: number, width: number, reader: Reader): void {
	const said = (mm: number) => showWithUnit(mm, reader, 'mark');
	for (const [index, place] of places.entries()) {
		const at = `hold.places[${index}]`;
		if (isBelow(place - tab / 2, 0) || isAbove(place + tab / 2, width))
			fail(
				at,
				`A hinge ${said(tab)} wide needs its centre between ${said(tab / 2)} and ${said(width - tab / 2)} from the left of this sheet.`
			);
		if (index > 0 && isBelow(place - nth(places, index - 1), tab))
			fail(at, `This hinge overlaps the one before it: set them ${said(tab)} apart or more.`);
	}
}

/** The lightest tissue of at least a tenth of the sheet's weight, and never above half of it: the hinge must tear before the sheet. */
export function tissueFor(grammage: number, tissues: readonly number[]): number | null {
	const chosen = tissues.find((weight) => weight >= grammage / 10) ?? lastOf(tissues);
	return chosen <= grammage / 2 ? chosen : null;
}
