/**
 * Station Window: what shows, how the mats stand round it, and where the sheet lies under them (handbook window).
 *
 *   ├─ border ─┤├ reveal ┤├──────── opening ────────┤      mat 0 (front) opens widest, the last mat is nearest the piece
 *   ███ mat 0 ██
 *   ███ mat 1 ███████████
 *                    ├─────── sheet, hidden by the overlap ──── …
 */
import { axisOf, evenSides, mapAxes, mapSides, type Place, type Sides, type Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { Shop } from '../../shop/shop.ts';
import { LONGEST_MM } from '../../units/length.ts';
import { showSize } from '../../units/show.ts';
import { bordersOf, grownToPair, packOf, type Shift } from './borders.ts';
import { keepApart, layOut } from './layout.ts';
import { planMat, widened } from './mats.ts';
import { packOfPiece, planOpening, supportOf } from './opening.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening, PlacedOpening, Window } from '../../figures/window.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { named } from '../../rule/sights.ts';
import {
	SIDES_OF,
	sidesOf,
	sideTerms,
	sideValues,
	sizeValues,
	writeSides,
	writeSize,
	type TermSides
} from '../../rule/side-terms.ts';
import { at, half, less, nearest, sizeTerms, sum, tidied, type Term, type TermSize } from '../../rule/term.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { lastOf, nth, there } from '../../units/there.ts';

export type WindowInput = {
	measures: Measure[];
	movements: Size[];
	/** The pack that a ready-made frame takes, when borders fit and none is given. */
	readyPack: TermSize | null;
	figure: Figure;
	/** Writes the figures of one window down, as a single window's. */
	ofSight: (index: number) => Figure;
};

/**
 * @returns the window, or null while the image that a reveal is measured from is missing
 * @throws FaultError when no window is left, windows run into each other, or the pack grows past 5 m
 */
export function planWindow(job: Decided, shop: Shop, before: WindowInput): Window | null {
	const { figure } = before;
	const mat = job.mats.at(-1);
	if (!mat) return matlessWindow(job, before);
	const step = at('job.step', job.step);
	const asked = job.mats.map((mat, index) =>
		sidesOf((side) => nearest(at(`job.mats[${index}].reveal.${side}`, mat.reveal[side]), step))
	);
	const fixed = fixedOpenings(job, asked);
	const openings: Opening[] = [];
	for (const [index, choice] of job.windows.entries()) {
		const opening = planOpening({
			piece: nth(job.pieces, index),
			choice,
			measure: nth(before.measures, index),
			movement: nth(before.movements, index),
			mat,
			hangs: isHinge(job.hold.kind),
			house: shop.house,
			step: job.step,
			reader: job.reader,
			fixed: fixed ? lastOf(fixed) : null,
			place: job.several ? `window.openings[${index}]` : 'window',
			figure: before.ofSight(index)
		});
		if (!opening) return null;
		openings.push(opening);
	}
	const reveals = fixed ? revealsBetween(job, fixed, asked) : asked;
	checkArches(job, reveals.map(sideValues));
	const nameOf = (index: number) => (job.several ? index + 1 : null);
	const sizes = openings.map(({ opening }, index) => sizeTerms(named(nameOf(index), 'window.opening'), opening));
	const layout = layOut(sizes, job, figure);
	if (openings.length > 1) keepApart(layout, sizes, widest(reveals), job.grid !== null);
	const writeMat = (index: number) => (name: string, term: Term, anchor: string) =>
		figure(`window.mats[${index}].${name}`, term, `window#${anchor}`);
	const matOpenings = job.mats.map((_, index) =>
		writeSize(
			writeMat(index),
			'opening',
			fixed?.[index] ?? mapAxes((axis) => tidied(widened(layout.block, axis, index, reveals))),
			fixed ? 'at-hand' : 'mats'
		)
	);
	const outermost = nth(matOpenings, 0);
	const writePack = (size: TermSize, anchor: string) =>
		writeSize((name, term) => figure(`window.${name}`, term, `window#${anchor}`), 'pack', size, anchor);
	const atHand = nth(job.mats, 0).have;
	const given = atHand
		? writePack(sizeTerms('job.mats[0].have.outer', atHand.outer), 'at-hand')
		: job.borders.way === 'fit'
			? writePack(packGiven(job, before.readyPack), 'fit')
			: null;
	const natural = bordersOf(job, outermost, given, motifShift(job, openings));
	// What is bought in pairs by size takes the next pair; what is there already takes what it is given.
	const first =
		given || !isBoughtInPairs(job)
			? natural
			: grownToPair(natural, outermost, at('job.frame.pairStep', there(job.frame, 'frame').pairStep), step);
	const source = job.borders.centre === 'motif' ? 'motif' : atHand ? 'at-hand' : given ? 'fit' : 'borders';
	const borders: TermSides[] = [writeSides(writeMat(0), 'border', first, source)];
	// Every mat has the pack's size, so each border behind the first grows by its reveal.
	for (const [index, reveal] of reveals.entries())
		if (index > 0) {
			const before = lastOf(borders);
			borders.push(
				writeSides(
					writeMat(index),
					'border',
					sidesOf((side) => tidied(sum(before[side], reveal[side]))),
					'mats'
				)
			);
		}
	const pack = given ?? writePack(packOf(outermost, nth(borders, 0)), 'mats');
	const packSize = sizeValues(pack);
	if (Math.max(packSize.width, packSize.height) >= LONGEST_MM)
		fail(
			'borders',
			`These borders make a pack of ${showSize(packSize, job.reader)} ${job.reader.unit}. Keep the pack under 5 m.`
		);
	const overlaps = openings.flatMap(({ overlap }, index) =>
		overlap ? [sideTerms(named(nameOf(index), 'window.overlap'), overlap)] : []
	);
	const laid = { openings: matOpenings, borders, reveals, pack, layout, sizes, overlaps };
	const mats = job.mats.map((_, index) => planMat(index, job, shop, laid, figure));
	const placed = openings.map((opening, index) => {
		const placement = placementOf(opening, layout.at[index] ?? null, lastOf(borders), before.ofSight(index));
		return { ...opening, placement, ...supportAtOf(opening, nth(before.measures, index), placement, before.ofSight(index)) };
	});
	if (!job.several) return { ...nth(placed, 0), mats, pack: packSize };
	const several = placed.map((opening, index) => {
		const { left, top } = nth(layout.at, index);
		return { ...opening, at: { left: left.value, top: top.value } };
	});
	return { opening: sizeValues(layout.block), mats, pack: packSize, openings: several };
}

/**
 * Where a mat is at hand its opening is what it is, and every other follows from it by the reveals: those before it open wider, those behind
 * it narrower. @returns the openings from the front, or null where all are cut
 */
function fixedOpenings({ mats }: Decided, reveals: readonly TermSides[]): TermSize[] | null {
	const first = mats.findIndex(({ have }) => have !== null);
	if (first < 0) return null;
	const openings: TermSize[] = [];
	const own = (index: number) => sizeTerms(`job.mats[${index}].have.opening`, there(nth(mats, index).have, 'have').opening);
	const both = (index: number, axis: keyof Size) => SIDES_OF[axis].map((side) => nth(reveals, index)[side]);
	openings[first] = own(first);
	for (let index = first - 1; index >= 0; index -= 1)
		openings[index] = mapAxes((axis) => tidied(sum(nth(openings, index + 1)[axis], ...both(index + 1, axis))));
	for (let index = first + 1; index < mats.length; index += 1)
		openings[index] = nth(mats, index).have
			? own(index)
			: mapAxes((axis) => tidied(less(nth(openings, index - 1)[axis], ...both(index, axis))));
	for (const [index, opening] of openings.entries())
		if (opening.width.value <= 0 || opening.height.value <= 0)
			fail(`mats[${index}].reveal`, 'This reveal leaves no window in the mat behind it. Make it smaller.');
	return openings;
}

/** Two mats that are at hand lie centred on each other: the strip between them is what their openings leave. */
function revealsBetween({ mats }: Decided, openings: readonly TermSize[], asked: readonly TermSides[]): TermSides[] {
	return asked.map((reveal, index) => {
		const isMet = nth(mats, index).have && mats.slice(0, index).some(({ have }) => have);
		if (!isMet) return reveal;
		return sidesOf((side) => {
			const axis = axisOf(side);
			return tidied(half(less(nth(openings, index - 1)[axis], nth(openings, index)[axis])));
		});
	});
}

/** A metal section that is not joined yet. */
export function isBoughtInPairs(job: Decided): boolean {
	return frameKindOf(job)?.inPairs === true && job.rabbet === null;
}

function packGiven({ borders }: Decided, readyPack: TermSize | null): TermSize {
	return borders.pack ? sizeTerms('job.borders.pack', borders.pack) : there(readyPack, 'rabbet');
}

/** The piece, or the board that it floats on, is the pack; in a frame that exists a float has as much air as that gives. */
function matlessWindow(job: Decided, { measures, readyPack, figure }: WindowInput): Window {
	const measure = nth(measures, 0);
	const choice = nth(job.windows, 0);
	const wanted = choice.way === 'float' && readyPack ? readyPack : packOfPiece({ choice, measure, step: job.step });
	const write = (name: string, term: Term) => figure(`window.${name}`, term, 'window#matless');
	const pack = writeSize(write, 'pack', wanted, 'matless');
	const piece = sizeTerms('measure.largest', measure.largest);
	const placed = (axis: keyof Size) => write(`placement.${SIDES_OF[axis][0]}`, tidied(half(less(pack[axis], piece[axis])))).value;
	const placement = { left: placed('width'), top: placed('height') };
	const size = sizeValues(pack);
	const support = supportOf({ choice, measure, step: job.step, reader: job.reader, place: 'window', figure });
	return {
		...(support ? { support } : {}),
		opening: size,
		sees: { left: -placement.left, top: -placement.top, ...size },
		mats: [],
		pack: size,
		placement,
		...(support ? supportAtOf({ support }, measure, placement, figure) : {})
	};
}

/** A support lies in the middle of the usable rectangle, so that none of it is seen. */
function supportAtOf(
	{ support }: Pick<Opening, 'support'>,
	{ usable }: Measure,
	placement: Place,
	figure: Figure
): Pick<PlacedOpening, 'supportAt'> {
	if (!support) return {};
	const lies = (side: keyof Place) => {
		const axis = axisOf(side);
		const inside = half(less(at(`measure.usable.${axis}`, usable[axis]), at(`window.support.${axis}`, support[axis])));
		const term = sum(at(`window.placement.${side}`, placement[side]), at(`measure.usable.${side}`, usable[side]), inside);
		return figure(`window.supportAt.${side}`, tidied(term), 'window#float').value;
	};
	return { supportAt: { left: lies('left'), top: lies('top') } };
}

/** By how much the front mat opens wider than the last. */
function widest(reveals: readonly TermSides[]): Sides {
	return reveals.reduce((wider, reveal) => mapSides((side) => wider[side] + reveal[side].value), evenSides(0));
}

/** The corner of the sheet's bounding box: as far up and left of the window's edge as the window lies inside the sheet. */
function placementOf({ sees }: Opening, place: Record<keyof Place, Term> | null, border: TermSides, figure: Figure): Place {
	const placed = (side: keyof Place) => {
		const corner = place ? sum(border[side], place[side]) : border[side];
		const from = less(corner, at(`window.sees.${side}`, sees[side]));
		return figure(`window.placement.${side}`, tidied(from), 'window#placement').value;
	};
	return { left: placed('left'), top: placed('top') };
}

/** @throws FaultError when reveals would pull an arch out of its round */
function checkArches(job: Decided, reveals: Sides[]): void {
	if (!job.windows.some(({ shape }) => shape === 'arch')) return;
	for (const [index, { top, left, right }] of reveals.entries())
		if (top !== left || top !== right)
			fail(`mats[${index}].reveal`, 'On an arch the reveal must be equal left, top and right; only the bottom may differ.');
}

/** How far the motif's middle lies from the window's; null where the window stands in the middle. */
function motifShift(job: Decided, openings: Opening[]): Shift | null {
	const { motif } = nth(job.pieces, 0);
	if (job.borders.centre !== 'motif') return null;
	if (openings.length > 1) fail('borders.centre', 'Several windows have no single motif. Centre the windows.');
	if (!motif) fail('borders.centre', 'Enter the motif’s limits on the piece (left, top, width, height), or centre the window.');
	const { sees } = nth(openings, 0);
	const middle = (path: string, axis: keyof Size, of: Place & Size) => {
		const [one] = SIDES_OF[axis];
		const under = named(job.several ? 1 : null, path);
		return sum(at(`${under}.${one}`, of[one]), half(at(`${under}.${axis}`, of[axis])));
	};
	return mapAxes((axis) => less(middle('job.piece.motif', axis, motif), middle('window.sees', axis, sees)));
}
