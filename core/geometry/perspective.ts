/** The plane seen from an angle: maps a sheet's corners to where a photograph shows them, and takes the picture straight. */
import type { Point } from './shapes.ts';
import { nth } from '../units/there.ts';

/** x' = (a x + b y + c) / (g x + h y + 1), y' = (d x + e y + f) / (g x + h y + 1), as [a, b, c, d, e, f, g, h]. */
export type Perspective = readonly [number, number, number, number, number, number, number, number];

/**
 * The perspective that takes each of four points to its partner.
 * @returns null when three of the points on one side lie on a line, so that no plane can be seen so
 */
export function perspectiveBetween(from: readonly Point[], to: readonly Point[]): Perspective | null {
	if (crosses(from) || crosses(to)) return null;
	const rows = from.flatMap(({ x, y }, index) => {
		const { x: u, y: v } = nth(to, index);
		return [
			[x, y, 1, 0, 0, 0, -u * x, -u * y, u],
			[0, 0, 0, x, y, 1, -v * x, -v * y, v]
		];
	});
	return eliminate(rows) as Perspective | null;
}

export function seen([a, b, c, d, e, f, g, h]: Perspective, { x, y }: Point): Point {
	const depth = g * x + h * y + 1;
	return { x: (a * x + b * y + c) / depth, y: (d * x + e * y + f) / depth };
}

/** Pixels of four bytes, row by row. */
export type Pixels = { data: Uint8ClampedArray; width: number; height: number };

/**
 * Fills rows of a picture with what a photograph shows there, blended between its four nearest pixels; what lies beyond it is white.
 * @param perspective from pixels of the picture to pixels of the photograph
 * @param rows the first row and the one after the last
 */
export function takeStraight(
	photograph: Pixels,
	picture: Pixels,
	perspective: Perspective,
	rows: readonly [number, number]
): void {
	const [a, b, c, d, e, f, g, h] = perspective;
	const { data: source, width, height } = photograph;
	const { data: target } = picture;
	for (let y = rows[0]; y < rows[1]; y += 1) {
		for (let x = 0; x < picture.width; x += 1) {
			const depth = g * (x + 0.5) + h * (y + 0.5) + 1;
			const u = (a * (x + 0.5) + b * (y + 0.5) + c) / depth - 0.5;
			const v = (d * (x + 0.5) + e * (y + 0.5) + f) / depth - 0.5;
			const at = (y * picture.width + x) * 4;
			if (!(u > -1 && v > -1 && u < width && v < height)) {
				target.fill(255, at, at + 4);
				continue;
			}
			const left = Math.max(0, Math.floor(u));
			const top = Math.max(0, Math.floor(v));
			const right = Math.min(width - 1, left + 1);
			const bottom = Math.min(height - 1, top + 1);
			const across = Math.min(1, Math.max(0, u - left));
			const down = Math.min(1, Math.max(0, v - top));
			const [one, two] = [(top * width + left) * 4, (top * width + right) * 4];
			const [three, four] = [(bottom * width + left) * 4, (bottom * width + right) * 4];
			for (let channel = 0; channel < 3; channel += 1) {
				const above = nth(source, one + channel) + (nth(source, two + channel) - nth(source, one + channel)) * across;
				const below = nth(source, three + channel) + (nth(source, four + channel) - nth(source, three + channel)) * across;
				target[at + channel] = above + (below - above) * down;
			}
			target[at + 3] = 255;
		}
	}
}

/** Whether four points, taken in order, are no convex quadrilateral: a side crosses another, or three lie on a line. */
export function crosses(points: readonly Point[]): boolean {
	const turns = points.map((point, index) => {
		const next = nth(points, (index + 1) % 4);
		const after = nth(points, (index + 2) % 4);
		return (next.x - point.x) * (after.y - next.y) - (next.y - point.y) * (after.x - next.x);
	});
	return !turns.every((turn) => turn > 1e-9) && !turns.every((turn) => turn < -1e-9);
}

/** Solves eight equations in eight unknowns, each row its coefficients and its right side. */
function eliminate(rows: number[][]): number[] | null {
	const size = rows.length;
	for (let column = 0; column < size; column += 1) {
		let pivot = column;
		for (let row = column + 1; row < size; row += 1)
			if (Math.abs(nth(nth(rows, row), column)) > Math.abs(nth(nth(rows, pivot), column))) pivot = row;
		if (Math.abs(nth(nth(rows, pivot), column)) < 1e-12) return null;
		[rows[column], rows[pivot]] = [nth(rows, pivot), nth(rows, column)];
		for (let row = 0; row < size; row += 1) {
			if (row === column) continue;
			const share = nth(nth(rows, row), column) / nth(nth(rows, column), column);
			for (let at = column; at <= size; at += 1)
				nth(rows, row)[at] = nth(nth(rows, row), at) - share * nth(nth(rows, column), at);
		}
	}
	return rows.map((row, index) => nth(row, size) / nth(row, index));
}
