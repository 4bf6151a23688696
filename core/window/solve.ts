/**
 * The largest window that satisfies overlap, zones and movement (handbook window#solve). Sides are found separately: each zone that
 * must be hidden is cleared by moving one of the four; zones that must show bound how far each side may go.
 */
import { SIDES, type Rect, type SideName, type Sides } from '../geometry/shapes.ts';
import type { Zone } from '../job/decide-piece.ts';
import { cutDown } from '../units/round.ts';

/** Lengths that differ by less than this are the same. */
const SAME = 1e-6;

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
export function solveWindow(input: SolveInput): Solved | null {
	const asks = input.zones.flatMap((zone, index) => (zone.kind === 'keep-off' ? [] : [index]));
	const all = solveFor(input, asks);
	if (all) return { ...all, giveUp: [] };
	for (let count = 1; count <= asks.length; count += 1) {
		const solutions: { without: number[]; solved: Omit<Solved, 'giveUp'> }[] = [];
		let tried = 0;
		for (const without of choose(asks, count)) {
			if ((tried += 1) > MOST_TRIES) break;
			const solved = solveFor(
				input,
				asks.filter((index) => !without.includes(index))
			);
			if (solved) solutions.push({ without, solved });
		}
		// The first choice leaves the largest window.
		solutions.sort((one, other) => openArea(input, other.solved.sides) - openArea(input, one.solved.sides));
		if (solutions[0]) return { ...solutions[0].solved, giveUp: solutions.map(({ without }) => without) };
	}
	return null;
}

/** With very many zones that contradict each other not every set is tried. */
const MOST_TRIES = 4000;

function* choose(list: number[], count: number, from = 0): Generator<number[]> {
	if (count === 0) return yield [];
	for (let index = from; index <= list.length - count; index += 1) {
		for (const rest of choose(list, count - 1, index + 1)) yield [list[index]!, ...rest];
	}
}

type Candidate = { value: number; by: number | null };

function solveFor(input: SolveInput, asks: number[]): Omit<Solved, 'giveUp'> | null {
	const { usable, zones } = input;
	const most: Sides = { top: Infinity, right: Infinity, bottom: Infinity, left: Infinity };
	const hides: number[] = [];
	for (const index of asks) {
		if (zones[index]!.kind === 'hide') hides.push(index);
		else for (const side of SIDES) most[side] = Math.min(most[side], limitOf(zones[index]!, side, input));
	}
	if (SIDES.some((side) => input.least[side] > most[side] + SAME)) return null;
	const candidates = (side: SideName): Candidate[] => {
		const list: Candidate[] = [{ value: input.least[side], by: null }];
		for (const index of hides) {
			const value = clearing(zones[index]!, side, input);
			if (value > input.least[side] + SAME && value <= most[side] + SAME) list.push({ value, by: index });
		}
		return list.sort((one, other) => one.value - other.value);
	};
	const [lefts, rights, tops, bottoms] = (['left', 'right', 'top', 'bottom'] as const).map(candidates) as [
		Candidate[],
		Candidate[],
		Candidate[],
		Candidate[]
	];
	let best: (Omit<Solved, 'giveUp'> & { area: number; off: number }) | null = null;
	for (const left of lefts) {
		for (const right of rights) {
			const width = usable.width - left.value - right.value;
			// No window of this width can be larger than the best.
			if (width <= 0 || (best && width * (usable.height - input.least.top - input.least.bottom) < best.area - SAME)) break;
			const open = hides.filter(
				(index) => !clears(zones[index]!, 'left', left, input) && !clears(zones[index]!, 'right', right, input)
			);
			for (const top of tops) {
				const bottom = clearedBy(
					bottoms,
					open.filter((index) => !clears(zones[index]!, 'top', top, input)),
					input
				);
				if (!bottom) continue;
				const sides = { top: top.value, right: right.value, bottom: bottom.value, left: left.value };
				const height = usable.height - sides.top - sides.bottom;
				if (height <= 0) continue;
				const overlap = shared(sides, most, input);
				if (!overlap) continue;
				const area = width * height;
				const off = Math.abs(sides.left - sides.right) + Math.abs(sides.top - sides.bottom);
				if (best && !isBetter({ area, off, sides }, best)) continue;
				best = { sides, overlap, by: { top: top.by, right: right.by, bottom: bottom.by, left: left.by }, area, off };
			}
		}
	}
	if (!best) return null;
	const { sides, overlap, by } = best;
	return { sides, overlap, by };
}

/** The larger, then the more central, then the one that moves the left side, the right, the top, the bottom. */
function isBetter(one: { area: number; off: number; sides: Sides }, other: { area: number; off: number; sides: Sides }): boolean {
	if (Math.abs(one.area - other.area) > 1e-3) return one.area > other.area;
	if (Math.abs(one.off - other.off) > SAME) return one.off < other.off;
	for (const side of ['left', 'right', 'top', 'bottom'] as const)
		if (Math.abs(one.sides[side] - other.sides[side]) > SAME) return one.sides[side] > other.sides[side];
	return false;
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
function limitOf(zone: Zone, side: SideName, { usable, showMargin }: SolveInput): number {
	const free = {
		left: zone.left - usable.left,
		right: usable.left + usable.width - zone.left - zone.width,
		top: zone.top - usable.top,
		bottom: usable.top + usable.height - zone.top - zone.height
	};
	return free[side] - showMargin;
}

function clears(zone: Zone, side: SideName, at: Candidate, input: SolveInput): boolean {
	return at.value >= clearing(zone, side, input) - SAME;
}

/** The least bottom that clears all that is still in sight. */
function clearedBy(bottoms: Candidate[], open: number[], input: SolveInput): Candidate | undefined {
	return bottoms.find((bottom) => open.every((index) => clears(input.zones[index]!, 'bottom', bottom, input)));
}

/** What rounding the opening down takes is shared by both sides, unless one may not go so far; null when neither may. */
function shared(sides: Sides, most: Sides, { usable, step }: SolveInput): Sides | null {
	const share = (one: SideName, other: SideName, length: number): [number, number] | null => {
		const opening = cutDown(length - sides[one] - sides[other], step);
		if (opening <= 0) return null;
		const rest = length - opening - sides[one] - sides[other];
		const first = Math.min(Math.max(rest / 2, rest - (most[other] - sides[other])), most[one] - sides[one]);
		return first < -SAME || rest - first > most[other] - sides[other] + SAME
			? null
			: [sides[one] + first, sides[other] + rest - first];
	};
	const across = share('left', 'right', usable.width);
	const down = share('top', 'bottom', usable.height);
	return across && down && { top: down[0], right: across[1], bottom: down[1], left: across[0] };
}

function openArea({ usable }: SolveInput, sides: Sides): number {
	return (usable.width - sides.left - sides.right) * (usable.height - sides.top - sides.bottom);
}
