/** A phone or a tablet as a level: its tilt from what its accelerometer reads at rest, from its own zero (handbook hang#level). */

import { showNearest } from '../units/round.ts';

/** Along the screen to the right and up, m/s²: whichever way a device signs them. */
export type Reading = { x: number; y: number };

const QUARTER = 90;

/**
 * Whatever edge it stands on, the nearest counts.
 * @param zero what it said on an edge that is known to be level, degrees
 * @returns degrees from −45 to 45; + where its right end is lower. Null where it lies flat: gravity then says nothing of an edge
 */
export function tiltOf({ x, y }: Reading, zero = 0): number | null {
	if (Math.hypot(x, y) < LEAST) return null;
	return nearest((-Math.atan2(x, y) * 180) / Math.PI - zero);
}

/** Of gravity along the screen, so that its direction is worth something, m/s². */
const LEAST = 3;

const nearest = (degrees: number): number => degrees - showNearest(degrees, QUARTER);

/** So much lower is the right end of an edge, in its unit; − where it is higher. */
export function lowerBy(tilt: number, length: number): number {
	return Math.sin((tilt * Math.PI) / 180) * length;
}

/** A hand trembles: each reading counts for a share of what is shown. */
export function steadied(before: Reading | null, { x, y }: Reading, share = 0.15): Reading {
	return before ? { x: before.x + share * (x - before.x), y: before.y + share * (y - before.y) } : { x, y };
}
