/**
 * What a sheet is worth at most, when each kind of blank is worth something and lies there as often as it goes: dynamic programming over
 * boxes that are cut from edge to edge (Gilmore and Gomory, 1965), on a raster. Blanks are whole cells, rounded down, and so is the sheet:
 * what fits beside each other in truth fits in cells too (a conservative scale), so that no set that can be cut is worth more.
 */
import { there } from '../units/there.ts';
import { millimetres, type BlankKind, type SheetKind } from './instance.ts';

/** A kind of blank in one of its ways, in cells. */
type Way = { kind: number; w: number; h: number };
export type Raster = { w: number; h: number; ways: Way[] };
/** Kinds of blank on one sheet, and how often each lies there. */
export type Column = { kinds: number[]; counts: number[] };
/** Worths are whole numbers, so that sums of them are exact. */
export type Worths = {
	/** The most that the whole sheet can hold. */
	best: number;
	/** For each kind and way, one in a corner and the best that is cut beside it. */
	around: () => Column[];
};

/** So many sizes of a cell are tried, as a share of the cells along a side. */
const TRIED = 0.15;

/** @param mm a cell is no smaller. @returns kinds that are thinner than a cell have no way: any number of them would go anywhere */
export function rasterOf(blanks: readonly BlankKind[], sheet: SheetKind, mm: number): Raster {
	const lengths = blanks.flatMap(({ w, h, area, count }) => [w, h].map((length) => ({ length, weight: area * count })));
	const across = cellAlong(sheet.w, lengths, mm);
	const down = cellAlong(sheet.h, lengths, mm);
	const ways = blanks.flatMap(({ w, h, turn }, kind) =>
		[{ w, h }, ...(turn ? [{ w: h, h: w }] : [])]
			.filter((way) => way.w <= sheet.w && way.h <= sheet.h)
			.map((way) => ({ kind, w: Math.floor(way.w / across), h: Math.floor(way.h / down) }))
	);
	const thin = new Set(ways.filter(({ w, h }) => w === 0 || h === 0).map(({ kind }) => kind));
	return { w: Math.floor(sheet.w / across), h: Math.floor(sheet.h / down), ways: ways.filter(({ kind }) => !thin.has(kind)) };
}

/**
 * The size of a cell, in whole steps, at which blanks keep most of their share of the side. Of all sizes that give a side as many cells the
 * smallest is tried: the sheet is rounded down by nearly a whole cell then.
 */
function cellAlong(side: number, lengths: readonly { length: number; weight: number }[], mm: number): number {
	const most = Math.max(1, Math.floor(millimetres(side) / mm));
	let best = side;
	let bestKept = 0;
	for (let cells = most; cells > 0 && cells >= most * (1 - TRIED); cells -= 1) {
		const size = Math.floor(side / (cells + 1)) + 1;
		let kept = 0;
		for (const { length, weight } of lengths)
			if (length <= side) kept += (weight * (Math.floor(length / size) * side)) / (cells * length);
		if (kept <= bestKept) continue;
		bestKept = kept;
		best = size;
	}
	return best;
}

/** @param worthOf each kind, whole and not below 0 */
export function worthsOn(raster: Raster, worthOf: Int32Array): Worths {
	const table = filled(raster, worthOf);
	return {
		best: table.at(raster.w, raster.h),
		around: () => raster.ways.map((way) => around(raster, worthOf, table, way))
	};
}

type Table = { at: (w: number, h: number) => number };

/** What a box of each size holds at most; sizes one after the other, all heights of a width together. */
function filled({ w: width, h: height, ways }: Raster, worthOf: Int32Array): Table {
	const stride = height + 1;
	const most = new Int32Array((width + 1) * stride);
	const columnOf = (w: number): Int32Array => most.subarray(w * stride, (w + 1) * stride);
	let narrowest = Infinity;
	let lowest = Infinity;
	for (const { kind, w, h } of ways) {
		const worth = there(worthOf[kind], 'worth');
		if (worth <= 0) continue;
		const at = w * stride + h;
		most[at] = Math.max(most[at] as number, worth);
		narrowest = Math.min(narrowest, w);
		lowest = Math.min(lowest, h);
	}
	for (let w = narrowest; w <= width; w += 1) {
		const column = columnOf(w);
		const narrower = columnOf(w - 1);
		for (let h = 0; h <= height; h += 1) if ((narrower[h] as number) > (column[h] as number)) column[h] = narrower[h] as number;
		for (let left = narrowest; 2 * left <= w; left += 1) besideEachOther(column, columnOf(left), columnOf(w - left));
		for (let h = lowest; h <= height; h += 1) {
			let best = Math.max(column[h] as number, column[h - 1] as number);
			for (let below = lowest; 2 * below <= h; below += 1) {
				const both = (column[below] as number) + (column[h - below] as number);
				if (both > best) best = both;
			}
			column[h] = best;
		}
	}
	return { at: (w, h) => most[w * stride + h] as number };
}

function besideEachOther(column: Int32Array, left: Int32Array, right: Int32Array): void {
	for (let h = 0; h < column.length; h += 1) {
		const both = (left[h] as number) + (right[h] as number);
		if (both > (column[h] as number)) column[h] = both;
	}
}

/** A blank in a corner of the sheet, the rest cut the better of two ways. */
function around(raster: Raster, worthOf: Int32Array, table: Table, { kind, w, h }: Way): Column {
	const across = table.at(raster.w - w, raster.h) + table.at(w, raster.h - h);
	const down = table.at(raster.w, raster.h - h) + table.at(raster.w - w, h);
	const counts = new Map([[kind, 1]]);
	if (across >= down) {
		collect(raster, worthOf, table, raster.w - w, raster.h, counts);
		collect(raster, worthOf, table, w, raster.h - h, counts);
	} else {
		collect(raster, worthOf, table, raster.w, raster.h - h, counts);
		collect(raster, worthOf, table, raster.w - w, h, counts);
	}
	const kinds = [...counts.keys()].sort((one, other) => one - other);
	return { kinds, counts: kinds.map((one) => there(counts.get(one), 'count')) };
}

/** Which blanks make a box worth what it is, found again cut by cut. */
function collect(raster: Raster, worthOf: Int32Array, table: Table, w: number, h: number, counts: Map<number, number>): void {
	const worth = table.at(w, h);
	if (worth === 0) return;
	const again = (oneW: number, oneH: number) => collect(raster, worthOf, table, oneW, oneH, counts);
	const alone = raster.ways.find((way) => way.w <= w && way.h <= h && worthOf[way.kind] === worth);
	if (alone) {
		counts.set(alone.kind, (counts.get(alone.kind) ?? 0) + 1);
		return;
	}
	for (let left = 1; 2 * left <= w; left += 1)
		if (table.at(left, h) + table.at(w - left, h) === worth) {
			again(left, h);
			again(w - left, h);
			return;
		}
	for (let below = 1; 2 * below <= h; below += 1)
		if (table.at(w, below) + table.at(w, h - below) === worth) {
			again(w, below);
			again(w, h - below);
			return;
		}
	if (table.at(w - 1, h) === worth) again(w - 1, h);
	else again(w, h - 1);
}
