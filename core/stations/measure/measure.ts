/**
 * Station Measure: from readings to the true outline, and to the largest upright rectangle that a covering window may use
 * (handbook measure).
 */
import { outlineFor, otherDiagonal, solveDiagonal } from '../../geometry/quadrilateral.ts';
import { axisOf, mapSides, type SideName, type Size } from '../../geometry/shapes.ts';
import type { Readings } from '../../job/decide-piece.ts';
import { fail } from '../../job/faults.ts';
import { likeliestSlip } from './slip.ts';
import type { Measure } from '../../figures/measure.ts';
import { unwritten, type Figure } from '../../rule/book.ts';
import {
	apart,
	at,
	half,
	largest,
	less,
	named,
	negative,
	over,
	plain,
	smallest,
	sum,
	tidied,
	times,
	type Term
} from '../../rule/term.ts';
import { nth } from '../../units/there.ts';

/** A sheet this near to square is taken as square. */
const SQUARE_WITHIN = 0.5;

/**
 * @param single one width and one height were read, no diagonals
 * @param place path of the readings, for the fault
 * @throws FaultError when no sheet can have these readings, with the likeliest slip
 */
export function planMeasure(
	{ readings, single }: { readings: Readings; single: boolean },
	place: string,
	what: 'sheet' | 'frame' = 'sheet',
	figure: Figure = unwritten
): Measure {
	const write = (name: string, term: Term, anchor: string) => figure(`measure.${name}`, term, `measure#${anchor}`);
	const solved = solveDiagonal(readings, readings);
	if (solved === null) fail(place, `No ${what} can have these measurements. ${likeliestSlip(readings)}`);
	const read = at(READINGS, Number.NaN);
	const d1 = write('diagonals.d1', named('firstDiagonal', solved, [read]), 'outline');
	const d2 = write('diagonals.d2', named('otherDiagonal', otherDiagonal(readings, d1.value), [read, d1]), 'outline');
	const outline = outlineFor(readings, d1.value);
	const corners = outline.map(({ x, y }, index) => ({
		x: write(`outline[${index}].x`, named('cornerX', x, [read, d1, plain(index)]), 'outline'),
		y: write(`outline[${index}].y`, named('cornerY', y, [read, d1, plain(index)]), 'outline')
	}));
	const [top, right, bottom, left] = SIDES_READ.map((side) => at(`${READINGS}.${side}`, readings[side])) as Sides4;
	const mean = {
		width: write('mean.width', half(sum(top, bottom)), 'readings'),
		height: write('mean.height', half(sum(left, right)), 'readings')
	};
	const lean = write('lean', leanOf(readings, { d1, d2 }, mean.width), 'lean');
	const box = boundingBox(corners);
	const square = single || isSquare(readings, lean.value);
	const share = square ? null : write('share', usableShare(corners, mean), 'usable');
	const size = share
		? { width: times(share, mean.width), height: times(share, mean.height) }
		: { width: smallest(top, bottom), height: smallest(left, right) };
	const usable = { width: write('usable.width', size.width, 'usable'), height: write('usable.height', size.height, 'usable') };
	const largestOf = (axis: keyof Size, from: Term, to: Term) => write(`largest.${axis}`, tidied(less(to, from)), 'usable').value;
	const start = (side: 'left' | 'top', axis: keyof Size) =>
		write(`usable.${side}`, tidied(less(negative(half(usable[axis])), box[side])), 'usable').value;
	const misfit = readings.d1 !== undefined && readings.d2 !== undefined ? apart(d1, at(`${READINGS}.d1`, readings.d1)) : plain(0);
	const beyond = { left: negative(box.left), right: box.right, top: negative(box.top), bottom: box.bottom };
	return {
		mean: { width: mean.width.value, height: mean.height.value },
		largest: { width: largestOf('width', box.left, box.right), height: largestOf('height', box.top, box.bottom) },
		outline,
		diagonals: { d1: d1.value, d2: d2.value },
		lean: lean.value,
		leanTakenAsZero: readings.d1 === undefined && readings.d2 === undefined,
		misfit: write('misfit', misfit, 'misfit').value,
		usable: {
			width: usable.width.value,
			height: usable.height.value,
			left: start('left', 'width'),
			top: start('top', 'height')
		},
		share: share?.value ?? null,
		loses: mapSides((side) => {
			const loss = tidied(less(beyond[side], half(usable[axisOf(side)])));
			return write(`loses.${side}`, largest(plain(0), loss), 'usable').value;
		})
	};
}

const READINGS = 'job.piece.readings';
const SIDES_READ = ['top', 'right', 'bottom', 'left'] as const;
type Sides4 = [Term, Term, Term, Term];
type Corner = { x: Term; y: Term };

/** From the diagonals read where both were; else from those of the outline. Exactly zero where it was taken as zero. */
function leanOf(read: Readings, solved: { d1: Term; d2: Term }, width: Term): Term {
	if (read.d1 === undefined && read.d2 === undefined) return plain(0);
	const d1 = read.d1 === undefined ? solved.d1 : at(`${READINGS}.d1`, read.d1);
	const d2 = read.d2 === undefined ? solved.d2 : at(`${READINGS}.d2`, read.d2);
	return over(less(times(d1, d1), times(d2, d2)), times(plain(4), width));
}

function isSquare(readings: Readings, lean: number): boolean {
	const differ = Math.max(Math.abs(readings.top - readings.bottom), Math.abs(readings.left - readings.right));
	return Math.abs(lean) <= SQUARE_WITHIN && differ <= SQUARE_WITHIN;
}

/**
 * The share k of the mean size (a, b) that an upright rectangle round the centre may keep. For an edge with outward normal n at
 * distance c from the centre k = c / (|nx| a/2 + |ny| b/2); the edge's length cancels, so the corners' cross product serves.
 */
export function usableShare(corners: readonly Corner[], { width, height }: { width: Term; height: Term }): Term {
	const shares = corners.map((from, index) => {
		const to = nth(corners, (index + 1) % 4);
		const cross = less(times(from.x, to.y), times(to.x, from.y));
		return over(cross, sum(half(times(apart(to.y, from.y), width)), half(times(apart(to.x, from.x), height))));
	});
	return smallest(...shares);
}

function boundingBox(corners: readonly Corner[]): Record<SideName, Term> {
	const xs = corners.map(({ x }) => x);
	const ys = corners.map(({ y }) => y);
	return { left: smallest(...xs), right: largest(...xs), top: smallest(...ys), bottom: largest(...ys) };
}

/** The longest side of all sheets. */
export function longestOf(measures: Measure[]): number {
	return Math.max(...measures.flatMap(({ mean }) => [mean.width, mean.height]));
}
