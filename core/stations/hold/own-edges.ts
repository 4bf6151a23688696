/**
 * A sheet's own edges, where they really run: hinges, pockets and strips are placed from its own corners, not from its bounding box
 * (handbook hold#leaning). Points are counted from the bounding box's top-left corner, seen from the front.
 */
import type { Point, SideName } from '../../geometry/shapes.ts';
import type { Measure } from '../../figures/measure.ts';
import { nth } from '../../units/there.ts';

/** Corners from top-left clockwise. */
export function ownCorners({ outline }: Pick<Measure, 'outline'>): [Point, Point, Point, Point] {
	const [left, top] = [Math.min(...outline.map(({ x }) => x)), Math.min(...outline.map(({ y }) => y))];
	return outline.map(({ x, y }) => ({ x: x - left, y: y - top })) as [Point, Point, Point, Point];
}

/** A patch along an edge: from and to along it (from its left or top end), and so deep from the edge inward; outward is below 0. */
export type OnEdge = { side: SideName; from: number; to: number; deepFrom: number; deepTo: number };

export function patchOn(measure: Pick<Measure, 'outline'>, { side, from, to, deepFrom, deepTo }: OnEdge): Point[] {
	const { start, along, inward } = edgeOf(measure, side);
	const at = (a: number, d: number): Point => ({
		x: start.x + along.x * a + inward.x * d,
		y: start.y + along.y * a + inward.y * d
	});
	return [at(from, deepFrom), at(to, deepFrom), at(to, deepTo), at(from, deepTo)];
}

/** A place on an edge, from its left or top end. */
export function pointOn(measure: Pick<Measure, 'outline'>, side: SideName, along: number): Point {
	const edge = edgeOf(measure, side);
	return { x: edge.start.x + edge.along.x * along, y: edge.start.y + edge.along.y * along };
}

/** A triangle in a corner, its legs along the two edges that meet there. @param corner 0 top-left, then clockwise */
export function cornerOn(measure: Pick<Measure, 'outline'>, corner: number, leg: number): Point[] {
	const corners = ownCorners(measure);
	const at = nth(corners, corner);
	const toward = (other: Point): Point => {
		const length = Math.hypot(other.x - at.x, other.y - at.y);
		return { x: at.x + ((other.x - at.x) * leg) / length, y: at.y + ((other.y - at.y) * leg) / length };
	};
	return [at, toward(nth(corners, (corner + 1) % 4)), toward(nth(corners, (corner + 3) % 4))];
}

export function edgeLength(measure: Pick<Measure, 'outline'>, side: SideName): number {
	const { from, to } = endsOf(measure, side);
	return Math.hypot(to.x - from.x, to.y - from.y);
}

function endsOf(measure: Pick<Measure, 'outline'>, side: SideName): { from: Point; to: Point } {
	const [topLeft, topRight, bottomRight, bottomLeft] = ownCorners(measure);
	return {
		top: { from: topLeft, to: topRight },
		right: { from: topRight, to: bottomRight },
		bottom: { from: bottomLeft, to: bottomRight },
		left: { from: topLeft, to: bottomLeft }
	}[side];
}

function edgeOf(measure: Pick<Measure, 'outline'>, side: SideName): { start: Point; along: Point; inward: Point } {
	const { from, to } = endsOf(measure, side);
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
	const clockwise = side === 'top' || side === 'right';
	return { start: from, along, inward: clockwise ? { x: -along.y, y: along.x } : { x: along.y, y: -along.x } };
}
