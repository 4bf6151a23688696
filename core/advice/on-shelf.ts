/** "Will it fit what is on the shelf?": each frame, stick and mat on the shelf, planned with this very job, and mats with frames (handbook frame#shelf). */
import type { Size } from '../geometry/shapes.ts';
import { decide } from '../decide.ts';
import type { Unit } from '../units/length.ts';
import type { JobFile } from '../job/definition.ts';
import { FaultError } from '../job/faults.ts';
import { onlyAtHand } from '../job/at-hand.ts';
import { patched, put, type Operation } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { planDecided, type Plan } from '../plan.ts';
import type { ShelfFrame, ShelfItem, ShelfMat, ShelfStick } from '../shop/shelf.ts';
import { shopFor, type Shop } from '../shop/shop.ts';
import { isMetal } from '../shop/mouldings.ts';
import { cutDown } from '../units/round.ts';
import { showSize, showWithUnit } from '../units/show.ts';
import { allowanceFor } from '../stations/frame/frame.ts';
import type { Decided } from '../job/decided.ts';
import { nth, there } from '../units/there.ts';
import { isAbove, isAtMost } from '../units/compare.ts';

export type Fit = 'as-is' | 'other-borders' | 'cut-down' | 'no';
const RANK: Record<Fit, number> = { 'as-is': 0, 'other-borders': 1, 'cut-down': 2, no: 3 };

/** What jobs hold of a thing on the shelf. */
export type Held = { name: string; job: string; count: number };
/** Holds of others count against a job, its own do not. */
export type Holds = { held: readonly Held[]; /** The job that asks, as it is shown. */ by: string };

export type OnShelf = {
	item: ShelfItem;
	/** As it is; with other borders; cut down to this size; or not. */
	fits: Fit;
	says: string;
	/** Enough of it are free. */
	free: boolean;
	/** Takes it; null where it does not fit. */
	patch: Operation[] | null;
};

type Now = { job: Decided; plan: Plan };
/** Borders that move by less are the same to the eye. */
const UNSEEN = 1.5;
/** A piece without a mat may lie this loosely, shimmed, more than its allowance. */
const LOOSE = 4;

const NOBODY: Holds = { held: [], by: '' };

/** @returns every thing on the shelf, what fits first */
export function onShelf(
	file: JobFile,
	now: Now,
	shopAsItIs: Shop,
	shelf: readonly ShelfItem[],
	holds: Holds = NOBODY
): OnShelf[] {
	const shop = shopFor(shopAsItIs, now.job.cutIn);
	if (!now.plan.window) return [];
	return shelf
		.map((item): OnShelf => {
			const says = whyNotFree(item, now.job.copies, holds);
			return says === null
				? { ...tryItem(file, now, shop, item), free: true }
				: { item, fits: 'no', says, free: false, patch: null };
		})
		.sort((one, other) => RANK[one.fits] - RANK[other.fits]);
}

/** Why so many of a thing can't be had; null where they can. */
export function whyNotFree(item: ShelfItem, wanted: number, { held, by }: Holds): string | null {
	const others = held.filter(({ name, job }) => name === item.name && job !== by);
	const free = item.count - others.reduce((sum, { count }) => sum + count, 0);
	if (free >= wanted) return null;
	const jobs = others.map(({ job }) => job).join(', ');
	const kept = others.length === 0 ? '' : `${jobs} ${others.length === 1 ? 'holds' : 'hold'} `;
	if (free <= 0) return kept === '' ? 'None is left.' : `${kept}${item.count === 1 ? 'it' : 'all'}.`;
	return `${free === 1 ? 'One is' : `${free} are`} free, and this job is of ${wanted} alike${kept === '' ? '' : `; ${kept}the rest`}.`;
}

type Tried = Omit<OnShelf, 'free'>;

function tryItem(file: JobFile, now: Now, shop: Shop, item: ShelfItem): Tried {
	switch (item.kind) {
		case 'frame':
			return frameOnShelf(file, now, shop, item);
		case 'stick':
			return stickOnShelf(file, now, shop, item);
		case 'mat':
			return matOnShelf(file, now, shop, item);
	}
}

