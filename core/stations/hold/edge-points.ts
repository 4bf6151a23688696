/** Points round a stiff piece's edge: one each 200 mm or less, six or more in all (handbook hold#panels). */
import type { Size } from '../../geometry/shapes.ts';
import type { House } from '../../shop/house.ts';
import { countUp } from '../../units/round.ts';
import { over, plain, sum, times, type Term } from '../../rule/term.ts';

/** How many stand at the top, as many at the bottom; how many at one side, as many at the other. */
export type EdgeCounts = { top: number; side: number };

export function edgeCounts({ width, height }: Size, house: House): EdgeCounts {
	const along = (length: number) => Math.max(1, countUp(length / house.edgePointEach));
	const counts = { top: along(width), side: along(height) };
	// A small one gets its sixth and fifth point on the longer sides.
	while (2 * (counts.top + counts.side) < house.edgePointsLeast) counts[width > height ? 'top' : 'side'] += 1;
	return counts;
}

/** Places along a side, each in the middle of its share. */
export function evenPlaces(length: Term, count: number): Term[] {
	return Array.from({ length: count }, (_, index) => over(times(length, sum(plain(index), plain(0.5))), plain(count)));
}
