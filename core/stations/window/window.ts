/**
 * Station Window: what shows, how the mats stand round it, and where the sheet lies under them (handbook window).
 *
 *   ├─ border ─┤├ reveal ┤├──────── opening ────────┤      mat 0 (front) opens widest, the last mat is nearest the piece
 *   ███ mat 0 ██
 *   ███ mat 1 ███████████
 *                    ├─────── sheet, hidden by the overlap ──── …
 */
import { evenSides, grow, mapSides, type Place, type Sides, type Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import type { Shop } from '../../shop/shop.ts';
import { LONGEST_MM } from '../../units/length.ts';
import { showNearest, tidy } from '../../units/round.ts';
import { showSize } from '../../units/show.ts';
import { bordersOf, grownTo, nextPair, type Shift } from './borders.ts';
import { keepApart, layOut } from './layout.ts';
import { planMat } from './mats.ts';
import { planOpening } from './opening.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening, Window } from '../../figures/window.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { lastOf, nth, there } from '../../units/there.ts';

export type WindowInput = {
	measures: Measure[];
	movements: Size[];
	/** The pack that a ready-made frame takes, when borders fit and none is given. */
	readyPack: Size | null;
	/** Writes the figures of one window down, as a single window's. */
	ofSight: (index: number) => Figure;
};

/**
 * @returns the window, or null while the image that a reveal is measured from is missing
 * @throws FaultError when no window is left, windows run into each other, or the pack grows past 5 m
 */
export function planWindow(job: Decided, shop: Shop, before: WindowInput): Window | null {
	const openings: Opening[] = [];
	for (const [index, choice] of job.windows.entries()) {
		const opening = planOpening({
			piece: nth(job.pieces, index),
			choice,
			measure: nth(before.measures, index),
			movement: nth(before.movements, index),
			mat: job.mats.at(-1) ?? null,
			hangs: isHinge(job.hold.kind),
			house: shop.house,
			step: job.step,
			reader: job.reader,
			place: job.several ? `window.openings[${index}]` : 'window',
			figure: before.ofSight(index)
		});
		if (!opening) return null;
		openings.push(opening);
	}
	const reveals = job.mats.map((mat) => mapSides((side) => showNearest(mat.reveal[side], job.step)));
	const wider = reveals.reduce(addSides, evenSides(0));
	checkArches(job, reveals);
	const sizes = openings.map(({ opening }) => opening);
	const layout = layOut({ openings: sizes, places: job.windows.map(({ at }) => at), grid: job.grid, step: job.step });
	if (openings.length > 1) keepApart(layout, sizes, wider, job.grid !== null);
	const outermost = grow(layout.block, wider);
	if (job.mats.length === 0) return matlessWindow(job, nth(openings, 0), before.readyPack);
	const given = job.borders.way === 'fit' ? (job.borders.pack ?? before.readyPack) : null;
	const asked = bordersOf(job, outermost, given, motifShift(job, openings));
	const natural = given ?? tidySize(grow(outermost, asked));
	// What is bought in pairs by size takes the next pair; what is there already takes what it is given.
	const pack = given ?? (isBoughtInPairs(job) ? nextPair(natural, there(job.frame, 'frame').pairStep) : natural);
	const first = grownTo(asked, natural, pack, job.step);
	const borders = eachBorder(first, reveals);
	if (Math.max(pack.width, pack.height) >= LONGEST_MM)
		fail('borders', `These borders make a pack of ${showSize(pack, job.reader)} ${job.reader.unit}. A pack stays under 5 m.`);
	const overlaps = openings.map(({ overlap }) => overlap).filter((overlap) => overlap !== undefined);
	const mats = job.mats.map((_, index) => planMat(index, job, shop, { borders, reveals, pack, layout, sizes, overlaps }));
	const placed = openings.map((opening, index) => ({
		...opening,
		at: nth(layout.at, index),
		placement: placementOf(opening, nth(layout.at, index), lastOf(borders))
	}));
	if (job.several) return { opening: layout.block, mats, pack, openings: placed };
	const { at: _, ...only } = nth(placed, 0);
	return { ...only, mats, pack };
}

/** A metal section that is not joined yet. */
export function isBoughtInPairs(job: Decided): boolean {
	return frameKindOf(job)?.inPairs === true && job.rabbet === null;
}

/** The piece, or the board that it floats on, is the pack; in a frame that exists a float has as much air as that gives. */
function matlessWindow(job: Decided, opening: Opening, readyPack: Size | null): Window {
	const pack = job.window.way === 'float' && readyPack ? readyPack : opening.opening;
	const { sees } = opening;
	const piece = { width: sees.width + 2 * sees.left, height: sees.height + 2 * sees.top };
	const placement = { left: tidy((pack.width - piece.width) / 2), top: tidy((pack.height - piece.height) / 2) };
	return { ...opening, opening: pack, sees: { left: -placement.left, top: -placement.top, ...pack }, mats: [], pack, placement };
}

/** Once a frame is chosen, what shows of a piece without a mat is what its lip leaves. */
export function seenThrough(window: Window, sight: Size): void {
	const { pack, placement } = window;
	window.opening = sight;
	window.sees = {
		left: tidy((pack.width - sight.width) / 2 - there(placement, 'placement').left),
		top: tidy((pack.height - sight.height) / 2 - there(placement, 'placement').top),
		...sight
	};
}

/** Every mat has the pack's size, so each border behind the first grows by the reveals up to it. */
function eachBorder(first: Sides, reveals: Sides[]): Sides[] {
	let border = first;
	return reveals.map((reveal) => (border = addSides(border, reveal)));
}

function addSides(one: Sides, other: Sides): Sides {
	return mapSides((side) => tidy(one[side] + other[side]));
}

/** The corner of the sheet's bounding box: as far up and left of the window's edge as the window lies inside the sheet. */
function placementOf({ sees }: Opening, at: Place, border: Sides): Place {
	return { left: tidy(border.left + at.left - sees.left), top: tidy(border.top + at.top - sees.top) };
}

/** @throws FaultError when reveals would pull an arch out of its round */
function checkArches(job: Decided, reveals: Sides[]): void {
	if (!job.windows.some(({ shape }) => shape === 'arch')) return;
	const uneven = reveals.findIndex(({ top, left, right }) => top !== left || top !== right);
	if (uneven >= 0)
		fail(
			`mats[${uneven}].reveal`,
			'Round an arch a reveal is the same at the left, the top and the right. Only the bottom may differ.'
		);
}

/** How far the motif's middle lies from the window's. */
function motifShift(job: Decided, openings: Opening[]): Shift {
	const { motif } = nth(job.pieces, 0);
	if (job.borders.centre !== 'motif') return { right: 0, down: 0 };
	if (openings.length > 1) fail('borders.centre', 'Several windows have no one motif. Centre the windows.');
	if (!motif) fail('borders.centre', 'Give the motif’s extremes on the piece (left, top, width, height), or centre the window.');
	const { sees } = nth(openings, 0);
	return {
		right: motif.left + motif.width / 2 - (sees.left + sees.width / 2),
		down: motif.top + motif.height / 2 - (sees.top + sees.height / 2)
	};
}

function tidySize(size: Size): Size {
	return { width: tidy(size.width), height: tidy(size.height) };
}
