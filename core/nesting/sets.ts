/**
 * Which sets of blanks fit one sheet at all. A set is cut apart by its first cut into two smaller sets, so its boxes come from theirs,
 * bottom-up: of each set the Pareto front of the boxes that hold it (no other is as narrow and as low) is kept, and a set without a box
 * that fits a sheet has no larger set that does. The recursion over boxes is that of guillotine cutting patterns since Gilmore and
 * Gomory (1965); sets without any blank left out for size alone, as in the bottom-up methods of Wang (1983).
 */
import { there } from '../units/there.ts';
import type { BlankKind, SheetKind } from './instance.ts';
import { leaf, pair, type Box } from './slicing.ts';

export type FittingSet = {
	/** How many of each kind (places in the list of kinds), only kinds that are in it, ascending. */
	kinds: number[];
	counts: number[];
	/** Boxes: w and h in turn, w ascending, h descending. */
	front: number[];
	/** Bit k: fits the k-th kind of sheet. */
	on: number;
	area: number;
};

export type Sets = {
	all: Map<string, FittingSet>;
	/** Every set that fits is here; where not, the time or the room was up. */
	complete: boolean;
};

/** More are not listed: their fronts would take more room than a tablet has. */
export const MOST_SETS = 120_000;

/** Partings between two looks at the clock. */
const WORK_BETWEEN = 500;

export const keyOf = (blanks: readonly number[]): string => String.fromCharCode(...blanks);

/**
 * Lists all sets of blanks that fit some sheet.
 * @param kinds kinds of blank, and how many of each may be in a set
 * @param sheets at most 30 kinds
 * @param goOn asked now and then: false ends the listing
 */
export function fittingSets(kinds: BlankKind[], sheets: SheetKind[], goOn: () => boolean, most = MOST_SETS): Sets {
	const all = new Map<string, FittingSet>();
	const roomiest = Math.max(...sheets.map(({ area }) => area));
	let level: number[][] = [];
	kinds.forEach((kind, index) => {
		const set = setOf([index], kind.turn ? [kind.w, kind.h, kind.h, kind.w] : [kind.w, kind.h], kind.area, sheets);
		if (!set) return;
		all.set(keyOf([index]), set);
		level.push([index]);
	});
	let work = 0;
	while (level.length > 0) {
		const next: number[][] = [];
		for (const blanks of level) {
			const base = there(all.get(keyOf(blanks)), 'set');
			for (let last = there(blanks[blanks.length - 1], 'blank'); last < kinds.length; last += 1) {
				work += 1;
				if (work >= WORK_BETWEEN) {
					if (!goOn()) return { all, complete: false };
					work = 0;
				}
				const kind = there(kinds[last], 'kind');
				if (base.area + kind.area > roomiest || countIn(blanks, last) >= kind.count) continue;
				const larger = [...blanks, last];
				if (!everySmallerFits(larger, all)) continue;
				work += waysToPart(larger);
				const set = setOf(larger, boxesOf(larger, all, sheets), base.area + kind.area, sheets);
				if (!set) continue;
				if (all.size >= most) return { all, complete: false };
				all.set(keyOf(larger), set);
				next.push(larger);
			}
		}
		level = next;
	}
	return { all, complete: true };
}

function countIn(blanks: number[], kind: number): number {
	let count = 0;
	for (let index = blanks.length - 1; index >= 0 && blanks[index] === kind; index -= 1) count += 1;
	return count;
}

/** A set fits only if it still fits with any one blank left away. */
function everySmallerFits(blanks: number[], all: Map<string, FittingSet>): boolean {
	for (let gone = 0; gone < blanks.length; gone += 1) {
		if (gone > 0 && blanks[gone] === blanks[gone - 1]) continue;
		if (!all.has(keyOf([...blanks.slice(0, gone), ...blanks.slice(gone + 1)]))) return false;
	}
	return true;
}

function setOf(blanks: number[], front: number[], area: number, sheets: SheetKind[]): FittingSet | null {
	let on = 0;
	sheets.forEach((sheet, bit) => {
		for (let at = 0; at < front.length; at += 2)
			if ((front[at] as number) <= sheet.w && (front[at + 1] as number) <= sheet.h) on |= 1 << bit;
	});
	if (on === 0) return null;
	const kinds = [...new Set(blanks)];
	return { kinds, counts: kinds.map((kind) => blanks.filter((one) => one === kind).length), front: pareto(front), on, area };
}

