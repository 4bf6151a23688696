/**
 * Ruin and recreate over slicing trees, driven by a goal: a layout must cost less than the best one, and the area of the blanks that are
 * left out is driven to nothing. After Gardeyn and Wauters, “A goal-driven ruin and recreate heuristic for the 2D variable-sized bin
 * packing problem with guillotine constraints” (2022); a worse layout is taken as it is by late acceptance (Burke and Bykov, 2017).
 */
import { there } from '../units/there.ts';
import { fits, type BlankKind, type Instance, type SheetKind } from './instance.ts';
import type { Random } from './random.ts';
import { leaf, seek, withBeside, withoutRun, blanksOf, type Box, type Found } from './slicing.ts';

export type Laid = { sheet: SheetKind; root: Box };
/** Sheets with what lies on them, and blanks (places in the list of kinds, one entry a blank) that lie nowhere. */
export type Layout = { laid: Laid[]; out: number[]; cost: number; outArea: number };

/** Costs are compared as money: less than this is no difference. */
const LESS = 1e-9;
export const costsLess = (one: number, other: number): boolean => one < other - LESS;

/**
 * A first layout: blanks from the largest down, each where it fits best, a new sheet where it fits nowhere. With several kinds of full
 * sheet also on one kind alone; what costs least is given.
 */
export function firstLayout(instance: Instance): Layout {
	const all = instance.blanks.flatMap((kind, blank) => new Array<number>(kind.count).fill(blank));
	const full = instance.sheets.filter(({ cost }) => cost > 0);
	const choices = full.length > 1 ? [instance, ...full.map((kept) => onlyOn(instance, kept))] : [instance];
	const layouts = choices.map((one) => completed(one, { laid: [], out: all, cost: 0, outArea: 0 }, Infinity, () => 0.5));
	return layouts.reduce((best, one) =>
		one.outArea < best.outArea || (one.outArea === best.outArea && one.cost < best.cost) ? one : best
	);
}

const onlyOn = ({ blanks, sheets }: Instance, kept: SheetKind): Instance => ({
	blanks,
	sheets: sheets.filter((sheet) => sheet === kept || sheet.cost === 0)
});

const areaOf = (instance: Instance, blank: number): number => there(instance.blanks[blank], 'kind').area;

/** @returns the layout with every blank of `blanks` that finds a place, in this order; the others are left out */
function recreated(instance: Instance, { laid, cost }: Layout, blanks: number[], limit: number, random: Random): Layout {
	const sheets = laid.slice();
	const out: number[] = [];
	let outArea = 0;
	let spent = cost;
	const found: Found = { score: Infinity, sheet: -1, beside: null, across: false, turned: false };
	for (const blank of blanks) {
		const kind = there(instance.blanks[blank], 'kind');
		found.score = Infinity;
		found.sheet = -1;
		for (let index = 0; index < sheets.length; index += 1) {
			const { sheet, root } = sheets[index] as Laid;
			if (seek(root, sheet.w, sheet.h, kind, found, random)) found.sheet = index;
		}
		if (found.sheet >= 0) {
			const { sheet, root } = sheets[found.sheet] as Laid;
			const added = leaf(kind, blank, found.turned);
			sheets[found.sheet] = { sheet, root: withBeside(root, there(found.beside, 'box'), found.across, added) };
			continue;
		}
		const opened = sheetFor(instance.sheets, kind, sheets, limit - spent, random);
		if (opened === null) {
			out.push(blank);
			outArea += kind.area;
			continue;
		}
		spent += opened.cost;
		sheets.push({ sheet: opened, root: leaf(kind, blank, turnedOn(kind, opened, random)) });
	}
	return { laid: sheets, out, cost: spent, outArea };
}

/** The sheet that is opened for a blank: an offcut that it fills best, else a full sheet that the money is there for, the cheapest by area most often. */
function sheetFor(sheets: SheetKind[], blank: BlankKind, laid: Laid[], money: number, random: Random): SheetKind | null {
	let best: SheetKind | null = null;
	let bestKey = Infinity;
	for (const sheet of sheets) {
		if (sheet.cost > money + LESS || !fits(blank, sheet)) continue;
		if (usedOf(sheet, laid) >= sheet.count) continue;
		const key = sheet.cost === 0 ? -1 / sheet.area : (sheet.cost / sheet.area) * (0.6 + 0.8 * random());
		if (key >= bestKey) continue;
		best = sheet;
		bestKey = key;
	}
	return best;
}

function usedOf(sheet: SheetKind, laid: Laid[]): number {
	let used = 0;
	for (const one of laid) if (one.sheet === sheet) used += 1;
	return used;
}

function turnedOn(kind: BlankKind, sheet: SheetKind, random: Random): boolean {
	if (!kind.turn) return false;
	const straight = kind.w <= sheet.w && kind.h <= sheet.h;
	const turned = kind.h <= sheet.w && kind.w <= sheet.h;
	return straight && turned ? random() > 0.5 : turned;
}

