/** Moving hinges off zones that must not be touched: each goes to the nearest free place along the edge. */
import { cutDown, receiveUp, tidy } from '../../units/round.ts';
import type { Held } from './held.ts';
import { pointOn } from './own-edges.ts';
import { isAtLeast, isAtMost, isBelow } from '../../units/compare.ts';

/** A hinge keeps this far from a zone, and its neighbour, mm. */
const AIR = 1;
/** @returns centres from the left, or null where the edge has no room for as many */
export function clearPlaces({ hold, measure, piece }: Held, step: number): number[] | null {
	const half = hold.size.width / 2;
	const width = measure.mean.width;
	const reach = hold.size.height;
	// Places count from the sheet's own corner; a top edge that slopes lets a zone reach under it a little sooner.
	const { x: corner } = pointOn(measure, 'top', 0);
	const slope = Math.max(pointOn(measure, 'top', 0).y, pointOn(measure, 'top', width).y);
	const blocked = piece.zones
		.filter((zone) => zone.kind === 'keep-off' && isBelow(zone.top, reach + slope))
		.map((zone) => [zone.left - corner - half - AIR, zone.left - corner + zone.width + half + AIR] as const);
	const isFree = (place: number, taken: number[]) =>
		place >= half &&
		place <= width - half &&
		blocked.every(([from, to]) => isAtMost(place, from) || isAtLeast(place, to)) &&
		taken.every((other) => Math.abs(other - place) >= hold.size.width + AIR);
	const placed: number[] = [];
	for (const [index, place] of hold.places.entries()) {
		const later = hold.places.slice(index + 1).filter((other) => isFree(other, []));
		const candidates = [place, ...blocked.flatMap(([from, to]) => [cutDown(from, step), receiveUp(to, step)])]
			.filter((one) => isFree(one, [...placed, ...later]))
			.sort((one, other) => Math.abs(one - place) - Math.abs(other - place));
		const [nearest] = candidates;
		if (nearest === undefined) return null;
		placed.push(tidy(nearest));
	}
	return placed.sort((one, other) => one - other);
}
