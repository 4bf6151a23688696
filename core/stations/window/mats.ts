/** One mat: its openings, borders, guide stops and curves, and the strips that lift it (handbook window#mats, #guide-stops, #lift). */
import type { WindowShape } from '../../job/kinds.ts';
import { mapAxes, SIDES, type SideName, type Sides } from '../../geometry/shapes.ts';
import type { MatChoice } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { showWithUnit } from '../../units/show.ts';
import type { Layout } from './layout.ts';
import type { Curve, Hole, MatPlan } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure, Write } from '../../rule/book.ts';
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
import { at, half, houseTerms, largest, less, sum, tidied, up, type Term, type TermSize } from '../../rule/term.ts';
import { lastOf, nth } from '../../units/there.ts';

/** What all mats share; of each mat its opening, borders and reveals. */
export type Laid = {
	openings: readonly TermSize[];
	borders: readonly TermSides[];
	reveals: readonly TermSides[];
	pack: TermSize;
	layout: Layout;
	/** Narrowest openings of the mat nearest the piece, and how far they cover their sheets: none of a float. */
	sizes: readonly TermSize[];
	overlaps: readonly TermSides[];
};

export function planMat(index: number, job: Decided, shop: Shop, laid: Laid, figure: Figure): MatPlan {
	const mat = nth(job.mats, index);
	const border = nth(laid.borders, index);
	const opening = nth(laid.openings, index);
	const write: Write = (name, term, anchor) => figure(`window.mats[${index}].${name}`, term, `window#${anchor}`);
	const plan: MatPlan = {
		opening: sizeValues(opening),
		border: sideValues(border),
		stop: stopOf(border, mat, write),
		blank: sizeValues(writeSize(write, 'blank', laid.pack, 'mats'))
	};
	const shapes = job.windows.map(({ shape }) => shape);
	if (job.several) plan.holes = shapes.map((shape, hole) => holeOf(hole, shape, index, mat, laid, write));
	else if (shapes[0] !== 'rectangle') plan.curve = curveOf(nth(shapes, 0), border, opening, write);
	if (index > 0) {
		const reveal = nth(laid.reveals, index);
		const seen = mat.bevel === 'reverse' ? reveal : sidesOf((side) => tidied(less(reveal[side], thicknessOf(mat))));
		plan.seen = sideValues(writeSides(write, 'seen', seen, 'seen'));
	}
	const lift = mat.lift > 0 ? liftStrips(index, job, shop.house, laid, write) : undefined;
	if (lift) plan.lift = lift;
	return plan;
}

function thicknessOf({ board }: MatChoice): Term {
	return at(`shop.boards[${board.id}].thickness`, board.thickness);
}

/** Cut from the back: the narrowest edge of a reverse bevel lies on the face, so the line on the back stands t nearer to the edge. */
function stopOf(border: TermSides, mat: MatChoice, write: Write): Sides {
	const stop = mat.bevel === 'reverse' ? sidesOf((side) => tidied(less(border[side], thicknessOf(mat)))) : border;
	return sideValues(writeSides(write, 'stop', stop, 'guide-stops'));
}

/** One window in this mat: its corner lies where the layout puts it, wider by the reveals of the mats behind. */
function holeOf(hole: number, shape: WindowShape, index: number, mat: MatChoice, laid: Laid, writeOfMat: Write): Hole {
	const write: Write = (name, term, anchor) => writeOfMat(`holes[${hole}].${name}`, term, anchor);
	const last = lastOf(laid.borders);
	const place = nth(laid.layout.at, hole);
	const opening = writeSize(
		write,
		'opening',
		mapAxes((axis) => tidied(widened(nth(laid.sizes, hole), axis, index, laid.reveals))),
		'several'
	);
	const before = (side: 'left' | 'top') =>
		tidied(less(sum(last[side], place[side]), ...behind(index, laid.reveals).map((reveal) => reveal[side])));
	const side = (name: SideName, term: Term) => write(`border.${name}`, term, 'several');
	const [left, top] = [side('left', before('left')), side('top', before('top'))];
	const border = {
		left,
		top,
		right: side('right', tidied(less(laid.pack.width, left, opening.width))),
		bottom: side('bottom', tidied(less(laid.pack.height, top, opening.height)))
	};
	return {
		opening: sizeValues(opening),
		border: sideValues(border),
		stop: stopOf(border, mat, write),
		...(shape === 'rectangle' ? {} : { curve: curveOf(shape, border, opening, write) })
	};
}

