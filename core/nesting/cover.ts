/**
 * What sheets must cost at least: a covering programme with a column for each set of blanks that fits a sheet, after Gilmore and Gomory
 * (1961, 1965). Its columns are priced out of the list of sets; small blanks may be left away, which only lowers the bound, and their
 * area is asked for in a row of its own. Columns whose reduced cost is above what is still open cannot be in a better plan.
 */
import { there } from '../units/there.ts';
import { costsLess, type Laid, type Layout } from './search.ts';
import { nearestWhole, type Instance } from './instance.ts';
import type { Row, Solve } from './programme.ts';
import { reachableFrom, reachableBelow } from './costs.ts';
import { keyOf, treeOf, type FittingSet, type Sets } from './sets.ts';

export type Cover = {
	/** No plan that places every blank costs less. */
	least: number;
	/** A layout of the listed blanks for less than the best, where there is one; the others are left out. */
	layout: Layout | null;
};

type Column = { set: FittingSet; sheet: number };

/** A whole programme of more columns is not tried. */
const MOST_COLUMNS = 6000;
const MOST_ROUNDS = 60;
const ADDED_A_ROUND = 40;

/**
 * @param listed how many kinds of blank, the largest, the sets are of
 * @param best cost of the best layout so far
 * @param seconds that the whole programme may take
 * @param secondsNow what is left of them
 * @returns `null` when no bound comes of it
 */
export function coverBound(
	instance: Instance,
	listed: number,
	sets: Sets,
	best: number,
	solve: Solve,
	seconds: () => number
): Cover | null {
	const kinds = instance.blanks.slice(0, listed);
	const columns: Column[] = [];
	for (const set of sets.all.values())
		instance.sheets.forEach((_, sheet) => {
			if (set.on & (1 << sheet)) columns.push({ set, sheet });
		});
	const priced = pricedOut(instance, listed, columns, solve, seconds);
	if (!priced) return null;
	const { bound, reduced } = priced;
	const costs = instance.sheets.map(({ cost, count }) => ({ cost, count }));
	const least = Math.min(best, reachableFrom(costs, bound, best));
	if (!costsLess(least, best)) return { least: best, layout: null };
	const target = reachableBelow(costs, best);
	const open = columns.filter((_, index) => (reduced[index] as number) <= target - bound + 1e-6 * (1 + target));
	const roomiest = maximal(open, kinds.length, sets);
	if (roomiest.length > MOST_COLUMNS || seconds() <= 0) return { least, layout: null };
	const whole = solve(
		{ costs: roomiest.map(({ sheet }) => costs[sheet]?.cost ?? 0), rows: rowsOf(instance, listed, roomiest), whole: true },
		seconds()
	);
	if (whole.state === 'none') return { least: best, layout: null };
	if (whole.state === 'open') return { least, layout: null };
	const value = reachableFrom(costs, whole.value - 1e-6 * (1 + whole.value), best);
	if (!costsLess(value, best)) return { least: best, layout: null };
	return { least: Math.max(least, value), layout: layoutOf(instance, listed, roomiest, whole.columns, sets) };
}

/** Duals that price no column below nothing, the bound that they give and each column's reduced cost. */
function pricedOut(instance: Instance, listed: number, columns: Column[], solve: Solve, seconds: () => number) {
	const { sheets } = instance;
	const dearest = Math.max(...sheets.map(({ cost }) => cost), 1);
	const missing = 1000 * dearest;
	const taken = firstColumns(columns, listed);
	const isTaken = new Set(taken);
	const reduced = new Array<number>(columns.length).fill(0);
	for (let round = 0; round < MOST_ROUNDS; round += 1) {
		if (seconds() <= 0) return null;
		const some = taken.map((index) => columns[index] as Column);
		const rows = rowsOf(instance, listed, some);
		// What cannot be covered yet is bought dear.
		const extra = Array.from({ length: listed + 1 }, (_, row) => some.length + row);
		extra.forEach((column, row) => there(rows[row], 'row').of.push([column, 1]));
		const costs = [...some.map(({ sheet }) => there(sheets[sheet], 'sheet').cost), ...extra.map(() => missing)];
		const { state, duals, columns: amounts } = solve({ costs, rows, whole: false }, Math.max(0.1, seconds()));
		if (state !== 'best') return null;
		const perKind = duals.slice(0, listed).map((dual) => Math.max(0, dual));
		const perArea = Math.max(0, duals[listed] ?? 0);
		const perSheet = sheets.map((_, index) => Math.min(0, duals[listed + 1 + index] ?? 0));
		let lowest = 0;
		const below: number[] = [];
		columns.forEach(({ set, sheet }, index) => {
			const kind = sheets[sheet] as (typeof sheets)[number];
			let value = kind.cost - (perSheet[sheet] as number) - perArea * (kind.area / areaUnit(instance));
			for (let at = 0; at < set.kinds.length; at += 1)
				value -= (perKind[set.kinds[at] as number] as number) * (set.counts[at] as number);
			reduced[index] = value;
			if (value < lowest) lowest = value;
			if (value < -1e-7 * dearest && !isTaken.has(index)) below.push(index);
		});
		if (below.length > 0) {
			below.sort((one, other) => (reduced[one] as number) - (reduced[other] as number));
			for (const index of below.slice(0, ADDED_A_ROUND)) {
				taken.push(index);
				isTaken.add(index);
			}
			continue;
		}
		if (extra.some((column) => (amounts[column] ?? 0) > 1e-6)) return null;
		let bound = perArea * areaWanted(instance);
		perKind.forEach((dual, kind) => (bound += dual * (instance.blanks[kind]?.count ?? 0)));
		perSheet.forEach((dual, sheet) => (bound += dual * countOf(instance, sheet)));
		// Rounding of the solver: each sheet of any plan may be priced that much too high.
		const most = instance.blanks.reduce((sum, { count }) => sum + count, 0);
		return { bound: bound + most * lowest - 1e-7 * dearest, reduced };
	}
	return null;
}

