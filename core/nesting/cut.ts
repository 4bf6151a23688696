/**
 * Blanks onto sheets by cuts from edge to edge. In turn: a first plan at once; search towards a sheet fewer; sticks exactly; layouts without
 * waste, where the areas come out even; what sheets must cost, by lists of ever smaller blanks, each with a layout where there is a cheaper
 * one, or with many sheets by what blanks are worth, then the best of what was passed put together anew; then the largest offcut on the
 * sheets that are needed. Read this first.
 */
import { areaBound } from './area-bound.ts';
import { coverBound } from './cover.ts';
import { reachableFrom } from './costs.ts';
import { dualBound } from './dual-bound.ts';
import type { BlankWanted, CuttingJob, CuttingPlan } from './figures.ts';
import { fits, instanceOf, nearestWhole, type Instance, type SheetKind } from './instance.ts';
import { cuttingOf, withLargerOffcut, type Cutting } from './offcuts.ts';
import { perfectLayout } from './perfect.ts';
import type { Solve } from './programme.ts';
import { randomFrom } from './random.ts';
import { recombined, remembered } from './recombined.ts';
import { costsLess, firstLayout, improved, type Layout } from './search.ts';
import { isSticks, stickBound } from './sticks.ts';
import { fittingSets, type Sets } from './sets.ts';
import { worthBounds } from './worth-bound.ts';

export type Means = {
	/** Without one, plans are proven by areas alone. */
	solve: Solve | null;
	/** Milliseconds of any clock. */
	now: () => number;
	seed?: number;
};

/** Shares of the job's seconds. */
const DUAL = 0.02;
const MANY_FIRST = 0.2;
const MANY_BOUNDS = 0.55;
const MANY_END = 0.93;
const SEARCH_FIRST = 0.06;
const STICKS = 0.5;
const PERFECT = 0.25;
const LIST = 0.08;
const WHOLE = 0.1;
const SEARCH_FROM = 0.06;
const BOUNDS_END = 0.65;
const SEARCH_END = 0.85;
/** Blanks are listed down to such a share of the largest sheet, in turn. */
const LISTED_DOWN_TO = [1 / 8, 1 / 12, 1 / 16, 1 / 24, 1 / 40, 0];
/** From so many sheets on, no list of sets is tried: there are too many. */
const MANY_SHEETS = 32;
/** Kinds of sheet that the lists of sets tell apart. */
const MOST_SHEET_KINDS = 30;

/**
 * Every plan that is better than the one before; `null` now and then, for a caller who wants to stop. The last one stands when the
 * seconds are over or nothing better is looked for.
 */