/** An opening of the last mat as it is in this one: wider by the reveals of the mats behind. */
export function widened(opening: TermSize, axis: 'width' | 'height', index: number, reveals: readonly TermSides[]): Term {
	const [one, other] = SIDES_OF[axis];
	const of = behind(index, reveals);
	return sum(opening[axis], ...of.map((reveal) => reveal[one]), ...of.map((reveal) => reveal[other]));
}

/** Reveals of the mats behind one. */
function behind(index: number, reveals: readonly TermSides[]): readonly TermSides[] {
	return reveals.filter((_, other) => other > index);
}

function curveOf(shape: WindowShape, border: TermSides, opening: TermSize, write: Write): Curve {
	const left = write('curve.centre.left', tidied(sum(border.left, half(opening.width))), 'shapes').value;
	if (shape === 'arch') {
		const radius = write('curve.radius', tidied(half(opening.width)), 'shapes');
		const spring = write('curve.spring', tidied(sum(border.top, radius)), 'shapes');
		return {
			centre: { left, top: write('curve.centre.top', spring, 'shapes').value },
			radius: radius.value,
			spring: spring.value
		};
	}
	return {
		centre: { left, top: write('curve.centre.top', tidied(sum(border.top, half(opening.height))), 'shapes').value },
		diameters: sizeValues(writeSize(write, 'curve.diameters', opening, 'shapes'))
	};
}

/** Two uprights as high as the pack, two cross strips between them; set back from the mat's narrowest edge. */
function liftStrips(index: number, job: Decided, house: House, laid: Laid, writeOfMat: Write): MatPlan['lift'] {
	const { borders, pack } = laid;
	const write = (name: string, term: Term) => writeOfMat(`lift.${name}`, term, 'lift');
	const mat = nth(job.mats, index);
	const setback = write(
		'setback',
		mat.setback === null ? setbackOf(index, job, house, laid.overlaps) : at(`job.mats[${index}].setback`, mat.setback)
	);
	// A frame that is too small has its own finding; the narrowest strip stands for one that has no room there.
	const tooSmall = job.borders.way === 'fit' && Math.min(...Object.values(sideValues(nth(borders, 0)))) < house.fitBorderLeast;
	const wide = sidesOf((side) => {
		const room = less(nth(borders, index)[side], setback);
		return tidied(tooSmall ? largest(at('job.step', job.step), room) : room);
	});
	if (SIDES.some((side) => wide[side].value <= 0)) noRoomForLift(index, mat.setback, setback.value, job);
	const upright = (side: 'left' | 'right') =>
		sizeValues(writeSize(write, `uprights.${side}`, { width: wide[side], height: pack.height }, 'lift'));
	const uprights = { left: upright('left'), right: upright('right') };
	const path = `window.mats[${index}].lift.uprights`;
	const between = tidied(
		less(pack.width, at(`${path}.left.width`, uprights.left.width), at(`${path}.right.width`, uprights.right.width))
	);
	const cross = (side: 'top' | 'bottom') =>
		sizeValues(writeSize(write, `crosses.${side}`, { width: between, height: wide[side] }, 'lift'));
	return {
		height: write('height', at(`job.mats[${index}].lift`, mat.lift)).value,
		setback: setback.value,
		uprights,
		crosses: { top: cross('top'), bottom: cross('bottom') }
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
		`A setback of ${showWithUnit(setback, reader, 'mark')} leaves no room for the lift. Reduce it, or widen the border.`
	);
}

/** Where the job gives none: the house's, and over the under-mat far enough that the strip does not lie on the sheet. */
function setbackOf(index: number, job: Decided, house: House, overlaps: readonly TermSides[]): Term {
	const of = houseTerms(house);
	const nearest = index === job.mats.length - 1;
	if (!nearest || overlaps.length === 0) return of('setback');
	const widest = largest(...overlaps.flatMap((overlap) => SIDES.map((side) => overlap[side])));
	return largest(of('setback'), up(sum(widest, of('setbackBeyondSheet')), at('job.step', job.step)));
}

/** The same for overlaps that are only tried. */
export function houseSetback(index: number, job: Decided, house: House, overlaps: readonly Sides[]): number {
	return setbackOf(
		index,
		job,
		house,
		overlaps.map((overlap) => sideTerms('window.overlap', overlap))
	).value;
}
