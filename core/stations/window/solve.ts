/**
 * The largest window that satisfies overlap, zones and movement (handbook window#solve). Sides are found separately: each zone that
 * must be hidden is cleared by moving one of the four; zones that must show bound how far each side may go.
 */
import { SIDES, type SideName, type Sides } from '../../geometry/shapes.ts';
import { fewestGivenUp } from './give-up.ts';
import {
	candidatesOf,
	clearingsOf,
	limitOf,
	sharedOverlap,
	type Candidate,
	type Clearing,
	type SolveInput
} from './sides-asked.ts';
import { nth, there } from '../../units/there.ts';
import { isAbove, isAtLeast, isAtMost, isBelow, isSame } from '../../units/compare.ts';

export type Solved = {
	/** The sides that the zones gave, before the opening is cut down to the step. */
	sides: Sides;
	/** The overlap after it: what the rounding takes is shared, and never brings a mat over what must show. */
	overlap: Sides;
	/** Which zone gave a side, by its place in the list; null where the least overlap did. */
	by: Record<SideName, number | null>;
	/** The fewest zones to give up so that there is a window, each set an equal choice; the first was taken. Empty when none. */
	giveUp: number[][];
};

/**
 * @returns the window's sides; where no window satisfies every zone, the one that is left when the fewest are given up; null when the
 * sheet is too small for any
 */
export const solveWindow = remembering(findWindow);

function findWindow(input: SolveInput): Solved | null {
	const asks = asked(input);
	const all = solveFor(input, asks);
	if (all) return { ...all, giveUp: [] };
	const solutions = fewestGivenUp(input, asks).flatMap((without) => {
		const solved = solveFor(
			input,
			asks.filter((index) => !without.includes(index))
		);
		return solved ? [{ without, solved }] : [];
	});
	// The first leaves the largest window.
	return solutions[0] ? { ...solutions[0].solved, giveUp: solutions.map(({ without }) => without) } : null;
}

/** Whether any window satisfies every zone. */
export const canSolve = remembering((input) => solveFor(input, asked(input)) !== null);

/** Every remedy of a plan is planned to be checked, and most ask for the same window again: the last answers are kept. */
function remembering<T>(find: (input: SolveInput) => T): (input: SolveInput) => T {
	const MOST = 32;
	const known = new Map<string, T>();
	return (input) => {
		if (input.zones.length < MANY_ZONES) return find(input);
		const key = JSON.stringify(input);
		if (!known.has(key)) {
			known.set(key, find(input));
			if (known.size > MOST) known.delete(there(known.keys().next().value, 'value'));
		}
		return there(known.get(key), 'get');
	};
}

/** With fewer, finding is quicker than looking up. */
const MANY_ZONES = 8;

function asked({ zones }: SolveInput): number[] {
	return zones.flatMap((zone, index) => (zone.kind === 'keep-off' ? [] : [index]));
}

function solveFor(input: SolveInput, asks: number[]): Omit<Solved, 'giveUp'> | null {
	const { usable, zones } = input;
	const most: Sides = { top: Infinity, right: Infinity, bottom: Infinity, left: Infinity };
	const hides: number[] = [];
	for (const index of asks) {
		if (nth(zones, index).kind === 'hide') hides.push(index);
		else for (const side of SIDES) most[side] = Math.min(most[side], limitOf(nth(zones, index), side, input));
	}
	if (SIDES.some((side) => isAbove(input.least[side], most[side]))) return null;
	const [lefts, rights, tops, bottoms] = (['left', 'right', 'top', 'bottom'] as const).map((side) =>
		candidatesOf(input, hides, side).filter(({ value }) => isAtMost(value, most[side]))
	) as [Candidate[], Candidate[], Candidate[], Candidate[]];
	const byTop = clearingsOf(input, hides);
	let best: (Omit<Solved, 'giveUp'> & { area: number; off: number }) | null = null;
	for (const left of lefts) {
		for (const right of rights) {
			const width = usable.width - left.value - right.value;
			// No window of this width can be larger than the best.
			if (width <= 0 || (best && isBelow(width * (usable.height - input.least.top - input.least.bottom), best.area))) break;
			const open = byTop.filter((hide) => isBelow(left.value, hide.left) && isBelow(right.value, hide.right));
			const needed = bottomsNeeded(open, tops);
			// The lower the top, the less is left for the bottom to clear.
			let low = bottoms.length;
			for (const [at, top] of tops.entries()) {
				// Nor any that begins as low.
				if (best && isBelow(width * (usable.height - top.value - input.least.bottom), best.area)) break;
				while (low > 0 && isAtLeast(nth(bottoms, low - 1).value, nth(needed, at))) low -= 1;
				const bottom = bottoms[low];
				if (!bottom) continue;
				const sides = { top: top.value, right: right.value, bottom: bottom.value, left: left.value };
				const height = usable.height - sides.top - sides.bottom;
				if (height <= 0) continue;
				const area = width * height;
				const off = Math.abs(sides.left - sides.right) + Math.abs(sides.top - sides.bottom);
				if (best && !isBetter({ area, off, sides }, best)) continue;
				const overlap = sharedOverlap(sides, most, input);
				if (!overlap) continue;
				best = { sides, overlap, by: { top: top.by, right: right.by, bottom: bottom.by, left: left.by }, area, off };
			}
		}
	}
	if (!best) return null;
	const { sides, overlap, by } = best;
	return { sides, overlap, by };
}

/** For each top, the bottom that clears every zone which neither it nor the sides clear. Both lists ascend. */
function bottomsNeeded(open: readonly Clearing[], tops: readonly Candidate[]): Float64Array {
	const needed = new Float64Array(tops.length);
	let most = -Infinity;
	let next = open.length - 1;
	for (let at = tops.length - 1; at >= 0; at -= 1) {
		for (; next >= 0 && isAbove(nth(open, next).top, nth(tops, at).value); next -= 1)
			most = Math.max(most, nth(open, next).bottom);
		needed[at] = most;
	}
	return needed;
}

/** The larger, then the more central, then the one that moves the left side, the right, the top, the bottom. */
function isBetter(one: { area: number; off: number; sides: Sides }, other: { area: number; off: number; sides: Sides }): boolean {
	if (Math.abs(one.area - other.area) > 1e-3) return one.area > other.area;
	if (!isSame(one.off, other.off)) return one.off < other.off;
	for (const side of ['left', 'right', 'top', 'bottom'] as const)
		if (!isSame(one.sides[side], other.sides[side])) return one.sides[side] > other.sides[side];
	return false;
}