/** A mat upright or turned; its borders and the overlap come with it. */
function matOnShelf(file: JobFile, now: Now, shop: Shop, item: ShelfMat): Tried {
	const tries = turnedMats(item).map((turned): Tried => {
		const patch = matPatch(file, turned);
		const planned = tryPlan(file, patch, shop, now.job.reader.unit);
		if (typeof planned === 'string') return { item, fits: 'no', says: planned, patch: null };
		const against = whyNot(planned);
		return against
			? { item, fits: 'no', says: against, patch: null }
			: { item, fits: 'as-is', says: coversSaid(planned, now.job), patch };
	});
	return tries.find(({ fits }) => fits === 'as-is') ?? nth(tries, 0);
}

function turnedMats(item: ShelfMat): ShelfMat[] {
	if (item.width === item.height && item.openingWidth === item.openingHeight) return [item];
	const { width, height, openingWidth, openingHeight } = item;
	return [item, { ...item, width: height, height: width, openingWidth: openingHeight, openingHeight: openingWidth }];
}

function matPatch(file: JobFile, { board, colour, name, price, ...item }: ShelfMat): Operation[] {
	const opening = { width: item.openingWidth, height: item.openingHeight };
	const outer = { width: item.width, height: item.height };
	return onlyAtHand(file, { board, colour, have: { opening, outer, ready: name, ...paid(price) } });
}

const paid = (price: number | null): { price?: number } => (price === null ? {} : { price });

/** The first thing that forbids a mat at hand: a stop of fit, an opening that does not cover. */
function whyNot(plan: Plan): string | null {
	const covers = plan.findings.find(({ rule }) => rule === 'mat.opening-large' || rule === 'window.overlap-thin');
	return covers?.says ?? stopOf(plan);
}

function coversSaid(plan: Plan, { reader }: Decided): string {
	const overlap = plan.window?.overlap;
	if (!overlap) return 'It fits over it.';
	return `It covers ${showWithUnit(overlap.left, reader, 'mark')} at the sides, ${showWithUnit(overlap.top, reader, 'mark')} above and below.`;
}

export type PairOnShelf = {
	mat: ShelfMat;
	frame: ShelfFrame;
	says: string;
	patch: Operation[];
	/** Room beyond what it needs, mm. */ play: number;
};

/** So many are worth looking at. */
const BEST_PAIRS = 3;

/** Mats with frames that take them, both from the shelf: the best three, those that sit closest first. */
export function pairsOnShelf(
	file: JobFile,
	now: Now,
	shopAsItIs: Shop,
	shelf: readonly ShelfItem[],
	holds: Holds = NOBODY
): PairOnShelf[] {
	const shop = shopFor(shopAsItIs, now.job.cutIn);
	if (!now.plan.window) return [];
	const free = shelf.filter((item) => whyNotFree(item, now.job.copies, holds) === null);
	const frames = free.filter((item) => item.kind === 'frame');
	const pairs = free
		.filter((item) => item.kind === 'mat')
		.flatMap((mat) => turnedMats(mat))
		.flatMap((mat) =>
			frames.flatMap((frame) => turnedFrames(frame).flatMap((turned) => tryPair(file, now, shop, mat, turned) ?? []))
		);
	// One that goes in upright and turned is one pair.
	const seen = new Set<string>();
	return pairs
		.sort((one, other) => one.play - other.play)
		.filter(({ mat, frame }) => {
			const key = `${mat.name} ${frame.name}`;
			if (seen.has(key)) return false;
			seen.add(key);
			return true;
		})
		.slice(0, BEST_PAIRS);
}

function turnedFrames(item: ShelfFrame): ShelfFrame[] {
	return item.width === item.height ? [item] : [item, { ...item, width: item.height, height: item.width }];
}

function tryPair(file: JobFile, now: Now, shop: Shop, mat: ShelfMat, frame: ShelfFrame): PairOnShelf | null {
	const axes = ['width', 'height'] as const;
	const plays = axes.map((axis) => frame[axis] - mat[axis] - allowanceFor(axis, now.job, shop.house, mat));
	// Too tight or sliding: no plan is asked.
	if (plays.some((play) => play < -1e-9 || play > LOOSE)) return null;
	const patch = [...matPatch(file, mat), ...put(file, ['frame'], readyMade(frame, { width: frame.width, height: frame.height }))];
	const planned = tryPlan(file, patch, shop, now.job.reader.unit);
	if (typeof planned === 'string' || whyNot(planned)) return null;
	return { mat, frame, says: coversSaid(planned, now.job), patch, play: Math.max(...plays) };
}

