/**
 * Station Window, way cover: what shows, how the mats stand round it, and where the sheet lies under them (handbook window).
 *
 *   ├─ border ─┤├ reveal ┤├──────── opening ────────┤      mat 0 (front) opens widest, the last mat is nearest the piece
 *   ███ mat 0 ██
 *   ███ mat 1 ███████████
 *                    ├─────── sheet, hidden by the overlap ──── …
 */
import { axisOf, grow, mapSides, type Place, type Sides, type Size } from '../geometry/shapes.ts';
import type { Decided, Zone } from '../job/decide.ts';
import { fail } from '../job/faults.ts';
import type { Measure } from '../measure/measure.ts';
import type { House } from '../shop/house.ts';
import type { Shop } from '../shop/shop.ts';
import { LONGEST_MM } from '../units/length.ts';
import { cutDown, receiveUp, showNearest, tidy } from '../units/round.ts';
import { showSize } from '../units/show.ts';

export type MatPlan = {
	/** The narrowest opening. */
	opening: Size;
	/** From the blank's edge to that opening. */
	border: Sides;
	/** The first mat's border as seen in the frame, centred; the others' flat strip. Absent for the first until a frame is chosen. */
	seen?: Sides;
	/** Guide-stop settings: blank's edge to the cutting line on the back. */
	stop: Sides;
	blank: Size;
	/** Strips of the lift behind it, absent without one: uprights run the whole height. */
	lift?: { height: number; setback: number; uprights: { left: Size; right: Size }; crosses: { top: Size; bottom: Size } };
};

export type Window = {
	opening: Size;
	overlap: Sides;
	least: Sides;
	mats: MatPlan[];
	pack: Size;
	placement: Place;
	free: Size;
};

/**
 * @throws FaultError when no window is left or the pack grows past 5 m
 */
export function planWindow(job: Decided, shop: Shop, before: { measure: Measure; movement: Size }): Window {
	const { measure, movement } = before;
	const asked = job.window.overlap;
	const opening = openingFor(asked, measure.usable, job.step);
	if (opening.width <= 0 || opening.height <= 0) {
		fail(
			'window.overlap',
			`This overlap leaves no window on a sheet of ${showSize(measure.usable, job.unit, true)} ${job.unit}. Make it smaller.`
		);
	}
	const overlap = overlapFor(asked, measure.usable, opening);
	const reveals = job.mats.map((mat) => mapSides((side) => showNearest(mat.reveal[side], job.step)));
	const borders = bordersOf(job, reveals);
	const outermost = reveals.reduce(grow, opening);
	const pack = tidySize(grow(outermost, borders[0]!));
	if (Math.max(pack.width, pack.height) >= LONGEST_MM)
		fail('borders', `These borders make a pack of ${showSize(pack, 'mm')} mm. A pack stays under 5 m.`);
	const windowBorder = borders.at(-1)!;
	const placement = {
		left: tidy(windowBorder.left - overlap.left - measure.usable.left),
		top: tidy(windowBorder.top - overlap.top - measure.usable.top)
	};
	return {
		opening,
		overlap,
		least: leastOverlap(shop, movement),
		mats: job.mats.map((_, index) => matPlan(index, job, shop, { borders, reveals, pack, overlap })),
		pack,
		placement,
		free: freeRange(job, overlap, measure)
	};
}

/** The opening that an overlap asked for leaves, cut down to the step; it may be nothing. */
export function openingFor(asked: Sides, usable: Size, step: number): Size {
	return {
		width: cutDown(usable.width - asked.left - asked.right, step),
		height: cutDown(usable.height - asked.top - asked.bottom, step)
	};
}

/** Computed from the rounded opening: half of what remains, plus half the difference that was asked for between the two sides. */
export function overlapFor(asked: Sides, usable: Size, opening: Size): Sides {
	return mapSides((side) => {
		const axis = axisOf(side);
		const difference = axis === 'width' ? asked.left - asked.right : asked.top - asked.bottom;
		const half = (usable[axis] - opening[axis]) / 2;
		return side === 'left' || side === 'top' ? half + difference / 2 : half - difference / 2;
	});
}