/** Of each kind the sets that it fills most with, so that each can be covered. */
function firstColumns(columns: Column[], listed: number): number[] {
	const fullest = new Array<number>(listed).fill(-1);
	columns.forEach(({ set }, index) => {
		for (const kind of set.kinds) {
			const known = fullest[kind] as number;
			if (known < 0 || set.area > (columns[known] as Column).set.area) fullest[kind] = index;
		}
	});
	return [...new Set(fullest.filter((index) => index >= 0))];
}

const areaUnit = (instance: Instance): number => Math.max(...instance.sheets.map(({ area }) => area));
const areaWanted = (instance: Instance): number =>
	instance.blanks.reduce((sum, { area, count }) => sum + area * count, 0) / areaUnit(instance) - 1e-7;
/** More sheets of a kind than blanks are never cut into. */
const countOf = (instance: Instance, sheet: number): number =>
	Math.min(
		there(instance.sheets[sheet], 'sheet').count,
		instance.blanks.reduce((sum, { count }) => sum + count, 0)
	);

/** Each kind as often as it is wanted, the area of all, and no more sheets than there are. */
function rowsOf(instance: Instance, listed: number, columns: Column[]): Row[] {
	const rows: Row[] = [
		...instance.blanks.slice(0, listed).map(({ count }): Row => ({ of: [], least: count })),
		{ of: [], least: areaWanted(instance) },
		...instance.sheets.map((_, sheet): Row => ({ of: [], most: countOf(instance, sheet) }))
	];
	columns.forEach(({ set, sheet }, column) => {
		set.kinds.forEach((kind, at) => there(rows[kind], 'row').of.push([column, there(set.counts[at], 'count')]));
		there(rows[listed], 'row').of.push([column, there(instance.sheets[sheet], 'sheet').area / areaUnit(instance)]);
		there(rows[listed + 1 + sheet], 'row').of.push([column, 1]);
	});
	return rows;
}

/** Only sets to which no blank can be added on the same sheet: a smaller one covers nothing that they do not. */
function maximal(columns: Column[], listed: number, { all }: Sets): Column[] {
	return columns.filter(({ set, sheet }) => {
		const blanks = blanksIn(set);
		for (let kind = 0; kind < listed; kind += 1) {
			const larger = [...blanks, kind].sort((one, other) => one - other);
			const known = all.get(keyOf(larger));
			if (known && known.on & (1 << sheet)) return false;
		}
		return true;
	});
}

const blanksIn = ({ kinds, counts }: FittingSet): number[] =>
	kinds.flatMap((kind, at) => new Array<number>(counts[at] ?? 0).fill(kind));

function layoutOf(instance: Instance, listed: number, columns: Column[], amounts: number[], sets: Sets): Layout {
	const left = instance.blanks.map(({ count }) => count);
	const laid: Laid[] = [];
	let cost = 0;
	columns.forEach(({ set, sheet: index }, column) => {
		const sheet = there(instance.sheets[index], 'sheet');
		for (let one = 0; one < nearestWhole(amounts[column] ?? 0); one += 1) {
			const blanks = set.kinds.flatMap((kind, at) => {
				const taken = Math.min(left[kind] ?? 0, set.counts[at] ?? 0);
				left[kind] = (left[kind] ?? 0) - taken;
				return new Array<number>(taken).fill(kind);
			});
			if (blanks.length === 0) continue;
			laid.push({ sheet, root: treeOf(blanks, sheet, instance.blanks.slice(0, listed), sets) });
			cost += sheet.cost;
		}
	});
	const out = left.flatMap((count, kind) => new Array<number>(count).fill(kind));
	return { laid, out, cost, outArea: out.reduce((sum, kind) => sum + there(instance.blanks[kind], 'kind').area, 0) };
}
