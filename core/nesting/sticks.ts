/**
 * Sticks: what lies end to end is a cutting stock problem, solved exactly. Patterns are priced into a linear programme (Gilmore and Gomory,
 * 1961), which nearly always comes to what some plan costs, rounded up: rails are laid on every choice of sticks for that cost. Where none
 * takes them, every pattern that a plan for it can hold, by its reduced cost, is listed, and the whole programme over them either gives
 * that plan or proves that there is none; the cost after it is tried next.
 */
import { there } from '../units/there.ts';
import { reachableFrom } from './costs.ts';
import type { Cover } from './cover.ts';
import { nearestWhole, type Instance, type SheetKind } from './instance.ts';
import type { Row, Solve } from './programme.ts';
import { railsOnSticks } from './rails.ts';
import type { Random } from './random.ts';
import { costsLess, type Laid, type Layout } from './search.ts';
import { blanksOf, leaf, pair } from './slicing.ts';

/** How often each kind of blank is cut from one stick of a kind. */
type Pattern = { stick: number; counts: number[]; reduced: number };

/** A whole programme of more patterns is not tried. */
const MOST_PATTERNS = 2500;
const MOST_ROUNDS = 400;
/** Patterns that are added for each kind of stick in a round. */
const ADDED_A_ROUND = 8;
/** Ways looked at for one list of patterns. */
const MOST_WORK = 1_500_000;
/** Shares of what a plan may cost more than the bound: where not every pattern can be listed, those nearest to it are. */
const SHARES = [1, 1 / 2, 1 / 4, 1 / 8, 1 / 16];

/** Nothing lies beside or below another, and nothing is turned. */
export function isSticks({ blanks, sheets }: Instance): boolean {
	const [first] = blanks;
	return first !== undefined && [...blanks, ...sheets].every(({ h }) => h === first.h) && blanks.every(({ turn }) => !turn);
}

/**
 * @param best the best layout so far, which leaves nothing out
 * @param known what every layout costs at least, as far as is known
 * @param seconds what is left
 * @returns what it must cost at least, with a layout for less than the best where there is one; `null` when no bound comes of it
 */
export function stickBound(
	instance: Instance,
	best: Layout,
	{ solve, random, known }: { solve: Solve; random: Random; known: number },
	seconds: () => number
): Cover | null {
	const atOnce = laidFor(instance, known, { random, share: AT_ONCE }, seconds);
	if (atOnce) return { least: known, layout: atOnce };
	const costs = instance.sheets.map(({ cost, count }) => ({ cost, count }));
	const priced = pricedOut(instance, best, solve, seconds);
	if (!priced) return null;
	let least = Math.min(best.cost, reachableFrom(costs, priced.bound, best.cost));
	while (costsLess(least, best.cost)) {
		const laid = laidFor(instance, least, { random, share: LAYING }, seconds);
		if (laid) return { least, layout: laid };
		const { patterns, all } = listed(instance, priced, least - priced.bound + 1e-6 * (1 + least));
		if (patterns.length === 0 || seconds() <= 0) return { least, layout: null };
		const next = reachableFrom(costs, least + 1e-6 * (1 + least), best.cost);
		const whole = solve({ ...rowsOf(instance, patterns), whole: true, apart: (next - least) * NEARLY }, seconds());
		if (whole.state === 'open') return { least, layout: null };
		const layout = whole.state === 'best' ? layoutOf(instance, patterns, whole.columns) : null;
		if (layout && !costsLess(least, layout.cost)) return { least, layout };
		if (!all) return { least, layout: layout && costsLess(layout.cost, best.cost) ? layout : null };
		least = next;
	}
	return { least: best.cost, layout: null };
}
/** Of the distance between two costs: the solver's own rounding lies in the rest. */
const NEARLY = 0.999;

/** Of what is left, for one cost: it takes a few hundredths of a second where there is a way. */
const LAYING = 0.5;
/** Before anything is priced, for what the lengths alone say. */
const AT_ONCE = 0.01;
/** Choices of sticks that are tried for one cost, those with most room first. */
const MOST_CHOICES = 40;

/** Rails on every choice of sticks that comes to a cost. @returns null where none was found that takes them */
function laidFor(
	{ blanks, sheets }: Instance,
	cost: number,
	{ random, share }: { random: Random; share: number },
	seconds: () => number
): Layout | null {
	const rails = blanks.flatMap(({ count }, kind) => new Array<number>(count).fill(kind));
	const long = rails.map((kind) => there(blanks[kind], 'kind').w);
	const total = long.reduce((sum, rail) => sum + rail, 0);
	const choices = choicesFor(sheets, cost, rails.length)
		.map((choice) => ({ choice, room: choice.reduce((sum, stick) => sum + there(sheets[stick], 'stick').w, 0) }))
		.filter(({ room }) => room >= total)
		.sort((one, other) => other.room - one.room)
		.slice(0, MOST_CHOICES);
	const from = seconds();
	for (const [at, { choice }] of choices.entries()) {
		const until = from - (from * share * (at + 1)) / choices.length;
		const sticks = choice.map((stick) => there(sheets[stick], 'stick'));
		const found = railsOnSticks(
			long,
			sticks.map(({ w }) => w),
			random,
			() => seconds() > until
		);
		if (!found) continue;
		const laid = laidEndToEnd(blanks, sticks, found, rails);
		return { laid, out: [], cost: laid.reduce((sum, { sheet }) => sum + sheet.cost, 0), outArea: 0 };
	}
	return null;
}

