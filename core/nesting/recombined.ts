/**
 * Many sheets: the best sheets of all layouts that were passed are put together anew. A linear programme over them says which go together
 * (set covering over the columns of a heuristic: Monaci and Toth, 2006, for bin packing); those that it takes most of are kept one after
 * the other, as in a dive, until a few sheets are left. What all sheets together spare is open to the search over these alone.
 */
import { there } from '../units/there.ts';
import { reachableBelow } from './costs.ts';
import type { Instance, SheetKind } from './instance.ts';
import type { Row, Solve } from './programme.ts';
import type { Random } from './random.ts';
import { costsLess, firstLayout, improved, type Laid, type Layout } from './search.ts';
import { blanksOf, type Box } from './slicing.ts';

/** A sheet as it was laid once, with how many of which kind are on it. */
type Known = Laid & { kinds: number[]; counts: number[] };
export type Remembered = { add: (layout: Layout) => void; sheets: () => Known[] };

/** Emptier sheets are not remembered. */
const FULL = 0.9;
const MOST_KNOWN = 9000;
/** So many of them, the fullest, go into a programme. */
const MOST_COLUMNS = 1500;
/** Sheets that a dive leaves to the search: from, and how many more at the most. */
const LEFT = 12;
const LEFT_MORE = 18;
/** Kept between two programmes. */
const KEPT_AT_ONCE = 8;
/** Milliseconds of one search over what is left. */
const SEARCH_MS = 2000;
/** Of two sheets that are as much wanted the fuller is taken; this share of an area is nothing beside a blank that is left out. */
const EMPTY_SHARE = 1e-3;

const fullness = ({ sheet, root }: Laid): number => root.filled / sheet.area;

/** Remembers the sheets of layouts, each set of blanks once. */
export function remembered({ sheets }: Instance): Remembered {
	const bySet = new Map<string, Known>();
	const seen = new WeakSet<Box>();
	const own = new Map(sheets.map((sheet) => [sheet.index, sheet]));
	return {
		add: ({ laid }) => {
			for (const { sheet: on, root } of laid) {
				if (seen.has(root) || root.filled < on.area * FULL) continue;
				seen.add(root);
				const blanks = blanksOf(root).sort((one, other) => one - other);
				const kinds = [...new Set(blanks)];
				bySet.set(`${on.index} ${blanks.join(' ')}`, {
					sheet: there(own.get(on.index), 'sheet'),
					root,
					kinds,
					counts: kinds.map((kind) => blanks.filter((one) => one === kind).length)
				});
			}
			if (bySet.size <= MOST_KNOWN) return;
			const emptiest = [...bySet].sort(([, one], [, other]) => fullness(one) - fullness(other));
			for (const [key] of emptiest.slice(0, MOST_KNOWN / 3)) bySet.delete(key);
		},
		sheets: () => [...bySet.values()].sort((one, other) => fullness(other) - fullness(one)).slice(0, MOST_COLUMNS)
	};
}

export type Recombining = { solve: Solve; random: Random; now: () => number; until: number; enough: number; known: Remembered };

/** Layouts that cost less than all before, `null` now and then. */
export function* recombined(instance: Instance, start: Layout, means: Recombining): Generator<Layout | null, void, void> {
	const { random, now, until, enough, known } = means;
	let best = start;
	const costs = instance.sheets.map(({ cost, count }) => ({ cost, count }));
	// Between two tries the search over all sheets goes on: what it passes is known anew.
	const searched = (from: Layout) => improved(instance, from, { random, now, until, enough, passed: known.add });
	let search = searched(best);
	while (now() < until && costsLess(enough, best.cost)) {
		const target = reachableBelow(costs, best.cost);
		const kept = dive(instance, target, means);
		yield null;
		const rest = withoutKept(instance, kept);
		let laid = firstLayout(rest);
		const open = target - costOf(kept);
		const end = Math.min(until, now() + SEARCH_MS);
		for (const step of improved(rest, laid, { random, now, until: end, enough: open, passed: known.add })) {
			if (step) laid = step;
			yield null;
		}
		known.add(laid);
		const cost = costOf(kept) + laid.cost;
		if (laid.out.length > 0 || !costsLess(cost, best.cost)) {
			const turn = now() + SEARCH_MS;
			while (now() < turn) {
				const { done, value } = search.next();
				if (done) break;
				if (value) best = value;
				yield value;
			}
			continue;
		}
		const own = laid.laid.map(({ sheet, root }): Laid => ({ sheet: there(ownOf(instance, sheet), 'sheet'), root }));
		best = { laid: [...kept.map(({ sheet, root }) => ({ sheet, root })), ...own], out: [], cost, outArea: 0 };
		search = searched(best);
		yield best;
	}
}