export function* cuttingPlans(
	job: CuttingJob,
	{ solve, now, seed = 1 }: Means
): Generator<CuttingPlan | null, CuttingPlan, void> {
	const instance = instanceOf(job);
	const started = now();
	const at = (share: number): number => started + job.seconds * 1000 * share;
	const random = randomFrom(seed);
	const areas = areaBound(instance);
	const costs = instance.sheets.map(({ cost, count }) => ({ cost, count }));
	let layout = firstLayout(instance);
	let least = 0;
	let fewest = areas.sheets;
	let listed: { sets: Sets; kinds: number } | null = null;
	const plan = (cutting: Cutting): CuttingPlan => written(job, instance, cutting, { least, fewest });
	let cutting = cuttingOf(job, instance, layout);
	if (layout.out.length === 0) least = Math.min(layout.cost, reachableFrom(costs, areas.cost, layout.cost));
	yield plan(cutting);

	/** Of sheets of one size so many are needed. */
	function needs(sheets: number): void {
		fewest = Math.max(fewest, sheets);
		least = Math.max(least, Math.min(layout.cost, sheets * (instance.sheets[0]?.cost ?? 0)));
	}
	const dualEnd = at(DUAL);
	const sides = layout.out.length === 0 ? Math.ceil(dualBound(instance, () => now() < dualEnd)) : 0;
	needs(sides);

	const isProven = (): boolean => layout.out.length === 0 && !costsLess(least, layout.cost);
	const keep = (better: Layout): CuttingPlan => {
		layout = better;
		cutting = cuttingOf(job, instance, layout);
		return plan(cutting);
	};
	function* search(until: number, from?: Layout): Generator<CuttingPlan | null, void, void> {
		for (const step of improved(instance, layout, { random, now, until, enough: least, from })) yield step ? keep(step) : null;
	}

	const sticks = isSticks(instance);
	// Sticks are laid by a way of their own, once all of them go somewhere.
	const first = layout.out.length > 0 ? SEARCH_END : sticks && solve ? 0 : SEARCH_FIRST;
	if (!isProven()) yield* search(at(first));
	if (sticks && solve && layout.out.length === 0 && !isProven()) {
		const until = at(STICKS);
		const bound = stickBound(instance, layout, { solve, random, known: least }, () => (until - now()) / 1000);
		if (bound) least = Math.max(least, bound.least);
		if (bound?.layout) yield keep(bound.layout);
		else yield null;
	}
	if (!sticks && !isProven() && layout.out.length === 0) {
		const until = now() + job.seconds * 1000 * PERFECT;
		const perfect = perfectLayout(instance, () => now() < until);
		if (perfect && costsLess(perfect.cost, layout.cost)) yield keep(perfect);
	}
	const many = layout.laid.length >= MANY_SHEETS;
	if (solve && !sticks && many && layout.out.length === 0 && !isProven()) {
		const known = remembered(instance);
		for (const step of improved(instance, layout, { random, now, enough: least, until: at(MANY_FIRST), passed: known.add }))
			yield step ? keep(step) : null;
		const boundsEnd = at(MANY_BOUNDS);
		for (const bound of worthBounds(instance, layout, solve, () => (boundsEnd - now()) / 1000)) {
			const before = fewest;
			if (bound !== null) needs(Math.ceil(bound));
			yield fewest > before ? plan(cutting) : null;
			if (isProven()) break;
		}
		for (const step of recombined(instance, layout, { solve, random, now, enough: least, until: at(MANY_END), known }))
			yield step ? keep(step) : null;
	}
	if (solve && !sticks && !many && layout.out.length === 0 && instance.sheets.length <= MOST_SHEET_KINDS) {
		const largest = Math.max(...instance.sheets.map(({ area }) => area));
		let before = 0;
		for (const share of LISTED_DOWN_TO) {
			if (isProven() || now() >= at(BOUNDS_END)) break;
			const kinds = instance.blanks.filter(({ area }) => area >= largest * share).length;
			if (kinds === before) continue;
			before = kinds;
			const listEnd = Math.min(at(BOUNDS_END), now() + job.seconds * 1000 * LIST);
			const sets = fittingSets(instance.blanks.slice(0, kinds), instance.sheets, () => now() < listEnd);
			if (!sets.complete) break;
			listed = { sets, kinds };
			const wholeEnd = now() + job.seconds * 1000 * WHOLE;
			const cover = coverBound(instance, kinds, sets, layout.cost, solve, () => (wholeEnd - now()) / 1000);
			yield null;
			if (!cover) continue;
			least = Math.max(least, cover.least);
			if (cover.layout) yield* search(Math.min(at(BOUNDS_END), now() + job.seconds * 1000 * SEARCH_FROM), cover.layout);
		}
	}
	if (!isProven() && layout.out.length === 0) yield* search(at(SEARCH_END));
	if (layout.out.length === 0) fewest = Math.max(fewest, fewestSheets(instance, layout, least, listed, solve));
	yield plan(cutting);

	for (const step of withLargerOffcut(job, instance, cutting, { random, now, until: at(1) })) {
		if (step) cutting = step;
		yield step ? plan(cutting) : null;
	}
	return plan(cutting);
}

