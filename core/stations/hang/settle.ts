/**
 * Where a picture on a wire settles whose mass lies off its middle, or of which one hook sits wrong (handbook hang#settles). Friction holds
 * the wire where it lies on its hooks: the two sides keep their lengths. So it swings as a bar on two links; it is at rest where its centre
 * of mass lies straight below the point in which the two sides of the wire meet, and there that centre is lowest.
 *
 *     H1 ●────────● H2        x to the right, y up, from the middle between the rings as the picture
 *       ╱          ╲          hangs level; turned anticlockwise by θ
 *    A ●────────────● B
 *         C ×                 C: centre of mass, `offCentre` to the right and `below` the line of the rings
 */
import type { Point, Size } from '../../geometry/shapes.ts';
import type { Hang } from '../../figures/hang.ts';
import type { House } from '../../shop/house.ts';

export type Hung = {
	/** Between the rings, mm. */
	span: number;
	/** Of the wire between its rings, under load, mm. */
	path: number;
	/** Between the hooks, mm; 0 for one. */
	spacing: number;
	weightN: number;
	/** How far the centre of mass lies to the right of the middle, and below the line of the rings, mm. */
	offCentre: number;
	below: number;
	/** How far the right hook sits above its place, and to the right of it, mm; of one hook it is nothing. */
	hookUp: number;
	hookRight: number;
};

export type Settled = {
	/** Anticlockwise, seen from the front, radians: its right side is then higher. */
	tilt: number;
	/** How far the middle between the rings moves, mm. */
	right: number;
	up: number;
	/** In the wire from each ring to its hook, N. */
	leftN: number;
	rightN: number;
};

/** It does not hang any more than a right angle from level. */
const MOST_TILT = 1.2;
const STEPS = 240;
const HALVINGS = 80;

/** A picture as it is planned, its mass in the middle and its hooks in their places; null where it has no wire. */
export function onItsWire(hang: Hang, outer: Size, kg: number, { gravity, wireEnd }: House): Hung | null {
	if (!hang.wire) return null;
	return {
		span: hang.span,
		// Less what is tied at both ends.
		path: hang.wire.length - 2 * wireEnd,
		spacing: hang.spacing,
		weightN: kg * gravity,
		offCentre: 0,
		below: outer.height / 2 - hang.drop,
		hookUp: 0,
		hookRight: 0
	};
}

/** @returns null where it cannot hang so: the wire is no longer than its span, or no rest is found before it stands on its side */
export function settle(of: Hung): Settled | null {
	const side = (of.path - of.spacing) / 2;
	if (!(side > 0) || !(of.path > of.span) || !(of.span > of.spacing)) return null;
	const rise = Math.sqrt(Math.max(0, side ** 2 - ((of.span - of.spacing) / 2) ** 2));
	const hooks: [Point, Point] = [
		{ x: -of.spacing / 2, y: rise },
		of.spacing === 0 ? { x: 0, y: rise } : { x: of.spacing / 2 + of.hookRight, y: rise + of.hookUp }
	];
	const off = (tilt: number): number | null => {
		const pose = poseAt(tilt, of, side, hooks);
		return pose && unrest(pose, of, hooks);
	};
	const tilt = restNear(off);
	const pose = tilt === null ? null : poseAt(tilt, of, side, hooks);
	if (tilt === null || !pose) return null;
	const { a, b } = pose;
	return { tilt, right: (a.x + b.x) / 2, up: (a.y + b.y) / 2, ...pullsOf(pose, of, hooks) };
}

type Pose = { a: Point; b: Point; c: Point };

/** The rings where both sides of the wire are taut, and the centre of mass with them; null where the wire does not reach. */
function poseAt(tilt: number, of: Hung, side: number, [left, right]: [Point, Point]): Pose | null {
	const [cos, sin] = [Math.cos(tilt), Math.sin(tilt)];
	const bar = { x: of.span * cos, y: of.span * sin };
	// The left ring lies on a circle round its hook, and, less the bar, on one round the other: the lower of two places.
	const other = { x: right.x - bar.x, y: right.y - bar.y };
	const between = { x: other.x - left.x, y: other.y - left.y };
	const far = Math.hypot(between.x, between.y);
	if (far === 0 || far > 2 * side) return null;
	const across = Math.sqrt(Math.max(0, side ** 2 - (far / 2) ** 2));
	const middle = { x: (left.x + other.x) / 2, y: (left.y + other.y) / 2 };
	const turned = { x: (-between.y / far) * across, y: (between.x / far) * across };
	const down = turned.y < 0 ? turned : { x: -turned.x, y: -turned.y };
	const a = { x: middle.x + down.x, y: middle.y + down.y };
	const b = { x: a.x + bar.x, y: a.y + bar.y };
	const [right0, below] = [of.span / 2 + of.offCentre, of.below];
	return { a, b, c: { x: a.x + right0 * cos + below * sin, y: a.y + right0 * sin - below * cos } };
}

/** The moment about the point where both sides meet, over their cross product: 0 at rest, and no longer infinite where they run parallel. */
function unrest({ a, b, c }: Pose, of: Hung, [left, right]: [Point, Point]): number {
	if (of.spacing === 0) return c.x - left.x;
	const u = { x: left.x - a.x, y: left.y - a.y };
	const v = { x: right.x - b.x, y: right.y - b.y };
	const cross = u.x * v.y - u.y * v.x;
	const along = (b.x - a.x) * v.y - (b.y - a.y) * v.x;
	return (c.x - a.x) * cross - along * u.x;
}

/** The root nearest to level. */
function restNear(off: (tilt: number) => number | null): number | null {
	const at0 = off(0);
	if (at0 === 0) return 0;
	for (let step = 0; step < STEPS; step += 1)
		for (const way of [1, -1]) {
			const [from, to] = [step, step + 1].map((one) => (way * one * MOST_TILT) / STEPS) as [number, number];
			const root = halved(off, from, to);
			if (root !== null) return root;
		}
	return null;
}

function halved(off: (tilt: number) => number | null, from: number, to: number): number | null {
	let [low, high] = [from, to];
	const [first, last] = [off(low), off(high)];
	if (first === null || last === null || first * last > 0) return null;
	for (let turn = 0; turn < HALVINGS; turn += 1) {
		const middle = (low + high) / 2;
		const value = off(middle);
		if (value === null) return null;
		if (first * value > 0) low = middle;
		else high = middle;
	}
	return (low + high) / 2;
}

/** Both pulls hold the weight: their sum is upright and as large. */
function pullsOf({ a, b }: Pose, { weightN }: Hung, [left, right]: [Point, Point]): Pick<Settled, 'leftN' | 'rightN'> {
	const unit = (from: Point, to: Point): Point => {
		const far = Math.hypot(to.x - from.x, to.y - from.y);
		return { x: (to.x - from.x) / far, y: (to.y - from.y) / far };
	};
	const [u, v] = [unit(a, left), unit(b, right)];
	const cross = u.x * v.y - u.y * v.x;
	// Straight up both of them: half the weight each.
	if (Math.abs(cross) < 1e-12) return { leftN: weightN / 2, rightN: weightN / 2 };
	return { leftN: (-weightN * v.x) / cross, rightN: (weightN * u.x) / cross };
}