const ownOf = ({ sheets }: Instance, { index }: SheetKind): SheetKind | undefined => sheets.find((own) => own.index === index);
const costOf = (laid: Laid[]): number => laid.reduce((sum, { sheet }) => sum + sheet.cost, 0);

/** How many blanks and sheets of each kind there are beside some that are kept; kinds keep their places. */
function withoutKept({ blanks, sheets }: Instance, kept: Known[]): Instance {
	const wanted = blanks.map(({ count }) => count);
	for (const { kinds, counts } of kept)
		kinds.forEach((kind, at) => (wanted[kind] = there(wanted[kind], 'kind') - (counts[at] ?? 0)));
	return {
		blanks: blanks.map((kind, at) => ({ ...kind, count: there(wanted[at], 'kind') })),
		sheets: sheets.map((sheet) => ({ ...sheet, count: sheet.count - kept.filter((one) => one.sheet === sheet).length }))
	};
}

/** Known sheets that go together, so that what is left out of them is as little as may be, all but a few of what the target pays for. */
function dive(instance: Instance, target: number, { solve, random, now, until, known }: Recombining): Known[] {
	const kept: Known[] = [];
	const dearest = Math.max(...instance.sheets.map(({ cost }) => cost));
	const toSearch = dearest * (LEFT + random() * LEFT_MORE);
	let open = known.sheets();
	while (target - costOf(kept) > toSearch && now() < until) {
		const left = withoutKept(instance, kept);
		open = open.filter(({ sheet, kinds, counts }) => fitsIn(left, ownOf(left, sheet), kinds, counts));
		const { columns, state } = solve(programmeOf(left, open, target - costOf(kept), random), (until - now()) / 1000);
		if (state !== 'best') return kept;
		const taken = open.map((one, column) => ({ one, times: columns[column] ?? 0 })).filter(({ times }) => times > 1e-6);
		taken.sort((a, b) => b.times - a.times);
		const before = kept.length;
		for (const { one } of taken) {
			if (kept.length - before >= KEPT_AT_ONCE || target - costOf(kept) <= toSearch) break;
			const now = withoutKept(instance, kept);
			if (fitsIn(now, ownOf(now, one.sheet), one.kinds, one.counts)) kept.push(one);
		}
		if (kept.length === before) break;
	}
	return kept;
}

const fitsIn = ({ blanks }: Instance, sheet: SheetKind | undefined, kinds: number[], counts: number[]): boolean =>
	(sheet?.count ?? 0) > 0 && kinds.every((kind, at) => (counts[at] ?? 0) <= (blanks[kind]?.count ?? 0));

/** Each known sheet as often as it goes, for no more than the money; what of a kind lies on none costs its area. */
function programmeOf({ blanks, sheets }: Instance, open: Known[], money: number, random: Random) {
	const unit = Math.max(...sheets.map(({ area }) => area));
	const rows: Row[] = [
		...blanks.map(({ count }): Row => ({ of: [], least: count })),
		{ of: [], most: money },
		...sheets.map(({ count }): Row => ({ of: [], most: count }))
	];
	const row = (at: number): Row => there(rows[at], 'row');
	open.forEach(({ sheet, kinds, counts }, column) => {
		kinds.forEach((kind, at) => row(kind).of.push([column, counts[at] ?? 0]));
		if (sheet.cost > 0) row(blanks.length).of.push([column, sheet.cost]);
		row(blanks.length + 1 + sheets.findIndex(({ index }) => index === sheet.index)).of.push([column, 1]);
	});
	blanks.forEach((_, kind) => row(kind).of.push([open.length + kind, 1]));
	const empty = open.map((one) => EMPTY_SHARE * (1 - fullness(one)) * (0.5 + random()));
	return { costs: [...empty, ...blanks.map(({ area }) => area / unit)], rows, whole: false };
}
