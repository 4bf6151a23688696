/** Whether two convex polygons share area: on some line between them they lie apart, or they do not (separating axes). */
import type { Point } from './shapes.ts';
import { nth } from '../units/there.ts';

const TOUCHING = 1e-6;

export function overlap(one: readonly Point[], other: readonly Point[]): boolean {
	return [...axesOf(one), ...axesOf(other)].every((axis) => {
		const [a, b] = [spanOn(one, axis), spanOn(other, axis)];
		return a.to > b.from + TOUCHING && b.to > a.from + TOUCHING;
	});
}

function axesOf(ring: readonly Point[]): Point[] {
	return ring.flatMap((point, index) => {
		const next = nth(ring, (index + 1) % ring.length);
		const length = Math.hypot(next.x - point.x, next.y - point.y);
		return length < TOUCHING ? [] : [{ x: -(next.y - point.y) / length, y: (next.x - point.x) / length }];
	});
}

function spanOn(ring: readonly Point[], axis: Point): { from: number; to: number } {
	const along = ring.map(({ x, y }) => x * axis.x + y * axis.y);
	return { from: Math.min(...along), to: Math.max(...along) };
}
