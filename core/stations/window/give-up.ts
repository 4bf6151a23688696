/**
 * Where zones contradict each other: the fewest to give up so that a window is left (handbook window#solve).
 *
 * Left and right are taken in turn. Below each pair a table counts for every top and bottom at once what is lost: a zone to be hidden is lost
 * above and left of the place where top or bottom clear it, a zone to show everywhere but above and left of where they cover it.
 *
 *            bottoms →                      One mark a zone, at the corner of its block,
 *          ┌───────┬────────┐               then sums from the far corner: n² steps for
 *     tops │ block │        │               all n² windows.
 *       ↓  ├───────×        │
 *          └────────────────┘
 */
import { mapSides, SIDES, type Sides } from '../../geometry/shapes.ts';
import { candidatesOf, clearingsOf, limitOf, sharedOverlap, type Clearing, type SolveInput } from './sides-asked.ts';
import { nth } from '../../units/there.ts';
import { isAbove, isAtLeast, isAtMost, isBelow } from '../../units/compare.ts';

/** The largest windows are enough to choose from. */
const MOST_SETS = 8;

/** A zone that must show: how far each side may go. */
type Limit = Sides & { index: number };

/** @returns sets of zones, by their places in the list: each as small as any, and different; those of the largest windows */
export function fewestGivenUp(input: SolveInput, asks: readonly number[]): number[][] {
	const { usable, zones } = input;
	const hidden = asks.filter((index) => nth(zones, index).kind === 'hide');
	const hides = clearingsOf(input, hidden);
	const limits: Limit[] = asks
		.filter((index) => nth(zones, index).kind === 'show')
		.map((index) => ({ index, ...mapSides((side) => limitOf(nth(zones, index), side, input)) }));
	const [lefts, rights, tops, bottoms] = (['left', 'right', 'top', 'bottom'] as const).map((side) =>
		candidatesOf(input, hidden, side).map(({ value }) => value)
	) as [number[], number[], number[], number[]];
	const best = new Sets();
	const losses = new Int32Array((tops.length + 1) * (bottoms.length + 1));
	// The places in the table from which on a side covers or clears.
	const place = (is: (candidate: number, side: number) => boolean, { top, bottom }: Sides) =>
		[firstThat(tops, (one) => is(one, top)), firstThat(bottoms, (one) => is(one, bottom))] as const;
	const covers = limits.map((limit) => place(isAbove, limit));
	const clears = hides.map((hide) => place(isAtLeast, hide));
	for (const left of lefts) {
		for (const right of rights) {
			const width = usable.width - left - right;
			if (width <= 0) break;
			const shows = limits.flatMap((limit, at) => (isAtMost(left, limit.left) && isAtMost(right, limit.right) ? [at] : []));
			const open = hides.flatMap((hide, at) => (isBelow(left, hide.left) && isBelow(right, hide.right) ? [at] : []));
			if (limits.length - shows.length > best.least) continue;
			losses.fill(0);
			for (const at of shows) mark(losses, nth(covers, at), bottoms.length, -1);
			for (const at of open) mark(losses, nth(clears, at), bottoms.length, 1);
			sumFromTheFarCorner(losses, tops.length, bottoms.length);
			for (let row = 0; row < tops.length; row += 1) {
				for (let column = 0; column < bottoms.length; column += 1) {
					const loss = limits.length + nth(losses, row * (bottoms.length + 1) + column);
					if (loss > best.least) continue;
					const sides = { top: nth(tops, row), right, bottom: nth(bottoms, column), left };
					const height = usable.height - sides.top - sides.bottom;
					if (height <= 0) break;
					if (!best.wants(loss, width * height)) continue;
					for (const set of setsAt(sides, limits, hides, input)) best.add(width * height, set);
				}
			}
		}
	}
	return best.sets();
}

/** The place of the first candidate of that kind; after the last where there is none. */
function firstThat(candidates: readonly number[], is: (candidate: number) => boolean): number {
	const at = candidates.findIndex(is);
	return at < 0 ? candidates.length : at;
}

/** A block that reaches from the first corner to just before a place. */
function mark(table: Int32Array, [row, column]: readonly [number, number], columns: number, by: number): void {
	if (row === 0 || column === 0) return;
	const at = (row - 1) * (columns + 1) + column - 1;
	table[at] = nth(table, at) + by;
}

function sumFromTheFarCorner(table: Int32Array, rows: number, columns: number): void {
	const stride = columns + 1;
	for (let row = rows - 1; row >= 0; row -= 1) {
		let along = 0;
		for (let column = columns - 1; column >= 0; column -= 1) {
			const at = row * stride + column;
			along += nth(table, at);
			table[at] = along + nth(table, at + stride);
		}
	}
}

function covered(limit: Limit, { top, right, bottom, left }: Sides): boolean {
	return isAbove(left, limit.left) || isAbove(right, limit.right) || isAbove(top, limit.top) || isAbove(bottom, limit.bottom);
}

/**
 * What is given up at these sides. Where rounding the opening down would bring the mat over what still shows, one of that is given up too:
 * each that is enough.
 */
function setsAt(sides: Sides, limits: readonly Limit[], hides: readonly Clearing[], input: SolveInput): number[][] {
	const without = givenUp(limits, hides, sides);
	if (sharedOverlap(sides, mostOf(limits, sides), input)) return [without];
	const shown = limits.filter((limit) => !covered(limit, sides));
	return shown
		.filter((one) =>
			sharedOverlap(
				sides,
				mostOf(
					shown.filter((limit) => limit !== one),
					sides
				),
				input
			)
		)
		.map(({ index }) => ascending([...without, index]));
}

/** How far the sides may go for the zones that still show. */
function mostOf(limits: readonly Limit[], sides: Sides): Sides {
	const most: Sides = { top: Infinity, right: Infinity, bottom: Infinity, left: Infinity };
	for (const limit of limits) {
		if (covered(limit, sides)) continue;
		for (const side of SIDES) most[side] = Math.min(most[side], limit[side]);
	}
	return most;
}

function givenUp(limits: readonly Limit[], hides: readonly Clearing[], sides: Sides): number[] {
	const inSight = hides.filter((hide) => SIDES.every((side) => isBelow(sides[side], hide[side])));
	return ascending([...limits.filter((limit) => covered(limit, sides)), ...inSight].map(({ index }) => index));
}

function ascending(set: readonly number[]): number[] {
	return [...set].sort((one, other) => one - other);
}

/** The smallest sets found so far, with the largest window of each. */
class Sets {
	least = Infinity;
	#found = new Map<string, { set: number[]; area: number }>();
	#smallest = 0;

	/** Whether a window of this loss and area could be among them. */
	wants(loss: number, area: number): boolean {
		return loss < this.least || this.#found.size < MOST_SETS || area > this.#smallest;
	}

	add(area: number, set: number[]): void {
		const loss = set.length;
		if (!this.wants(loss, area)) return;
		if (loss < this.least) this.#found.clear();
		this.least = loss;
		const key = set.join();
		if (area > (this.#found.get(key)?.area ?? 0)) this.#found.set(key, { set, area });
		if (this.#found.size < MOST_SETS) return;
		const sorted = [...this.#found.entries()].sort((one, other) => other[1].area - one[1].area);
		for (const [gone] of sorted.slice(MOST_SETS)) this.#found.delete(gone);
		this.#smallest = nth(sorted, Math.min(sorted.length, MOST_SETS) - 1)[1].area;
	}

	sets(): number[][] {
		return [...this.#found.values()].sort((one, other) => other.area - one.area).map(({ set }) => set);
	}
}
