/** One mat: its openings, borders, guide stops and curves, and the strips that lift it (handbook window#mats, #guide-stops, #lift). */
import { mapSides, type Sides, type Size } from '../../geometry/shapes.ts';
import type { WindowShape } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { receiveUp, tidy } from '../../units/round.ts';
import { showWithUnit } from '../../units/show.ts';
import type { Layout } from './layout.ts';
import type { Curve, Hole, MatPlan } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';
import { lastOf, nth } from '../../units/there.ts';

export type Laid = {
	borders: Sides[];
	reveals: Sides[];
	pack: Size;
	layout: Layout;
	/** Narrowest openings of the mat nearest the piece. */
	sizes: Size[];
	overlaps: Sides[];
};

export function planMat(index: number, job: Decided, shop: Shop, laid: Laid): MatPlan {
	const { borders, reveals, pack } = laid;
	const mat = nth(job.mats, index);
	const border = nth(borders, index);
	const bevel = mat.board.thickness;
	const opening = inside(pack, border);
	const plan: MatPlan = { opening, border, stop: stopOf(border, job, index), blank: pack };
	const shapes = job.windows.map(({ shape }) => shape);
	if (job.several) plan.holes = shapes.map((shape, at) => holeOf(at, shape, index, job, laid));
	else if (shapes[0] !== 'rectangle') plan.curve = curveOf(nth(shapes, 0), border, opening);
	if (index > 0)
		plan.seen = mapSides((side) => tidy(mat.bevel === 'reverse' ? nth(reveals, index)[side] : nth(reveals, index)[side] - bevel));
	const lift = mat.lift > 0 ? liftStrips(index, job, shop, laid) : undefined;
	if (lift) plan.lift = lift;
	if (mat.print) {
		const more = 2 * shop.house.printBeyondBlank;
		plan.print = {
			needs: { width: tidy(pack.width + more), height: tidy(pack.height + more) },
			board: { width: tidy(pack.width + shop.house.clampTrim), height: pack.height }
		};
	}
	return plan;
}

/** The least printed area, once the frame is known: it may end under the lip, or at what is seen. */
export function printNeeds(ends: 'beyond-blank' | 'under-lip' | 'at-sight', past: Size, sight: Size, { lipCover }: House): Size {
	if (ends === 'beyond-blank') return past;
	const more = ends === 'under-lip' ? 2 * lipCover : 0;
	return { width: tidy(sight.width + more), height: tidy(sight.height + more) };
}

/** Cut from the back: the narrowest edge of a reverse bevel lies on the face, so the line on the back stands t nearer to the edge. */
function stopOf(border: Sides, job: Decided, index: number): Sides {
	const mat = nth(job.mats, index);
	return mapSides((side) => tidy(mat.bevel === 'reverse' ? border[side] - mat.board.thickness : border[side]));
}

/** One window in this mat: its corner lies where the layout puts it, wider by the reveals of the mats behind. */
function holeOf(at: number, shape: WindowShape, index: number, job: Decided, laid: Laid): Hole {
	const wider = laid.reveals.slice(index + 1);
	const more = mapSides((side) => wider.reduce((sum, reveal) => sum + reveal[side], 0));
	const place = nth(laid.layout.at, at);
	const size = nth(laid.sizes, at);
	const last = lastOf(laid.borders);
	const left = last.left + place.left - more.left;
	const top = last.top + place.top - more.top;
	const opening = { width: tidy(size.width + more.left + more.right), height: tidy(size.height + more.top + more.bottom) };
	const border = {
		top: tidy(top),
		right: tidy(laid.pack.width - left - opening.width),
		bottom: tidy(laid.pack.height - top - opening.height),
		left: tidy(left)
	};
	return {
		opening,
		border,
		stop: stopOf(border, job, index),
		...(shape === 'rectangle' ? {} : { curve: curveOf(shape, border, opening) })
	};
}

function curveOf(shape: WindowShape, border: Sides, opening: Size): Curve {
	const left = tidy(border.left + opening.width / 2);
	if (shape === 'arch') {
		const radius = tidy(opening.width / 2);
		const spring = tidy(border.top + radius);
		return { centre: { left, top: spring }, radius, spring };
	}
	return { centre: { left, top: tidy(border.top + opening.height / 2) }, diameters: opening };
}

function inside(pack: Size, border: Sides): Size {
	return { width: tidy(pack.width - border.left - border.right), height: tidy(pack.height - border.top - border.bottom) };
}

/** Two uprights as high as the pack, two cross strips between them; set back from the mat's narrowest edge. */
function liftStrips(index: number, job: Decided, { house }: Shop, laid: Laid): MatPlan['lift'] {
	const { borders, pack } = laid;
	const mat = nth(job.mats, index);
	const setback = mat.setback ?? houseSetback(index, job, house, laid.overlaps);
	// A frame that is too small has its own finding; the narrowest strip stands for one that has no room there.
	const tooSmall = job.borders.way === 'fit' && Math.min(...Object.values(nth(borders, 0))) < house.fitBorderLeast;
	const width = mapSides((side) =>
		tidy(tooSmall ? Math.max(job.step, nth(borders, index)[side] - setback) : nth(borders, index)[side] - setback)
	);
	if (Math.min(...Object.values(width)) <= 0) noRoomForLift(index, mat.setback, setback, job);
	const between = tidy(pack.width - width.left - width.right);
	return {
		height: mat.lift,
		setback,
		uprights: { left: { width: width.left, height: pack.height }, right: { width: width.right, height: pack.height } },
		crosses: { top: { width: between, height: width.top }, bottom: { width: between, height: width.bottom } }
	};
}

/** A setback that nobody typed is not what is wrong. */
function noRoomForLift(index: number, typed: number | null, setback: number, { reader }: Decided): never {
	if (typed === null)
		fail(
			'borders',
			`The border is too narrow for the lift behind mat ${index + 1}: its strips need more than ${showWithUnit(setback, reader, 'mark')}. Make the border wider, or remove the lift.`
		);
	fail(
		`mats[${index}].setback`,
		`A setback of ${showWithUnit(setback, reader, 'mark')} leaves no room for the lift. Make it smaller, or the border wider.`
	);
}

/** Where the job gives none: the house's, and over the under-mat far enough that the strip does not lie on the sheet. */
export function houseSetback(index: number, job: Decided, house: House, overlaps: Sides[]): number {
	const nearest = index === job.mats.length - 1;
	const widest = Math.max(...overlaps.flatMap((overlap) => Object.values(overlap)));
	return Math.max(house.setback, nearest && overlaps.length > 0 ? receiveUp(widest + house.setbackBeyondSheet, job.step) : 0);
}