/** Every choice of sticks that comes to a cost, each as the places of its sticks; what costs nothing is in all of them. */
function choicesFor(sheets: Instance['sheets'], cost: number, rails: number): number[][] {
	let open: { choice: number[]; cost: number }[] = [{ choice: [], cost: 0 }];
	for (const [stick, { cost: each, count }] of sheets.entries()) {
		const most = Math.min(count, rails);
		open = open.flatMap((one) =>
			Array.from({ length: each === 0 ? 1 : most + 1 }, (_, many) => (each === 0 ? most : many))
				.filter((many) => !costsLess(cost, one.cost + many * each))
				.map((many) => ({ choice: [...one.choice, ...new Array<number>(many).fill(stick)], cost: one.cost + many * each }))
		);
		if (open.length > MOST_OPEN) return [];
	}
	return open.filter((one) => !costsLess(one.cost, cost)).map(({ choice }) => choice);
}
const MOST_OPEN = 5000;

/** Rails as they lie, stick by stick. */
function laidEndToEnd(
	blanks: Instance['blanks'],
	sticks: Instance['sheets'],
	on: readonly (readonly number[])[],
	kindOf: readonly number[]
): Laid[] {
	return sticks.flatMap((sheet, at) =>
		endToEnd(
			blanks,
			sheet,
			there(on[at], 'stick').map((rail) => there(kindOf[rail], 'rail'))
		)
	);
}

/** One stick of blanks of these kinds, in this order; none where there are none. */
function endToEnd(blanks: Instance['blanks'], sheet: SheetKind, kinds: readonly number[]): Laid[] {
	const boxes = kinds.map((kind) => leaf(there(blanks[kind], 'kind'), kind, false));
	return boxes.length === 0 ? [] : [{ sheet, root: boxes.reduce((one, other) => pair(true, one, other)) }];
}

type Prices = { perBlank: number[]; perStick: number[]; bound: number };

/**
 * The linear programme over all patterns: those that price in are added until none does, or until the bound that the prices give, made
 * feasible by Farley's scaling (1990), is as good as the programme itself.
 */
function pricedOut(instance: Instance, best: Layout, solve: Solve, seconds: () => number): Prices | null {
	const { blanks, sheets } = instance;
	const costs = sheets.map(({ cost, count }) => ({ cost, count }));
	const dearest = Math.max(1, ...sheets.map(({ cost }) => cost));
	const wanted = blanks.reduce((sum, { count }) => sum + count, 0);
	const patterns = [...blanks.map((_, kind) => alone(instance, kind)), ...best.laid.map((laid) => patternOf(instance, laid))];
	for (let round = 0; round < MOST_ROUNDS && seconds() > 0; round += 1) {
		const { costs: prices, rows } = rowsOf(instance, patterns);
		const { state, value, duals } = solve({ costs: prices, rows, whole: false }, Math.max(0.1, seconds()));
		if (state !== 'best') return null;
		const perBlank = blanks.map((_, kind) => Math.max(0, duals[kind] ?? 0));
		const perStick = sheets.map((_, stick) => Math.min(0, duals[blanks.length + stick] ?? 0));
		const found = sheets.map((_, stick) => patternsBelow(instance, stick, { perBlank, perStick }, 0, true));
		if (found.some((one) => one === null)) return null;
		const lowest = found.map((one) => Math.min(0, one?.at(-1)?.reduced ?? 0));
		const paid =
			perBlank.reduce((sum, dual, kind) => sum + dual * there(blanks[kind], 'kind').count, 0) +
			perStick.reduce((sum, dual, stick) => sum + dual * Math.min(wanted, there(sheets[stick], 'stick').count), 0);
		// Nothing can be scaled where a stick that costs nothing still prices in.
		const over = lowest.map((reduced, stick) => {
			const { cost } = there(sheets[stick], 'stick');
			return reduced > -1e-9 * dearest ? 1 : cost > 0 ? (cost - reduced) / cost : Infinity;
		});
		const scale = 1 / Math.max(...over);
		const bound = paid * scale - 1e-7 * dearest * (1 + wanted);
		const isGood = scale > 0 && reachableFrom(costs, bound, best.cost) >= reachableFrom(costs, value - 1e-7 * value, best.cost);
		if (isGood || lowest.every((reduced) => reduced > -1e-7 * dearest))
			return {
				perBlank: perBlank.map((dual) => dual * scale),
				perStick: perStick.map((dual) => dual * scale),
				bound
			};
		patterns.push(...found.flatMap((one) => one?.slice(-ADDED_A_ROUND) ?? []));
	}
	return null;
}

