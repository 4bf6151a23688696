/**
 * The outline of a sheet from its sides and diagonals (handbook measure#outline). Nothing old is assumed square.
 *
 *     TL ──── top ──── TR
 *      │ ╲          ╱  │
 *    left   d1   d2   right        five readings fix the shape, the sixth is a check
 *      │ ╱          ╲  │
 *     BL ─── bottom ── BR
 */
import type { Point } from './shapes.ts';

export type FourSides = { top: number; right: number; bottom: number; left: number };
export type Diagonals = { d1?: number; d2?: number };
/** Corners from top-left clockwise; the origin is the mean of the four, the sheet levelled. */
export type Outline = [Point, Point, Point, Point];

/**
 * The diagonal from top-left to bottom-right that the readings give.
 * @returns its length in mm, or null when no sheet can have these readings
 */
export function solveDiagonal(sides: FourSides, given: Diagonals): number | null {
	const low = Math.max(Math.abs(sides.top - sides.right), Math.abs(sides.left - sides.bottom));
	const high = Math.min(sides.top + sides.right, sides.left + sides.bottom);
	if (low >= high) return null;
	const misses = missFor(sides, given);
	if (given.d1 !== undefined && given.d2 === undefined) return given.d1 > low && given.d1 < high ? given.d1 : null;
	// At its least a sheet is folded flat, and its diagonals may be as long as each other there too: the open sheet lies beyond.
	let from = low + FOLDED;
	for (let gap = FOLDED; misses(from) > 0; from = low + gap) {
		gap *= 2;
		if (low + gap >= high) return null;
	}
	let to = high;
	if (misses(to) < 0) return null;
	while (to - from > 1e-11) {
		const middle = (from + to) / 2;
		if (middle === from || middle === to) break;
		if (misses(middle) < 0) from = middle;
		else to = middle;
	}
	return (from + to) / 2;
}

const FOLDED = 1e-6;

/** What must be zero at the solution; it grows with x, since the other diagonal falls as x grows. */
function missFor(sides: FourSides, { d1, d2 }: Diagonals): (x: number) => number {
	if (d1 !== undefined && d2 !== undefined) return (x) => x - otherDiagonal(sides, x) - (d1 - d2);
	if (d2 !== undefined) return (x) => d2 - otherDiagonal(sides, x);
	return (x) => x - otherDiagonal(sides, x);
}

/** The diagonal from top-right to bottom-left when the one from top-left to bottom-right is x. */
export function otherDiagonal(sides: FourSides, x: number): number {
	const [, topRight, , bottomLeft] = laid(sides, x);
	return Math.hypot(topRight.x - bottomLeft.x, topRight.y - bottomLeft.y);
}

/** The outline for a diagonal x, levelled, the origin in the mean of its corners. */
export function outlineFor(sides: FourSides, x: number): Outline {
	const corners = laid(sides, x);
	const [topLeft, topRight, bottomRight, bottomLeft] = corners;
	const turn = Math.atan2(
		topRight.y - topLeft.y + bottomRight.y - bottomLeft.y,
		topRight.x - topLeft.x + bottomRight.x - bottomLeft.x
	);
	const middle = { x: mean(corners.map((corner) => corner.x)), y: mean(corners.map((corner) => corner.y)) };
	const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
	return corners.map(({ x: px, y: py }) => ({
		x: (px - middle.x) * cos + (py - middle.y) * sin,
		y: (py - middle.y) * cos - (px - middle.x) * sin
	})) as Outline;
}

/** Top-left in the origin, bottom-right on the x axis: the other two are crossings of circles. */
function laid(sides: FourSides, x: number): Outline {
	const upper = crossing(sides.top, sides.right, x);
	const lower = crossing(sides.left, sides.bottom, x);
	return [
		{ x: 0, y: 0 },
		{ x: upper.u, y: -upper.v },
		{ x, y: 0 },
		{ x: lower.u, y: lower.v }
	];
}

function crossing(p: number, q: number, x: number): { u: number; v: number } {
	const u = x === 0 ? 0 : (p * p - q * q + x * x) / (2 * x);
	return { u, v: Math.sqrt(Math.max(0, p * p - u * u)) };
}

function mean(values: number[]): number {
	return values.reduce((sum, value) => sum + value, 0) / values.length;
}
