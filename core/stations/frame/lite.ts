/**
 * Glazing for a frame that is out of true: it follows the rabbet, not the square (handbook frame#out-of-true). Each edge lies half the
 * allowance inside the rabbet's edge; its four sides and diagonals are what is cut, rounded down.
 */
import { outlineFor, otherDiagonal, solveDiagonal, type Outline } from '../../geometry/quadrilateral.ts';
import type { Point, Size } from '../../geometry/shapes.ts';
import type { Readings } from '../../job/decide-piece.ts';
import { cutDown } from '../../units/round.ts';
import type { Lite } from '../../figures/frame.ts';
import { nth, there } from '../../units/there.ts';
import { isAbove } from '../../units/compare.ts';

export const LITE_FIGURES = ['top', 'right', 'bottom', 'left', 'd1', 'd2'] as const;

/** One of each figure of a lite. */
export function mapLite<T>(make: (figure: keyof Lite) => T): Record<keyof Lite, T> {
	return Object.fromEntries(LITE_FIGURES.map((figure) => [figure, make(figure)])) as Record<keyof Lite, T>;
}

export const CORNERS = ['top-left', 'top-right', 'bottom-right', 'bottom-left'] as const;
export type Corner = (typeof CORNERS)[number];

/** The rabbet as it was measured, levelled, the origin in the mean of its corners. */
export function rabbetOutline(readings: Readings): Outline {
	return outlineFor(readings, there(solveDiagonal(readings, readings), 'solve diagonal'));
}

/** Corners of the lite, from top-left clockwise, in the rabbet's own measures. */
export function liteOutline(readings: Readings, allowance: Size): Outline {
	const outline = rabbetOutline(readings);
	const inward = [allowance.height, allowance.width, allowance.height, allowance.width].map((axis) => axis / 2);
	const lines = outline.map((from, index) => moved(from, nth(outline, (index + 1) % 4), nth(inward, index)));
	// A corner is where the edge that ends in it meets the one that begins there.
	return lines.map((line, index) => crossing(nth(lines, (index + 3) % 4), line)) as Outline;
}

/** Corners of a lite of these sides and diagonals, its bounding box's corner at the origin. */
export function solvedCorners(lite: Lite): Point[] {
	const outline = rabbetOutline({ ...lite });
	const [left, top] = [Math.min(...outline.map(({ x }) => x)), Math.min(...outline.map(({ y }) => y))];
	return outline.map(({ x, y }) => ({ x: x - left, y: y - top }));
}

export function liteOf(readings: Readings, allowance: Size, step: number): Lite {
	const [topLeft, topRight, bottomRight, bottomLeft] = liteOutline(readings, allowance);
	const cut = (one: Point, other: Point) => cutDown(Math.hypot(one.x - other.x, one.y - other.y), step);
	return {
		top: cut(topLeft, topRight),
		right: cut(topRight, bottomRight),
		bottom: cut(bottomLeft, bottomRight),
		left: cut(topLeft, bottomLeft),
		d1: cut(topLeft, bottomRight),
		d2: cut(topRight, bottomLeft)
	};
}

/** Area of a lite of these sides and diagonals, mm². */
export function liteArea(lite: Lite): number {
	const corners = solvedCorners(lite);
	const sum = corners.reduce((all, { x, y }, index) => {
		const next = nth(corners, (index + 1) % 4);
		return all + x * next.y - next.x * y;
	}, 0);
	return Math.abs(sum) / 2;
}

/** Upright size of the blank that a lite is cut from. */
export function liteBlank(readings: Readings, allowance: Size, step: number): Size {
	const outline = liteOutline(readings, allowance);
	const span = (of: keyof Point) =>
		Math.max(...outline.map((point) => point[of])) - Math.min(...outline.map((point) => point[of]));
	return { width: cutDown(span('x'), step), height: cutDown(span('y'), step) };
}

/** How far each corner is out of square, mm over the shorter side that ends in it: + open, − closed. From top-left clockwise. */
export function cornersOut(readings: Readings): [number, number, number, number] {
	const outline = rabbetOutline(readings);
	return outline.map((corner, index) => {
		const [before, after] = [nth(outline, (index + 3) % 4), nth(outline, (index + 1) % 4)];
		const [one, other] = [away(corner, before), away(corner, after)];
		const [a, b] = [Math.hypot(one.x, one.y), Math.hypot(other.x, other.y)];
		const cosine = (one.x * other.x + one.y * other.y) / (a * b);
		return -cosine * Math.min(a, b);
	}) as [number, number, number, number];
}

/** Opposite sides that differ, or diagonals that do, by more than half a millimetre. */
export function isOutOfTrue(readings: Readings): boolean {
	const d1 = solveDiagonal(readings, readings);
	if (d1 === null) return false;
	const differs = (one: number, other: number) => isAbove(Math.abs(one - other), 0.5);
	return (
		differs(readings.top, readings.bottom) || differs(readings.left, readings.right) || differs(d1, otherDiagonal(readings, d1))
	);
}

type Line = { at: Point; along: Point };

/** A clockwise edge, moved to its right: inward. */
function moved(from: Point, to: Point, by: number): Line {
	const along = away(from, to);
	const length = Math.hypot(along.x, along.y);
	return { at: { x: from.x - (along.y / length) * by, y: from.y + (along.x / length) * by }, along };
}

function crossing(one: Line, other: Line): Point {
	const cross = one.along.x * other.along.y - one.along.y * other.along.x;
	const between = away(one.at, other.at);
	const share = (between.x * other.along.y - between.y * other.along.x) / cross;
	return { x: one.at.x + one.along.x * share, y: one.at.y + one.along.y * share };
}

function away(from: Point, to: Point): Point {
	return { x: to.x - from.x, y: to.y - from.y };
}