/** The plan that stands when the job's seconds are over. */
export function bestPlan(job: CuttingJob, means: Means): CuttingPlan {
	const plans = cuttingPlans(job, means);
	for (;;) {
		const { done, value } = plans.next();
		if (done) return value;
	}
}

/** How many full sheets there must be at least; with one cost the bound of cost says it. */
function fewestSheets(
	instance: Instance,
	layout: Layout,
	least: number,
	listed: { sets: Sets; kinds: number } | null,
	solve: Solve | null
): number {
	const full = instance.sheets.filter(({ cost }) => cost > 0);
	const [first] = full;
	if (!first) return 0;
	if (full.every(({ cost }) => cost === first.cost)) return nearestWhole(least / first.cost);
	if (!listed || !solve) return 0;
	const used = layout.laid.filter(({ sheet }) => sheet.cost > 0).length;
	const counted: Instance = {
		blanks: instance.blanks,
		sheets: instance.sheets.map((sheet): SheetKind => ({ ...sheet, cost: sheet.cost > 0 ? 1 : 0 }))
	};
	return coverBound(counted, listed.kinds, listed.sets, used, solve, () => COUNT_SECONDS)?.least ?? 0;
}
const COUNT_SECONDS = 0.2;

function written(
	job: CuttingJob,
	instance: Instance,
	{ layout, sheets }: Cutting,
	{ least, fewest }: { least: number; fewest: number }
): CuttingPlan {
	const stocks = layout.laid.map(({ sheet }) => job.sheets[sheet.index]).filter((stock) => stock !== undefined);
	const full = stocks.filter(({ cost }) => cost > 0).length;
	const used = {
		sheets: full,
		cost: stocks.reduce((sum, { cost }) => sum + cost, 0),
		area: stocks.reduce((sum, { width, height }) => sum + width * height, 0)
	};
	const everything = layout.out.length === 0;
	const proven = everything && !costsLess(least, layout.cost);
	const alike = new Set(job.sheets.filter(({ cost }) => cost > 0).map(({ cost }) => cost)).size <= 1;
	const bound = everything ? Math.min(full, proven && alike ? full : fewest) : 0;
	return {
		sheets,
		unplaced: unplacedOf(job, instance, layout),
		used,
		bound: { sheets: bound, says: boundSays(full, bound, proven, alike) },
		proven
	};
}

const sheetsSaid = (count: number): string => (count === 1 ? '1 full sheet' : `${count} full sheets`);

function boundSays(full: number, bound: number, proven: boolean, alike: boolean): string {
	if (proven && full === 0) return 'No full sheet is used.';
	if (proven && alike) return `${sheetsSaid(full)}, and fewer is impossible.`;
	if (proven) return `${sheetsSaid(full)}, and no choice of sheets costs less.`;
	return bound === 0 ? 'The minimum number of sheets is not known.' : `At least ${sheetsSaid(bound)} needed.`;
}

function unplacedOf(job: CuttingJob, { blanks, sheets }: Instance, layout: Layout): CuttingPlan['unplaced'] {
	const tooLarge = job.blanks
		.filter((blank, index) => blank.count > 0 && !blanks.some((kind) => kind.index === index))
		.map((blank) => ({ blank: blank.id, count: blank.count, says: largeSays(blank, job) }));
	const left = blanks.flatMap((kind, at) => {
		const count = layout.out.filter((blank) => blank === at).length;
		const blank = job.blanks[kind.index];
		if (count === 0 || !blank) return [];
		const some = sheets.some((sheet) => fits(kind, sheet));
		return [{ blank: blank.id, count, says: some ? 'No sheet is left for it.' : largeSays(blank, job) }];
	});
	return [...tooLarge, ...left];
}

function largeSays({ width, height, turn }: BlankWanted, { sheets }: CuttingJob): string {
	if (!sheets.some(({ count }) => count > 0)) return 'No sheets available.';
	const size = `${width} × ${height} mm`;
	return turn ? `${size} is larger than every sheet.` : `${size}, not to be turned, is larger than every sheet.`;
}