/** A frame upright or turned, whichever suits. */
function frameOnShelf(file: JobFile, now: Now, shop: Shop, item: ShelfFrame): Tried {
	const upright = { width: item.width, height: item.height };
	const turned = { width: item.height, height: item.width };
	const tries = [upright, ...(item.width === item.height ? [] : [turned])].map((rabbet) =>
		tryFrame(file, now, shop, item, rabbet)
	);
	const best = tries.reduce((first, next) => (RANK[next.fits] < RANK[first.fits] ? next : first));
	return best.fits === 'no' ? (cutDownFrame(file, now, shop, item) ?? best) : best;
}

/** As a job names a frame that it takes. */
function readyMade({ section, colour, name, price }: ShelfFrame, opening: Size) {
	return { kind: 'ready-made', section: { ...section }, colour, opening, ready: name, ...paid(price) };
}

/** Sawn off each end of a rail, so that the mitre is clean. */
const CLEAN_END = 3;

/** One that is too large is taken apart and its rails are cut shorter, as this very job has them; null where they are not long enough. */
function cutDownFrame(file: JobFile, now: Now, shop: Shop, item: ShelfFrame): Tried | null {
	const { reader, borders } = now.job;
	const { face, lip } = item.section;
	const frame = { kind: 'wood', section: { ...item.section }, colour: item.colour, ready: item.name, ...paid(item.price) };
	const way = borders.way === 'fit' && now.job.rabbet ? put(file, ['borders'], { way: 'weighted' }) : [];
	const patch = [...put(file, ['frame'], frame), ...way];
	const planned = tryPlan(file, patch, shop, reader.unit);
	if (typeof planned === 'string' || !planned.frame || stopOf(planned)) return null;
	const { outer } = planned.frame;
	const [has, turned] = [item, { width: item.height, height: item.width }].map(({ width, height }) => ({
		width: width + 2 * (face - lip),
		height: height + 2 * (face - lip)
	})) as [Size, Size];
	const less = [has, turned]
		.map((size) => ({ width: size.width - outer.width, height: size.height - outer.height }))
		.find(({ width, height }) => isAtMost(2 * CLEAN_END, width) && isAtMost(2 * CLEAN_END, height));
	if (!less) return null;
	const [across, down] = [less.width, less.height].map((mm) => showWithUnit(mm, reader, 'mark'));
	return { item, fits: 'cut-down', says: `Cut down by ${across} across and ${down} down, with its corners rejoined.`, patch };
}

function tryFrame(file: JobFile, now: Now, shop: Shop, item: ShelfFrame, rabbet: Size): Tried {
	const { reader } = now.job;
	const missing = shortOf(now, shop, rabbet);
	if (missing) return { item, fits: 'no', says: missing, patch: null };
	const weight = now.job.borders.weight;
	const borders = put(file, ['borders'], { way: 'fit', weight });
	const patch = [...put(file, ['frame'], readyMade(item, rabbet)), ...borders];
	const planned = tryPlan(file, patch, shop, reader.unit);
	if (typeof planned === 'string') return { item, fits: 'no', says: planned, patch: null };
	const stop = stopOf(planned);
	if (stop) return { item, fits: 'no', says: stop, patch: null };
	const turned = rabbet.width !== item.width;
	const asIs = turned ? 'Turned, it fits as it is.' : 'It fits as it is.';
	const [before, after] = [there(now.plan.window, 'window').mats[0]?.border, there(planned.window, 'window').mats[0]?.border];
	if (!before || !after) return { item, fits: 'as-is', says: asIs, patch };
	const same = (['top', 'right', 'bottom', 'left'] as const).every((side) => Math.abs(before[side] - after[side]) <= UNSEEN);
	if (same) return { item, fits: 'as-is', says: asIs, patch };
	const sides = `${showWithUnit(after.left, reader, 'mark')} at the sides, ${showWithUnit(after.top, reader, 'mark')} above, ${showWithUnit(after.bottom, reader, 'mark')} below`;
	return { item, fits: 'other-borders', says: `${turned ? 'Turned, with' : 'With'} borders of ${sides}.`, patch };
}