/** The boxes of a set: of every way to part it in two, each box of the one beside and above each of the other. */
function boxesOf(blanks: number[], all: Map<string, FittingSet>, sheets: SheetKind[]): number[] {
	const boxes: number[] = [];
	const widest = Math.max(...sheets.map(({ w }) => w));
	const highest = Math.max(...sheets.map(({ h }) => h));
	forEachParting(blanks, all, (one, other) => {
		const a = one.front;
		const b = other.front;
		for (let i = 0; i < a.length; i += 2) {
			const aw = a[i] as number;
			const ah = a[i + 1] as number;
			for (let j = 0; j < b.length; j += 2) {
				const bw = b[j] as number;
				const bh = b[j + 1] as number;
				const h = ah > bh ? ah : bh;
				if (aw + bw <= widest && h <= highest) boxes.push(aw + bw, h);
				const w = aw > bw ? aw : bw;
				if (ah + bh <= highest && w <= widest) boxes.push(w, ah + bh);
			}
		}
	});
	return boxes;
}

/** Every parting of a set in two, as far as they differ: equal blanks are not told apart. */
function forEachParting(
	blanks: number[],
	all: Map<string, FittingSet>,
	each: (one: FittingSet, other: FittingSet) => void
): void {
	for (const [one, other] of partings(blanks)) each(there(all.get(keyOf(one)), 'part'), there(all.get(keyOf(other)), 'part'));
}

/** The one part has at least as many of the first kind as the other: with one and other exchanged a parting is the same. */
function* partings(blanks: number[]): Generator<[one: number[], other: number[]]> {
	const kinds = [...new Set(blanks)];
	const counts = kinds.map((kind) => blanks.filter((one) => one === kind).length);
	const taken = counts.map(() => 0);
	taken[0] = Math.ceil((counts[0] ?? 0) / 2);
	for (;;) {
		const one = kinds.flatMap((kind, at) => new Array<number>(taken[at] ?? 0).fill(kind));
		if (one.length < blanks.length)
			yield [one, kinds.flatMap((kind, at) => new Array<number>((counts[at] ?? 0) - (taken[at] ?? 0)).fill(kind))];
		let at = kinds.length - 1;
		while (at > 0 && taken[at] === counts[at]) {
			taken[at] = 0;
			at -= 1;
		}
		if (taken[at] === counts[at]) return;
		taken[at] = (taken[at] ?? 0) + 1;
	}
}

function waysToPart(blanks: number[]): number {
	let ways = 1;
	let run = 0;
	blanks.forEach((blank, at) => {
		run += 1;
		if (blanks[at + 1] === blank) return;
		ways *= run + 1;
		run = 0;
	});
	return ways / 2;
}

/** Only boxes that no other is as narrow and as low as, narrowest first. */
function pareto(boxes: number[]): number[] {
	const order: number[] = [];
	for (let at = 0; at < boxes.length; at += 2) order.push(at);
	order.sort((a, b) => (boxes[a] as number) - (boxes[b] as number) || (boxes[a + 1] as number) - (boxes[b + 1] as number));
	const front: number[] = [];
	let lowest = Infinity;
	for (const at of order) {
		const h = boxes[at + 1] as number;
		if (h >= lowest) continue;
		lowest = h;
		front.push(boxes[at] as number, h);
	}
	return front;
}

/** @returns a tree of the set that fits the sheet; the set must have been listed as one that does */
export function treeOf(blanks: number[], sheet: { w: number; h: number }, kinds: BlankKind[], { all }: Sets): Box {
	const { front } = there(all.get(keyOf(blanks)), 'set');
	for (let at = 0; at < front.length; at += 2) {
		const w = front[at] as number;
		const h = front[at + 1] as number;
		if (w <= sheet.w && h <= sheet.h) return boxAs(blanks, w, h, kinds, all);
	}
	throw new Error('This set does not fit this sheet.');
}

function boxAs(blanks: number[], w: number, h: number, kinds: BlankKind[], all: Map<string, FittingSet>): Box {
	const [first] = blanks as [number];
	const kind = there(kinds[first], 'kind');
	if (blanks.length === 1) return leaf(kind, first, !(kind.w === w && kind.h === h));
	for (const [one, other] of partings(blanks)) {
		const a = there(all.get(keyOf(one)), 'part').front;
		const b = there(all.get(keyOf(other)), 'part').front;
		for (let i = 0; i < a.length; i += 2)
			for (let j = 0; j < b.length; j += 2) {
				const [aw, ah, bw, bh] = [a[i], a[i + 1], b[j], b[j + 1]] as [number, number, number, number];
				if (aw + bw === w && Math.max(ah, bh) === h)
					return pair(true, boxAs(one, aw, ah, kinds, all), boxAs(other, bw, bh, kinds, all));
				if (ah + bh === h && Math.max(aw, bw) === w)
					return pair(false, boxAs(one, aw, ah, kinds, all), boxAs(other, bw, bh, kinds, all));
			}
	}
	throw new Error('No parting of this set gives this box.');
}
