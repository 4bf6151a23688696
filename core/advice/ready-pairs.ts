/**
 * Ready sizes first: the shop's standard frames, each with a mat cut to it or with a standard mat that covers this sheet, ordered by what
 * they cost and by how their borders look (handbook window#ready). Nothing is planned for it: sixty by sixty are compared at once.
 */
import type { Sides, Size } from '../geometry/shapes.ts';
import { SIDES } from '../geometry/shapes.ts';
import type { Decided } from '../job/decided.ts';
import type { JobFile } from '../job/definition.ts';
import { onlyAtHand } from '../job/at-hand.ts';
import { put, type Operation } from '../job/patch.ts';
import { writtenMats } from '../job/written.ts';
import type { Plan } from '../plan.ts';
import { sideValues } from '../rule/side-terms.ts';
import { sizeTerms } from '../rule/term.ts';
import { sightsOf, type Sight } from '../rule/sights.ts';
import { shopFor, type Shop } from '../shop/shop.ts';
import { fitted } from '../stations/window/borders.ts';
import { turnedEachWay, type Fitting } from '../stations/window/fit.ts';
import { hiddenByBevel } from '../stations/window/opening.ts';
import { isAbove, isAtLeast } from '../units/compare.ts';
import { wholeCents } from '../units/round.ts';
import { nth, there } from '../units/there.ts';

export type ReadyPair = {
	/** The frame, by the pack that it takes. */
	frame: Fitting;
	/** The sheet that its standard mat is sold for; null: a mat is cut to the frame. */
	mat: Fitting | null;
	/** Narrowest opening, and the borders round it. */
	opening: Size;
	borders: Sides;
	/** Boards and glazing of that size, by the shop's prices. */
	cents: number;
	/** How far its borders are from the house's, mm: of two that cost the same the better looking comes first. */
	off: number;
	patch: Operation[];
};

/** Pairs that cost nearly the same are ordered by how they look, cents. */
const SAME_COST = 50;

/** @returns every pair that works, the cheapest first; none while there is no window, of several windows, of a float, without a mat */
export function readyPairs(file: JobFile, now: { job: Decided; plan: Plan }, shopAsItIs: Shop): ReadyPair[] {
	const { job, plan } = now;
	const shop = shopFor(shopAsItIs, job.cutIn);
	const [sight] = sightsOf(job, plan);
	if (!sight || job.several || job.window.way === 'float' || job.mats.length === 0) return [];
	const sizes = turnedEachWay(shop.packSizes);
	const sold = sizes
		.map((sheet) => ({ sheet, opening: openingFor(sheet.pack, shop.house.overlap) }))
		.filter((mat) => covers(mat.opening, sight, job, shop));
	const perM2 = priceM2(job);
	const outermost = sizeTerms('window.mats[0].opening', nth(there(plan.window, 'window').mats, 0).opening);
	const pairs = sizes.flatMap((frame): ReadyPair[] => {
		const cents = wholeCents((perM2 * frame.pack.width * frame.pack.height) / 1e6);
		const cut = sideValues(fitted({ ...job, borders: fitBorders(job) }, outermost, sizeTerms('window.pack', frame.pack)));
		const made = pairOf(frame, null, { opening: there(plan.window, 'window').opening, borders: cut, cents }, file, job, shop);
		const ready = sold.map(({ sheet, opening }) =>
			pairOf(frame, sheet, { opening, borders: centred(frame.pack, opening), cents }, file, job, shop)
		);
		return [leavesLifts(plan, cut) ? made : null, ...ready].flatMap((pair) => pair ?? []);
	});
	return pairs.sort((one, other) =>
		Math.abs(one.cents - other.cents) > SAME_COST ? one.cents - other.cents : one.off - other.off || one.cents - other.cents
	);
}

/** The strips of every lift have room behind borders of this width. */
function leavesLifts({ window }: Plan, borders: Sides): boolean {
	const mats = there(window, 'window').mats;
	const { border: first } = nth(mats, 0);
	return mats.every(
		({ lift, border }) => !lift || SIDES.every((side) => isAbove(borders[side] + border[side] - first[side], lift.setback))
	);
}