/** What lies on a stick of a layout. */
function patternOf({ blanks, sheets }: Instance, { sheet, root }: Laid): Pattern {
	const on = blanksOf(root);
	return { stick: sheets.indexOf(sheet), counts: blanks.map((_, kind) => on.filter((one) => one === kind).length), reduced: 0 };
}

/** As many of one kind as one stick gives. */
function alone({ blanks, sheets }: Instance, kind: number): Pattern {
	const { w, count } = there(blanks[kind], 'kind');
	const stick = sheets.findIndex((one) => one.w >= w);
	const many = Math.min(count, Math.floor(there(sheets[stick], 'stick').w / w));
	return { stick, counts: blanks.map((_, other) => (other === kind ? many : 0)), reduced: 0 };
}

/** Patterns that a plan may hold whose cost is so much above the bound: all of them, or the nearest where they are too many. */
function listed(instance: Instance, prices: Prices, slack: number): { patterns: Pattern[]; all: boolean } {
	for (const share of SHARES) {
		const some = instance.sheets.map((_, stick) => patternsBelow(instance, stick, prices, slack * share, false));
		const patterns = some.flatMap((one) => one ?? []);
		if (some.every((one) => one !== null) && patterns.length <= MOST_PATTERNS) return { patterns, all: share === 1 };
	}
	return { patterns: [], all: false };
}

/**
 * Patterns of a stick to which nothing can be added, whose reduced cost is not above a limit: kind after kind, what a length is worth
 * first, left as soon as the rest of the stick at the best price would not do.
 * @param tighten only those that are better than all before; the last one is the best
 */
function patternsBelow(
	{ blanks, sheets }: Instance,
	stick: number,
	{ perBlank, perStick }: Pick<Prices, 'perBlank' | 'perStick'>,
	most: number,
	tighten: boolean
): Pattern[] | null {
	const { w: long, cost } = there(sheets[stick], 'stick');
	const worth = (kind: number): number => (perBlank[kind] ?? 0) / there(blanks[kind], 'kind').w;
	const order = blanks.map((_, kind) => kind).sort((one, other) => worth(other) - worth(one));
	const shortest = Math.min(...blanks.map(({ w }) => w));
	const counts = blanks.map(() => 0);
	const found: Pattern[] = [];
	let limit = most;
	let work = 0;
	const goes = (at: number, rest: number, reduced: number): boolean => {
		work += 1;
		if (work > MOST_WORK || found.length > MOST_PATTERNS) return false;
		const kind = order[at];
		if (kind === undefined || rest < shortest) {
			if (reduced > limit || !isFull(rest)) return true;
			found.push({ stick, counts: [...counts], reduced });
			if (tighten) limit = reduced - 1e-9;
			return true;
		}
		if (reduced - rest * worth(kind) > limit) return true;
		const { w, count } = there(blanks[kind], 'kind');
		for (let many = Math.min(count, Math.floor(rest / w)); many >= 0; many -= 1) {
			counts[kind] = many;
			if (!goes(at + 1, rest - many * w, reduced - many * (perBlank[kind] ?? 0))) return false;
		}
		counts[kind] = 0;
		return true;
	};
	const isFull = (rest: number): boolean => blanks.every(({ w, count }, kind) => w > rest || (counts[kind] ?? 0) >= count);
	return goes(0, long, cost - (perStick[stick] ?? 0)) ? found : null;
}

/** Each kind as often as it is wanted, and no more sticks than there are. */
function rowsOf({ blanks, sheets }: Instance, patterns: readonly Pattern[]): { costs: number[]; rows: Row[] } {
	const rows: Row[] = [
		...blanks.map(({ count }): Row => ({ of: [], least: count })),
		...sheets.map(({ count }): Row => ({ of: [], most: count }))
	];
	patterns.forEach(({ stick, counts }, column) => {
		counts.forEach((many, kind) => {
			if (many > 0) there(rows[kind], 'row').of.push([column, many]);
		});
		there(rows[blanks.length + stick], 'row').of.push([column, 1]);
	});
	return { costs: patterns.map(({ stick }) => there(sheets[stick], 'stick').cost), rows };
}

function layoutOf({ blanks, sheets }: Instance, patterns: readonly Pattern[], amounts: readonly number[]): Layout {
	const left = blanks.map(({ count }) => count);
	const laid: Laid[] = [];
	patterns.forEach(({ stick, counts }, column) => {
		for (let one = 0; one < nearestWhole(amounts[column] ?? 0); one += 1) {
			const kinds = counts.flatMap((many, kind) => {
				const taken = Math.min(left[kind] ?? 0, many);
				left[kind] = (left[kind] ?? 0) - taken;
				return new Array<number>(taken).fill(kind);
			});
			laid.push(...endToEnd(blanks, there(sheets[stick], 'stick'), kinds));
		}
	});
	return { laid, out: [], cost: laid.reduce((sum, { sheet }) => sum + sheet.cost, 0), outArea: 0 };
}