/** By how much a rabbet is too small for the window with its least borders, or for a piece without a mat. */
function shortOf({ job, plan }: Now, shop: Shop, rabbet: Size): string | null {
	const window = there(plan.window, 'window');
	const least = 2 * shop.house.fitBorderLeast;
	const inner = window.mats[0]?.opening ?? window.pack;
	const more = window.mats.length === 0 ? 0 : least;
	const short = (axis: keyof Size) =>
		inner[axis] + more + (job.frame?.allowance ?? allowanceFor(axis, job, shop.house, rabbet)) - rabbet[axis];
	const loose = (['width', 'height'] as const).find((axis) => window.mats.length === 0 && -short(axis) > LOOSE);
	if (loose)
		return `Its rabbet of ${showSize(rabbet, job.reader)} is ${showWithUnit(-short(loose), job.reader, 'mark')} too ${loose === 'width' ? 'wide' : 'high'}: without a mat nothing fills it.`;
	const parts = (['width', 'height'] as const).flatMap((axis) =>
		isAbove(short(axis), 0) ? [`${showWithUnit(short(axis), job.reader, 'mark')} too ${axis === 'width' ? 'narrow' : 'low'}`] : []
	);
	return parts.length === 0 ? null : `Its rabbet of ${showSize(rabbet, job.reader)} is ${parts.join(' and ')}.`;
}

function stickOnShelf(file: JobFile, now: Now, shop: Shop, item: ShelfStick): Tried {
	const { reader } = now.job;
	const moulding = shop.mouldings[item.moulding];
	if (!moulding || isMetal(moulding))
		return { item, fits: 'no', says: `The shop has no wood moulding “${item.moulding}”.`, patch: null };
	const way = now.job.borders.way === 'fit' && now.job.rabbet ? put(file, ['borders'], { way: 'weighted' }) : [];
	const patch = [...put(file, ['frame'], { kind: 'wood', moulding: item.moulding, ready: item.name }), ...way];
	const planned = tryPlan(file, patch, shop, reader.unit);
	if (typeof planned === 'string') return { item, fits: 'no', says: planned, patch: null };
	const needs = there(there(planned.frame, 'frame').stick, 'stick');
	const stop = stopOf(planned);
	if (isAtMost(needs, item.length))
		return stop
			? { item, fits: 'no', says: stop, patch: null }
			: { item, fits: 'as-is', says: `Four rails need ${showWithUnit(needs, reader, 'mark')} of it.`, patch };
	return narrower(file, now, shop, item, { patch, needs, planned });
}

/** A stick that is too short is long enough for narrower borders: each millimetre of border takes eight of rail. */
function narrower(
	file: JobFile,
	now: Now,
	shop: Shop,
	item: ShelfStick,
	tried: { patch: Operation[]; needs: number; planned: Plan }
): Tried {
	const { reader, step, borders } = now.job;
	const short = `${showWithUnit(tried.needs - item.length, reader, 'mark')} too short: four rails need ${showWithUnit(tried.needs, reader, 'mark')}.`;
	const no: Tried = { item, fits: 'no', says: short, patch: null };
	const first = there(tried.planned.window, 'window').mats[0];
	if (!first || (borders.way !== 'even' && borders.way !== 'weighted')) return no;
	const by = (tried.needs - item.length) / (8 * shop.house.stickSpare);
	const width = cutDown(borders.width - by, step);
	if (Math.min(width, width + borders.weight) < shop.house.fitBorderLeast) return no;
	const patch = [...tried.patch, ...put(patched(file, tried.patch), ['borders', 'width'], width)];
	const planned = tryPlan(file, patch, shop, reader.unit);
	if (typeof planned === 'string' || stopOf(planned) || isAbove(there(there(planned.frame, 'frame').stick, 'stick'), item.length))
		return no;
	return {
		item,
		fits: 'other-borders',
		says: `With borders of ${showWithUnit(width, reader, 'mark')}: four rails then need ${showWithUnit(there(there(planned.frame, 'frame').stick, 'stick'), reader, 'mark')}.`,
		patch
	};
}

/** The first stop of fit, in its own words. */
function stopOf(plan: Plan): string | null {
	if (plan.fits) return null;
	const OF_FIT = /^(window|pack|frame|hang|tool)\./;
	return plan.findings.find((finding) => finding.severity === 'stop' && OF_FIT.test(finding.rule))?.says ?? null;
}

function tryPlan(file: JobFile, patch: Operation[], shop: Shop, reads: Unit): Plan | string {
	try {
		const next = patched(file, patch);
		return planDecided(next, decide(readJob(next), shop, reads), shop);
	} catch (error) {
		if (error instanceof FaultError) return nth(error.faults, 0).says;
		throw error;
	}
}
