/**
 * How far each side of a window may and must go for zones (handbook window#solve): a zone that must be hidden is cleared by one of the four
 * sides, a zone that must show bounds all of them.
 */
import { mapSides, type Rect, type SideName, type Sides } from '../../geometry/shapes.ts';
import type { Zone } from '../../job/decide-piece.ts';
import { cutDown } from '../../units/round.ts';
import { nth } from '../../units/there.ts';
import { isAbove, isBelow } from '../../units/compare.ts';

export type SolveInput = {
	/** From the bounding box's corner, as zones are. */
	usable: Rect;
	/** The least overlap of each side, and where it begins. */
	least: Sides;
	zones: readonly Zone[];
	/** How far inside what must show, how far outside what must be hidden. */
	showMargin: number;
	hideMargin: number;
	step: number;
};

/** A place that a side may take, and the zone that asks for it; null for the least overlap. */
export type Candidate = { value: number; by: number | null };

/** The least overlap, and every one at which the side clears a zone that must be hidden; each once, the least first. */
export function candidatesOf(input: SolveInput, hides: readonly number[], side: SideName): Candidate[] {
	const list: Candidate[] = [{ value: input.least[side], by: null }];
	for (const index of hides) {
		const value = clearing(nth(input.zones, index), side, input);
		if (isAbove(value, input.least[side])) list.push({ value, by: index });
	}
	list.sort((one, other) => one.value - other.value);
	return list.filter(({ value }, index) => index === 0 || isAbove(value, nth(list, index - 1).value));
}

/** The overlap at which each side clears a zone. */
export type Clearing = Sides & { index: number };

/** Those of the zones that must be hidden, by the top that clears them, the least first. */
export function clearingsOf(input: SolveInput, hides: readonly number[]): Clearing[] {
	return hides
		.map((index) => ({ index, ...mapSides((side) => clearing(nth(input.zones, index), side, input)) }))
		.sort((one, other) => one.top - other.top);
}

/** The overlap at which a side clears a zone that must be hidden. */
function clearing(zone: Zone, side: SideName, { usable, hideMargin }: SolveInput): number {
	const reach = {
		left: zone.left + zone.width - usable.left,
		right: usable.left + usable.width - zone.left,
		top: zone.top + zone.height - usable.top,
		bottom: usable.top + usable.height - zone.top
	};
	return reach[side] + hideMargin;
}

/** The most overlap that leaves a zone in sight. */
export function limitOf(zone: Zone, side: SideName, { usable, showMargin }: SolveInput): number {
	const free = {
		left: zone.left - usable.left,
		right: usable.left + usable.width - zone.left - zone.width,
		top: zone.top - usable.top,
		bottom: usable.top + usable.height - zone.top - zone.height
	};
	return free[side] - showMargin;
}

/** What rounding the opening down takes is shared by both sides, unless one may not go so far; null when neither may. */
export function sharedOverlap(sides: Sides, most: Sides, { usable, step }: SolveInput): Sides | null {
	const share = (one: SideName, other: SideName, length: number): [number, number] | null => {
		const opening = cutDown(length - sides[one] - sides[other], step);
		if (opening <= 0) return null;
		const rest = length - opening - sides[one] - sides[other];
		const first = Math.min(Math.max(rest / 2, rest - (most[other] - sides[other])), most[one] - sides[one]);
		return isBelow(first, 0) || isAbove(rest - first, most[other] - sides[other])
			? null
			: [sides[one] + first, sides[other] + rest - first];
	};
	const across = share('left', 'right', usable.width);
	const down = share('top', 'bottom', usable.height);
	return across && down && { top: down[0], right: across[1], bottom: down[1], left: across[0] };
}
