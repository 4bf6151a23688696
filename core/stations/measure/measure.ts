/**
 * Station Measure: from readings to the true outline, and to the largest upright rectangle that a covering window may use
 * (handbook measure).
 */
import { outlineFor, otherDiagonal, solveDiagonal, type Outline } from '../../geometry/quadrilateral.ts';
import { mapSides, type Sides, type Size } from '../../geometry/shapes.ts';
import type { Readings } from '../../job/decide-piece.ts';
import { fail } from '../../job/faults.ts';
import { tidy } from '../../units/round.ts';
import { likeliestSlip } from './slip.ts';
import type { Measure } from '../../figures/measure.ts';
import { nth } from '../../units/there.ts';

/** A sheet this near to square is taken as square. */
const SQUARE_WITHIN = 0.5;

/**
 * @param single one width and one height were read, no diagonals
 * @param at path of the readings, for the fault
 * @throws FaultError when no sheet can have these readings, with the likeliest slip
 */
export function planMeasure(
	{ readings, single }: { readings: Readings; single: boolean },
	at: string,
	what: 'sheet' | 'frame' = 'sheet'
): Measure {
	const d1 = solveDiagonal(readings, readings);
	if (d1 === null) fail(at, `No ${what} can have these readings. ${likeliestSlip(readings)}`);
	const d2 = otherDiagonal(readings, d1);
	const outline = outlineFor(readings, d1);
	const mean = { width: (readings.top + readings.bottom) / 2, height: (readings.left + readings.right) / 2 };
	const lean = leanOf(readings, { d1, d2 }, mean.width);
	const box = boundingBox(outline);
	const square = single || isSquare(readings, lean);
	const share = square ? null : usableShare(outline, mean);
	const size = share === null ? smallerReadings(readings) : { width: share * mean.width, height: share * mean.height };
	return {
		mean,
		largest: { width: tidy(box.right - box.left), height: tidy(box.bottom - box.top) },
		outline,
		diagonals: { d1, d2 },
		lean,
		leanTakenAsZero: readings.d1 === undefined && readings.d2 === undefined,
		misfit: readings.d1 !== undefined && readings.d2 !== undefined ? Math.abs(d1 - readings.d1) : 0,
		usable: { ...size, left: tidy(-size.width / 2 - box.left), top: tidy(-size.height / 2 - box.top) },
		share,
		loses: lossOf(outline, size)
	};
}

/** From the diagonals read where both were; else from those of the outline. Exactly zero where it was taken as zero. */
function leanOf(read: Readings, solved: { d1: number; d2: number }, width: number): number {
	if (read.d1 === undefined && read.d2 === undefined) return 0;
	const d1 = read.d1 ?? solved.d1;
	const d2 = read.d2 ?? solved.d2;
	return (d1 * d1 - d2 * d2) / (4 * width);
}

function isSquare(readings: Readings, lean: number): boolean {
	const apart = Math.max(Math.abs(readings.top - readings.bottom), Math.abs(readings.left - readings.right));
	return Math.abs(lean) <= SQUARE_WITHIN && apart <= SQUARE_WITHIN;
}

function smallerReadings(readings: Readings): Size {
	return { width: Math.min(readings.top, readings.bottom), height: Math.min(readings.left, readings.right) };
}

/**
 * The share k of the mean size (a, b) that an upright rectangle round the centre may keep. For an edge with outward normal n at
 * distance c from the centre k = c / (|nx| a/2 + |ny| b/2); the edge's length cancels, so the corners' cross product serves.
 */
export function usableShare(outline: Outline, { width, height }: Size): number {
	const shares = outline.map((from, index) => {
		const to = nth(outline, (index + 1) % 4);
		const cross = from.x * to.y - to.x * from.y;
		return cross / ((Math.abs(to.y - from.y) * width) / 2 + (Math.abs(to.x - from.x) * height) / 2);
	});
	return Math.min(...shares);
}

function boundingBox(outline: Outline): Sides {
	const xs = outline.map((corner) => corner.x);
	const ys = outline.map((corner) => corner.y);
	return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}

function lossOf(outline: Outline, size: Size): Sides {
	const box = boundingBox(outline);
	const half = { width: size.width / 2, height: size.height / 2 };
	const beyond = {
		left: -box.left - half.width,
		right: box.right - half.width,
		top: -box.top - half.height,
		bottom: box.bottom - half.height
	};
	return mapSides((side) => Math.max(0, tidy(beyond[side])));
}

/** The longest side of all sheets. */
export function longestOf(measures: Measure[]): number {
	return Math.max(...measures.flatMap(({ mean }) => [mean.width, mean.height]));
}