/** Late acceptance: a layout is taken that is no worse than the one so many tries ago. */
const HISTORY = 60;

export type Search = {
	random: Random;
	/** Milliseconds of a clock that is passed in. */
	now: () => number;
	until: number;
	/** Ends when a layout leaves nothing out and costs no more than this. */
	enough: number;
	/** Where to begin: a layout that costs less than the best and leaves something out. */
	from?: Layout | undefined;
	/** Hears of layouts on the way, now and then. */
	passed?: ((layout: Layout) => void) | undefined;
};

/** Every layout that is better than all before it, and `null` now and then, so that the caller can look at the clock or stop. */
export function* improved(
	instance: Instance,
	start: Layout,
	{ random, now, until, enough, from, passed }: Search
): Generator<Layout | null, void, void> {
	let best = start;
	let begin = from;
	while (best.out.length > 0 || costsLess(enough, best.cost)) {
		// With blanks left out for want of sheets, every sheet there is may be used.
		const limit = best.out.length > 0 ? Infinity : best.cost - 2 * LESS;
		let current = begin
			? completed(instance, begin, limit, random)
			: best.out.length > 0
				? best
				: belowLimit(instance, best, limit, random);
		begin = undefined;
		if (current.out.length === 0 && costsLess(current.cost, best.cost)) {
			best = current;
			yield best;
			continue;
		}
		const history = new Array<number>(HISTORY).fill(current.outArea);
		let tries = 0;
		let least = current.outArea;
		for (;;) {
			tries += 1;
			if (tries % 32 === 0) {
				if (now() >= until) return;
				passed?.(current);
				yield null;
			}
			const next = ruined(instance, current, limit, random);
			const at = tries % HISTORY;
			if (next.outArea <= current.outArea || next.outArea <= (history[at] as number)) current = next;
			if (current.outArea < (history[at] as number)) history[at] = current.outArea;
			if (current.outArea < least) {
				least = current.outArea;
				if (best.out.length > 0 || least === 0) break;
			}
		}
		best = current;
		yield best;
	}
}

/** Sheets taken away, the emptiest for its money first, until less than the limit is spent. */
function belowLimit(instance: Instance, layout: Layout, limit: number, random: Random): Layout {
	const laid = layout.laid.slice();
	let cost = layout.cost;
	const out = layout.out.slice();
	while (cost > limit) {
		let worst = -1;
		let least = Infinity;
		laid.forEach(({ sheet, root }, index) => {
			if (sheet.cost === 0) return;
			const filled = (root.filled / sheet.cost) * (0.9 + 0.2 * random());
			if (filled >= least) return;
			least = filled;
			worst = index;
		});
		const [gone] = laid.splice(worst, 1) as [Laid];
		cost -= gone.sheet.cost;
		blanksOf(gone.root, out);
	}
	return completed(instance, { laid, out, cost, outArea: 0 }, limit, random);
}

/** What a layout leaves out laid where it fits, the largest first. */
function completed(instance: Instance, { laid, out, cost }: Layout, limit: number, random: Random): Layout {
	const largestFirst = out.slice().sort((one, other) => areaOf(instance, other) - areaOf(instance, one));
	return recreated(instance, { laid, out: [], cost, outArea: 0 }, largestFirst, limit, random);
}

/** Some blanks of a few sheets taken out, and all that lie nowhere put back in another order. */
function ruined(instance: Instance, layout: Layout, limit: number, random: Random): Layout {
	const laid = layout.laid.slice();
	const out = layout.out.slice();
	let cost = layout.cost;
	const sheets = Math.min(laid.length, 1 + Math.floor(random() * 3));
	for (let one = 0; one < sheets && laid.length > 0; one += 1) {
		const index = Math.floor(random() * laid.length);
		const { sheet, root } = laid[index] as Laid;
		const run = random() < 0.15 ? root.leaves : 1 + Math.floor(random() * Math.min(6, root.leaves));
		const from = Math.floor(random() * (root.leaves - run + 1));
		const left = withoutRun(root, from, from + run, out);
		if (left === null) {
			laid.splice(index, 1);
			cost -= sheet.cost;
		} else laid[index] = { sheet, root: left };
	}
	return recreated(instance, { laid, out: [], cost, outArea: 0 }, ordered(instance, out, random), limit, random);
}

/** Large before small, more or less: how much less is drawn anew each time. */
function ordered(instance: Instance, out: number[], random: Random): number[] {
	const spread = random() < 0.3 ? 3 : random();
	const byLength = random() < 0.3;
	const keyed = out.map((blank) => {
		const kind = there(instance.blanks[blank], 'kind');
		const size = byLength ? Math.max(kind.w, kind.h) ** 2 : kind.area;
		return { blank, key: size * (1 + spread * random()) };
	});
	keyed.sort((one, other) => other.key - one.key);
	return keyed.map(({ blank }) => blank);
}
