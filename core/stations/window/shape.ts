/**
 * Rectangle, oval, circle and arch: what of a line the window lets through, and whether a zone lies in it (handbook window#shapes).
 * A circle is an oval of two equal diameters. An arch is a rectangle with half a disc on it: radius w/2, spring line w/2 below the top.
 */
import type { WindowShape } from '../../job/kinds.ts';
import type { Point, Rect, Sides } from '../../geometry/shapes.ts';
import { isAtLeast, isAtMost } from '../../units/compare.ts';

/** Corners of a curve's polygon, enough that its sagitta stays under 0.1 mm on a metre. */
const STEPS = 96;

/** From where to where the window is open along a line; null where it does not meet the window. */
type Span = [from: number, to: number] | null;

/** Along the horizontal line at `y`. A rectangle is taken as endless across the line. */
export function spanAcross(shape: WindowShape, window: Rect, y: number): Span {
	const [from, to] = [window.left, window.left + window.width];
	if (shape === 'rectangle') return [from, to];
	const middle = window.left + window.width / 2;
	if (shape === 'arch') {
		const radius = window.width / 2;
		const spring = window.top + radius;
		if (y > window.top + window.height) return null;
		return y >= spring ? [from, to] : chord(middle, radius, radius, spring - y);
	}
	return chord(middle, window.width / 2, window.height / 2, y - (window.top + window.height / 2));
}

/** Along the vertical line at `x`. */
export function spanDown(shape: WindowShape, window: Rect, x: number): Span {
	const [from, to] = [window.top, window.top + window.height];
	if (shape === 'rectangle') return [from, to];
	const aside = x - (window.left + window.width / 2);
	if (shape === 'arch') {
		const radius = window.width / 2;
		const half = chord(window.top + radius, radius, radius, aside);
		return half && [half[0], to];
	}
	return chord(window.top + window.height / 2, window.height / 2, window.width / 2, aside);
}

/** A chord of an ellipse with half axis `along` on the line and `across` it, `aside` away from the middle. */
function chord(middle: number, along: number, across: number, aside: number): Span {
	const share = 1 - (aside / across) ** 2;
	if (share < 0) return null;
	const half = along * Math.sqrt(share);
	return [middle - half, middle + half];
}

/** How far a zone may go to each side before it meets the window's edge; negative where it is covered, −∞ where it lies beyond. */
export function roomFor(zone: Rect, window: Rect, shape: WindowShape): Sides {
	const ends = { left: zone.left, right: zone.left + zone.width, top: zone.top, bottom: zone.top + zone.height };
	// The shapes are convex: the corners decide.
	const across = [ends.top, ends.bottom].map((y) => spanAcross(shape, window, y));
	const down = [ends.left, ends.right].map((x) => spanDown(shape, window, x));
	const least = (spans: Span[], room: (span: [number, number]) => number) =>
		Math.min(...spans.map((span) => (span ? room(span) : Number.NEGATIVE_INFINITY)));
	return {
		top: least(down, ([from]) => ends.top - from),
		right: least(across, ([, to]) => to - ends.right),
		bottom: least(down, ([, to]) => to - ends.bottom),
		left: least(across, ([from]) => ends.left - from)
	};
}

/** Whether a zone that must show, grown by `margin`, lies wholly inside. */
export function liesInside(zone: Rect, window: Rect, shape: WindowShape, margin: number): boolean {
	const room = roomFor(grown(zone, margin), window, shape);
	return isAtLeast(Math.min(room.top, room.right, room.bottom, room.left), 0);
}

/** Whether a zone that must be hidden, grown by `margin`, lies wholly outside. */
export function liesOutside(zone: Rect, window: Rect, shape: WindowShape, margin: number): boolean {
	const { left, top, width, height } = grown(zone, margin);
	const near = (from: number, to: number, at: number) => Math.min(Math.max(at, from), to);
	const apart = (other: Rect) =>
		isAtMost(left + width, other.left) ||
		isAtLeast(left, other.left + other.width) ||
		isAtMost(top + height, other.top) ||
		isAtLeast(top, other.top + other.height);
	if (shape === 'rectangle' || apart(window)) return apart(window);
	const radius = window.width / 2;
	const middle = window.left + radius;
	const beyond = (centreY: number, halfHeight: number, bottom: number) => {
		const [x, y] = [near(left, left + width, middle), near(top, Math.max(top, bottom), centreY)];
		return isAtLeast(((x - middle) / radius) ** 2 + ((y - centreY) / halfHeight) ** 2, 1);
	};
	if (shape === 'arch') {
		const spring = window.top + radius;
		// What lies below the window is known to lie apart.
		const below = { ...window, top: spring };
		return apart(below) && (top >= spring || beyond(spring, radius, Math.min(top + height, spring)));
	}
	return beyond(window.top + window.height / 2, window.height / 2, top + height);
}

/** The window's edge as a closed ring of points, from its left or top-left corner clockwise. */
export function outlineOf(shape: WindowShape, { left, top, width, height }: Rect): Point[] {
	const turn = (from: number, to: number, centre: Point, a: number, b: number, steps: number) =>
		Array.from({ length: steps + 1 }, (_, index) => {
			const angle = from + ((to - from) * index) / steps;
			return { x: centre.x + a * Math.cos(angle), y: centre.y + b * Math.sin(angle) };
		});
	const [right, bottom] = [left + width, top + height];
	if (shape === 'rectangle')
		return [
			{ x: left, y: top },
			{ x: right, y: top },
			{ x: right, y: bottom },
			{ x: left, y: bottom }
		];
	if (shape === 'arch') {
		const radius = width / 2;
		const centre = { x: left + radius, y: top + radius };
		return [...turn(Math.PI, 2 * Math.PI, centre, radius, radius, STEPS / 2), { x: right, y: bottom }, { x: left, y: bottom }];
	}
	const centre = { x: left + width / 2, y: top + height / 2 };
	return turn(Math.PI, 3 * Math.PI, centre, width / 2, height / 2, STEPS).slice(0, -1);
}

/** Area of a window of that size, mm². */
export function areaOf(shape: WindowShape, { width, height }: { width: number; height: number }): number {
	if (shape === 'rectangle') return width * height;
	if (shape === 'arch') return width * (height - width / 2) + (Math.PI * width * width) / 8;
	return (Math.PI * width * height) / 4;
}

function grown(zone: Rect, by: number): Rect {
	return { left: zone.left - by, top: zone.top - by, width: zone.width + 2 * by, height: zone.height + 2 * by };
}