/** A standard mat is sold for a sheet, which it covers by the house's overlap on every side. */
function openingFor(sheet: Size, overlap: number): Size {
	return { width: sheet.width - 2 * overlap, height: sheet.height - 2 * overlap };
}

/** The opening covers every edge of the sheet by the least overlap, hides no more of it than twice what was asked, and no zone that must show. */
function covers(opening: Size, sight: Sight, { mats }: Decided, { house }: Shop): boolean {
	const { usable } = sight.measure;
	const { least } = sight.opening;
	if (!least || opening.width <= 0 || opening.height <= 0) return false;
	const bevel = hiddenByBevel(nth(mats, mats.length - 1));
	const rest = { width: (usable.width - opening.width) / 2, height: (usable.height - opening.height) / 2 };
	const covered = (side: keyof Sides) => (side === 'left' || side === 'right' ? rest.width : rest.height);
	if (!SIDES.every((side) => isAtLeast(covered(side) - bevel, least[side]) && covered(side) <= MOST_HIDDEN)) return false;
	const sees = { left: usable.left + rest.width, top: usable.top + rest.height };
	return sight.piece.zones.every(({ kind, left, top, width, height }) => {
		const inside =
			left - sees.left >= house.showZoneMargin &&
			top - sees.top >= house.showZoneMargin &&
			sees.left + opening.width - left - width >= house.showZoneMargin &&
			sees.top + opening.height - top - height >= house.showZoneMargin;
		return kind !== 'show' || inside;
	});
}

/** What people who make the work leave spare at each side, mm: more would hide it (handbook window#overlap). */
const MOST_HIDDEN = 15;

function centred(pack: Size, opening: Size): Sides {
	const across = (pack.width - opening.width) / 2;
	const down = (pack.height - opening.height) / 2;
	return { top: down, right: across, bottom: down, left: across };
}

function fitBorders({ borders }: Decided): Decided['borders'] {
	return { ...borders, way: 'fit', weight: borders.weight };
}

type Found = { opening: Size; borders: Sides; cents: number };

function pairOf(
	frame: Fitting,
	mat: Fitting | null,
	found: Found,
	file: JobFile,
	job: Decided,
	{ house }: Shop
): ReadyPair | null {
	if (Math.min(...Object.values(found.borders)) < house.fitBorderLeast) return null;
	const wanted = { ...job.borders, width: house.borderWidth };
	const off =
		SIDES.reduce((sum, side) => sum + Math.abs(found.borders[side] - wanted.width - (side === 'bottom' ? wanted.weight : 0)), 0) /
		4;
	return { frame, mat, ...found, off, patch: mat ? readyMat(frame, found.opening, file, job) : cutMat(frame, file, job) };
}

function cutMat({ pack }: Fitting, file: JobFile, { borders, mats }: Decided): Operation[] {
	const cut = writtenMats(mats).map(({ have: _, ...mat }) => mat);
	// A mat at hand makes room for one that is cut.
	const made = mats.some(({ have }) => have) ? put(file, ['mats'], cut) : [];
	return [...made, ...put(file, ['borders'], { way: 'fit', pack, weight: borders.weight })];
}

/** The front mat is the bought one; its borders and the overlap come with it. */
function readyMat({ pack }: Fitting, opening: Size, file: JobFile, { mats }: Decided): Operation[] {
	const { board, colour } = nth(writtenMats(mats), 0);
	return onlyAtHand(file, { board, colour, have: { opening, outer: pack } });
}

/** Of everything that is as large as the pack and bought for it, cents a square metre. */
function priceM2({ guard, mats, kept }: Decided): number {
	const parts = [
		kept.glazing ? null : guard.glazing,
		...mats.map(({ board }) => board),
		guard.underMat,
		...guard.fillers.map(({ board }) => board),
		guard.barrier,
		kept.back ? null : guard.backing
	];
	return parts.reduce((sum, part) => sum + (part?.pricePerM2 ?? 0), 0);
}
