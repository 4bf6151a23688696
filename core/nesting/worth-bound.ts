/**
 * How many sheets there must be at least, by what blanks are worth: whatever each is worth, all of them are worth no more than so many
 * times the best that one sheet holds (Farley, 1990). Worths are looked for by a covering programme: its columns are the best sheets of
 * a raster (`raster.ts`), its duals the next worths (Gilmore and Gomory, 1961), a little of the way from the best so far (smoothing:
 * Wentges, 1997).
 */
import { there } from '../units/there.ts';
import type { BlankKind, Instance } from './instance.ts';
import type { Row, Solve } from './programme.ts';
import { rasterOf, worthsOn, type Column, type Raster } from './raster.ts';
import type { Layout } from './search.ts';
import { blanksOf } from './slicing.ts';

/** What a whole sheet is worth, in whole parts. */
const ONE = 1_000_000;
/** Millimetres of a cell, and how near to the most that a raster can say is near enough: a coarse one is done at once, a fine one says more. */
const RASTERS = [
	{ mm: 5, near: 0.25 },
	{ mm: 2.6, near: 0.05 }
];
/** Share of the best worths so far in those that are tried. */
const SMOOTHED = 0.8;
const ADDED_A_ROUND = 300;
/** From so many columns on, only those that are nearest to being used are kept. */
const MOST_COLUMNS = 2500;
const KEPT_COLUMNS = 1200;
/** Sums are rounded: less than this is no difference. */
const TINY = 1e-6;

/** @param sheets no plan has fewer, not rounded up. @param most no worths on the same raster say more */
type Bound = { sheets: number; worths: readonly number[]; most: number };

/** @returns ever greater bounds, not rounded up, `null` now and then; none where the sheets are of several sizes */
export function* worthBounds(
	{ blanks, sheets }: Instance,
	layout: Layout,
	solve: Solve,
	secondsLeft: () => number
): Generator<number | null, void, void> {
	const [sheet] = sheets;
	if (!sheet || sheets.length > 1) return;
	let best: Bound = { sheets: 0, worths: blanks.map(() => 0), most: Infinity };
	for (const { mm, near } of RASTERS) {
		const raster = rasterOf(blanks, sheet, mm);
		const columns = [...gridsOf(blanks, raster), ...layout.laid.map(({ root }) => columnOf(blanksOf(root)))];
		for (const bound of boundsOn(raster, blanks, columns, best.worths, solve, secondsLeft)) {
			const greater = bound.sheets > best.sheets;
			if (greater) best = bound;
			yield greater ? best.sheets : null;
			if (bound.most - bound.sheets < near) break;
		}
	}
}

/** Of each kind as many as go side by side: none is worth more than its share of such a sheet. */
function gridsOf(blanks: readonly BlankKind[], raster: Raster): Column[] {
	return blanks.flatMap((_, kind) => {
		const ways = raster.ways.filter((way) => way.kind === kind);
		const most = Math.max(0, ...ways.map(({ w, h }) => Math.floor(raster.w / w) * Math.floor(raster.h / h)));
		return most > 0 ? [{ kinds: [kind], counts: [most] }] : [];
	});
}

function columnOf(blanks: readonly number[]): Column {
	const kinds = [...new Set(blanks)].sort((one, other) => one - other);
	return { kinds, counts: kinds.map((kind) => blanks.filter((one) => one === kind).length) };
}

/** The best bound after each step on one raster; it ends when more steps lead to no sheet more. @param from worths to begin with */
function* boundsOn(
	raster: Raster,
	blanks: readonly BlankKind[],
	start: readonly Column[],
	from: readonly number[],
	solve: Solve,
	secondsLeft: () => number
): Generator<Bound, void, void> {
	const counted = new Set(raster.ways.map(({ kind }) => kind));
	const wanted = blanks.map(({ count }, kind) => (counted.has(kind) ? count : 0));
	const known = knownFrom(start);
	let best: Bound = { sheets: 0, worths: from, most: Infinity };
	let most = Infinity;
	let duals = from;
	let smoothed = 1;
	while (secondsLeft() > 0) {
		if (smoothed < 1) {
			const solved = solve(programmeOf(wanted, known.columns()), secondsLeft());
			if (solved.state !== 'best') return;
			most = solved.value;
			duals = wanted.map((count, kind) => (count > 0 ? Math.max(0, solved.duals[kind] ?? 0) : 0));
		}
		const worths = duals.map((dual, kind) => smoothed * there(best.worths[kind], 'worth') + (1 - smoothed) * dual);
		const onSheet = worthsOn(
			raster,
			Int32Array.from(worths, (worth) => Math.ceil(worth * ONE))
		);
		const whole = onSheet.best / ONE;
		const sheets = whole > 0 ? worthOf({ kinds: [...wanted.keys()], counts: wanted }, worths) / whole - TINY : 0;
		best = sheets > best.sheets ? { sheets, worths: worths.map((worth) => worth / whole), most } : { ...best, most };
		yield best;
		if (Math.ceil(most - TINY) <= Math.ceil(best.sheets)) return;
		// Worths from elsewhere are a beginning: the sheets that they are of are all taken.
		const added = known.add(onSheet.around(), duals, smoothed === 1 ? 0 : 1 + TINY);
		if (added === 0 && smoothed === 0) return;
		smoothed = added === 0 ? 0 : SMOOTHED;
	}
}

/** Columns, each set of blanks once. */
function knownFrom(start: readonly Column[]) {
	let columns = [...start];
	const keys = new Set(columns.map(keyOf));
	return {
		columns: (): readonly Column[] => columns,
		/** Takes those that are worth most by the duals. @param above what each is worth more than. @returns how many are new */
		add(found: readonly Column[], duals: readonly number[], above: number): number {
			const worth = new Map([...columns, ...found].map((column) => [column, worthOf(column, duals)]));
			const byWorth = (one: Column, other: Column): number => (worth.get(other) ?? 0) - (worth.get(one) ?? 0);
			if (columns.length > MOST_COLUMNS) {
				columns = columns.sort(byWorth).slice(0, KEPT_COLUMNS);
				keys.clear();
				for (const column of columns) keys.add(keyOf(column));
			}
			const before = columns.length;
			for (const column of [...found].sort(byWorth)) {
				if (columns.length - before === ADDED_A_ROUND || (worth.get(column) ?? 0) <= above) break;
				const key = keyOf(column);
				if (keys.has(key)) continue;
				keys.add(key);
				columns.push(column);
			}
			return columns.length - before;
		}
	};
}

const keyOf = ({ kinds, counts }: Column): string => kinds.map((kind, at) => `${kind}:${counts[at]}`).join(' ');

const worthOf = ({ kinds, counts }: Column, worths: readonly number[]): number =>
	kinds.reduce((sum, kind, at) => sum + there(worths[kind], 'worth') * there(counts[at], 'count'), 0);

/** Each kind as often as it is wanted, on as few sheets as may be. */
function programmeOf(wanted: readonly number[], columns: readonly Column[]) {
	const rows = wanted.map((least): Row => ({ of: [], least }));
	columns.forEach(({ kinds, counts }, column) =>
		kinds.forEach((kind, at) => there(rows[kind], 'row').of.push([column, there(counts[at], 'count')]))
	);
	return { costs: columns.map(() => 1), rows, whole: false };
}
