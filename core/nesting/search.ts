/**
 * Ruin and recreate over slicing trees, driven by a goal: a layout must cost less than the best one, and the area of the blanks that are
 * left out is driven to nothing. After Gardeyn and Wauters, “A goal-driven ruin and recreate heuristic for the 2D variable-sized bin
 * packing problem with guillotine constraints” (2022); a worse layout is taken as it is by late acceptance (Burke and Bykov, 2017).
 */
import { there } from '../units/there.ts';
import { fits, type BlankKind, type Instance, type SheetKind } from './instance.ts';
import type { Random } from './random.ts';
import { BLINK, Filled, filledOf, leastOf, type Least, type Place } from './rooms.ts';
import { leaf, withoutRun, blanksOf, type Box } from './slicing.ts';

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
	const layouts = choices.map((one) =>
		completed(groundOf(one), { laid: [], out: all, cost: 0, outArea: 0 }, Infinity, () => 0.5)
	);
	return layouts.reduce((best, one) =>
		one.outArea < best.outArea || (one.outArea === best.outArea && one.cost < best.cost) ? one : best
	);
}

const onlyOn = ({ blanks, sheets }: Instance, kept: SheetKind): Instance => ({
	blanks,
	sheets: sheets.filter((sheet) => sheet === kept || sheet.cost === 0)
});

const areaOf = (instance: Instance, blank: number): number => there(instance.blanks[blank], 'kind').area;

/** Blanks and sheets, and how little room is none. */
type Ground = Instance & { least: Least };
const groundOf = (instance: Instance): Ground => ({ ...instance, least: leastOf(instance.blanks) });

/** @returns the layout with every blank of `blanks` that finds a place, in this order; the others are left out */
function recreated(ground: Ground, { laid, cost }: Layout, blanks: number[], limit: number, random: Random): Layout {
	const sheets = laid.map((one) => filledOf(one, ground.least));
	const out: number[] = [];
	let outArea = 0;
	let spent = cost;
	for (const blank of blanks) {
		const kind = there(ground.blanks[blank], 'kind');
		const shorter = Math.min(kind.w, kind.h);
		let best: Place | null = null;
		let least = Infinity;
		let on = -1;
		for (let index = 0; index < sheets.length; index += 1) {
			const filled = sheets[index] as Filled;
			if (filled.deepest < shorter || filled.free < kind.area) continue;
			const place = filled.placeFor(blank, kind, random);
			if (place.lost >= least || random() < BLINK) continue;
			best = place;
			least = place.lost;
			on = index;
		}
		if (best !== null) {
			sheets[on] = (sheets[on] as Filled).with(blank, kind, best);
			continue;
		}
		const opened = sheetFor(ground.sheets, kind, sheets, limit - spent, random);
		if (opened === null) {
			out.push(blank);
			outArea += kind.area;
			continue;
		}
		spent += opened.cost;
		sheets.push(new Filled(opened, leaf(kind, blank, turnedOn(kind, opened, random)), ground.least));
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
const HISTORY = 100;

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
	const ground = groundOf(instance);
	let best = start;
	let begin = from;
	while (best.out.length > 0 || costsLess(enough, best.cost)) {
		// With blanks left out for want of sheets, every sheet there is may be used.
		const limit = best.out.length > 0 ? Infinity : best.cost - 2 * LESS;
		let current = begin
			? completed(ground, begin, limit, random)
			: best.out.length > 0
				? best
				: belowLimit(ground, best, limit, random);
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
			const next = ruined(ground, current, limit, random);
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
function belowLimit(ground: Ground, layout: Layout, limit: number, random: Random): Layout {
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
	return completed(ground, { laid, out, cost, outArea: 0 }, limit, random);
}

/** What a layout leaves out laid where it fits, the largest first. */
function completed(ground: Ground, { laid, out, cost }: Layout, limit: number, random: Random): Layout {
	const largestFirst = out.slice().sort((one, other) => areaOf(ground, other) - areaOf(ground, one));
	return recreated(ground, { laid, out: [], cost, outArea: 0 }, largestFirst, limit, random);
}

/** Some blanks of a few sheets taken out, and all that lie nowhere put back in another order. */
function ruined(ground: Ground, layout: Layout, limit: number, random: Random): Layout {
	const laid = layout.laid.slice();
	const out = layout.out.slice();
	let cost = layout.cost;
	const sheets = Math.min(laid.length, 1 + Math.floor(random() * 3));
	for (let one = 0; one < sheets && laid.length > 0; one += 1) {
		const index = sheetToRuin(laid, random);
		const { sheet, root } = laid[index] as Laid;
		const run = random() < 0.15 ? root.leaves : 1 + Math.floor(random() * Math.min(6, root.leaves));
		const from = Math.floor(random() * (root.leaves - run + 1));
		const left = withoutRun(root, from, from + run, out);
		if (left === null) {
			laid.splice(index, 1);
			cost -= sheet.cost;
		} else laid[index] = new Filled(sheet, left, ground.least);
	}
	return recreated(ground, { laid, out: [], cost, outArea: 0 }, ordered(ground, out, random), limit, random);
}

/** Of two sheets the emptier, most often: what is left out goes where there is something to gain. */
function sheetToRuin(laid: readonly Laid[], random: Random): number {
	const one = Math.floor(random() * laid.length);
	if (random() >= EMPTIER) return one;
	const other = Math.floor(random() * laid.length);
	const freeOn = (index: number): number => {
		const { sheet, root } = there(laid[index], 'sheet');
		return sheet.area - root.filled;
	};
	return freeOn(other) > freeOn(one) ? other : one;
}
const EMPTIER = 0.7;

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