/** Every mat has the pack's size, so each border behind the first grows by the reveals up to it. */
function bordersOf(job: Decided, reveals: Sides[]): Sides[] {
	let border = mapSides((side) => showNearest(job.borders.asked[side], job.step));
	return reveals.map((reveal) => {
		const before = border;
		border = mapSides((side) => tidy(before[side] + reveal[side]));
		return border;
	});
}

/** A sheet hung from the top moves by the whole of its movement at the foot, half of it at each side. */
function leastOverlap({ house }: Shop, movement: Size): Sides {
	const side = Math.max(house.leastOverlap, movement.width / 2 + 1);
	return { top: house.leastOverlap, right: side, bottom: Math.max(house.leastOverlap, movement.height + 1), left: side };
}

type Laid = { borders: Sides[]; reveals: Sides[]; pack: Size; overlap: Sides };

function matPlan(index: number, job: Decided, shop: Shop, laid: Laid): MatPlan {
	const { borders, reveals, pack } = laid;
	const mat = job.mats[index]!;
	const border = borders[index]!;
	const bevel = mat.board.thickness;
	const plan: MatPlan = {
		opening: tidySize({ width: pack.width - border.left - border.right, height: pack.height - border.top - border.bottom }),
		border,
		// Cut from the back: the narrowest edge of a reverse bevel lies on the face, so the line on the back stands t nearer to the blank's edge.
		stop: mapSides((side) => tidy(mat.bevel === 'reverse' ? border[side] - bevel : border[side])),
		blank: pack
	};
	if (index > 0)
		plan.seen = mapSides((side) => tidy(mat.bevel === 'reverse' ? reveals[index]![side] : reveals[index]![side] - bevel));
	if (mat.lift > 0) plan.lift = liftStrips(index, job, shop, laid);
	return plan;
}

/** Two uprights as high as the pack, two cross strips between them; set back from the mat's narrowest edge. */
function liftStrips(
	index: number,
	job: Decided,
	{ house }: Shop,
	{ borders, pack, overlap }: Laid
): NonNullable<MatPlan['lift']> {
	const mat = job.mats[index]!;
	const setback = mat.setback ?? houseSetback(index, job, house, overlap);
	const width = mapSides((side) => tidy(borders[index]![side] - setback));
	if (Math.min(...Object.values(width)) <= 0)
		fail(
			`mats[${index}].setback`,
			`A setback of ${setback} mm leaves no room for the lift. Make it smaller, or the border wider.`
		);
	const between = tidy(pack.width - width.left - width.right);
	return {
		height: mat.lift,
		setback,
		uprights: { left: { width: width.left, height: pack.height }, right: { width: width.right, height: pack.height } },
		crosses: { top: { width: between, height: width.top }, bottom: { width: between, height: width.bottom } }
	};
}

/** Where the job gives none: the house's, and over the under-mat far enough that the strip does not lie on the sheet. */
export function houseSetback(index: number, job: Decided, house: House, overlap: Sides): number {
	const nearest = index === job.mats.length - 1;
	return Math.max(
		house.setback,
		nearest ? receiveUp(Math.max(...Object.values(overlap)) + house.setbackBeyondSheet, job.step) : 0
	);
}

/** How far the sheet may be off before an edge appears or a `show` zone is covered: the least over both sides of each axis. */
function freeRange(job: Decided, overlap: Sides, measure: Measure): Size {
	const shows = job.piece.zones.filter((zone) => zone.kind === 'show').map((zone) => zoneInside(zone, overlap, measure));
	const least = (one: keyof Sides, other: keyof Sides) =>
		Math.max(0, Math.min(overlap[one], overlap[other], ...shows.flatMap((inside) => [inside[one], inside[other]])));
	return { width: least('left', 'right'), height: least('top', 'bottom') };
}

/** How far a zone lies inside the window, per side; negative where the mat covers it. Zones are measured from the bounding box's corner. */
export function zoneInside(zone: Zone, overlap: Sides, measure: Measure): Sides {
	const { usable } = measure;
	return {
		left: zone.left - (usable.left + overlap.left),
		top: zone.top - (usable.top + overlap.top),
		right: usable.left + usable.width - overlap.right - (zone.left + zone.width),
		bottom: usable.top + usable.height - overlap.bottom - (zone.top + zone.height)
	};
}

function tidySize(size: Size): Size {
	return { width: tidy(size.width), height: tidy(size.height) };
}
