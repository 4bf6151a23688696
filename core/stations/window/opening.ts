/** One window over one piece: what it shows of the sheet, and how far the sheet may be off (handbook window#ways). */
import { axisOf, mapSides, type Place, type Rect, type SideName, type Sides, type Size } from '../../geometry/shapes.ts';
import type { Piece, Zone } from '../../job/decide-piece.ts';
import type { MatChoice, WindowChoice, WindowShape } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import type { House } from '../../shop/house.ts';
import { cutDown, receiveUp, showNearest, tidy } from '../../units/round.ts';
import { showSize, showWithUnit, type Reader } from '../../units/show.ts';
import { roomFor } from './shape.ts';
import type { SolveInput } from './sides-asked.ts';
import { canSolve, solveWindow, type Solved } from './solve.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Opening } from '../../figures/window.ts';
import { nth } from '../../units/there.ts';

export type OpeningInput = {
	piece: Piece;
	choice: WindowChoice;
	measure: Measure;
	movement: Size;
	/** The mat nearest the piece; none where the frame's lip is all that stands before it. */
	mat: MatChoice | null;
	/** It hangs from its top edge, so that all of its movement comes at the bottom. */
	hangs: boolean;
	house: House;
	step: number;
	reader: Reader;
	/** Path of the window in the job file, for a fault. */
	at: string;
};

/**
 * @returns the window, or null while the image that a reveal is measured from is missing
 * @throws FaultError when no window is left
 */
export function planOpening(input: OpeningInput): Opening | null {
	const { choice } = input;
	if (!input.mat) return matless(input);
	if (choice.way === 'float') return withZones(float(input), input);
	const found = choice.way === 'reveal' ? reveal(input) : choice.solve ? solved(input) : cover(input);
	if (!found) return null;
	if (choice.shape === 'arch' && found.opening.height < found.opening.width / 2)
		fail(
			`${input.at}.shape`,
			`An arch ${showSize(found.opening, input.reader)} is too low: its height is at least half its width. Choose another shape, or less overlap at the top and bottom.`
		);
	return withZones(found, input);
}

type Found = Opening & { overlap: Sides };

/** Every zone's margin to the window is a figure, before anything fails. */
function withZones<T extends Opening>(found: T, { piece, choice }: OpeningInput): T {
	const zones = piece.zones.flatMap((zone) =>
		zone.kind === 'keep-off' ? [] : [{ id: zone.id, kind: zone.kind, margin: zoneMargin(zone, found.sees, choice.shape) }]
	);
	return zones.length > 0 ? { ...found, zones } : found;
}

/** Inside the window by so much on its nearest side, or outside it. */
export function zoneMargin(
	zone: Pick<Zone, 'kind' | 'left' | 'top' | 'width' | 'height'>,
	sees: Rect,
	shape: WindowShape
): number {
	if (zone.kind === 'show') {
		const margin = Math.min(...Object.values(roomFor(zone, sees, shape)));
		return Number.isFinite(margin) ? margin : -beyondCurve(zone, sees, shape);
	}
	const room = roomFor(zone, sees, 'rectangle');
	return Math.max(
		...(Object.keys(room) as SideName[]).map((side) => -(room[side] + (axisOf(side) === 'width' ? zone.width : zone.height)))
	);
}

/** Where a curve is past it on both sides of an axis: how far a zone would have to move toward the window's middle to show whole. */
function beyondCurve(zone: Rect, sees: Rect, shape: WindowShape): number {
	const away = {
		x: sees.left + sees.width / 2 - zone.left - zone.width / 2,
		y: sees.top + sees.height / 2 - zone.top - zone.height / 2
	};
	const showsAt = (share: number) => {
		const moved = { ...zone, left: zone.left + share * away.x, top: zone.top + share * away.y };
		return Math.min(...Object.values(roomFor(moved, sees, shape))) >= 0;
	};
	const distance = Math.hypot(away.x, away.y);
	// Larger than the window itself.
	if (!showsAt(1)) return distance + Math.max(zone.width, zone.height);
	let [not, does] = [0, 1];
	for (let halved = 0; halved < 40; halved += 1) {
		const middle = (not + does) / 2;
		if (showsAt(middle)) does = middle;
		else not = middle;
	}
	return tidy(does * distance);
}

function cover(input: OpeningInput): Found {
	const { choice, measure } = input;
	const opening = openingFor(choice.overlap, measure.usable, input.step, choice.shape === 'circle');
	if (opening.width <= 0 || opening.height <= 0) noWindow(input);
	const overlap = overlapFor(choice.overlap, measure.usable, opening);
	return { opening, overlap, least: leastOverlap(input), sees: seenBy(overlap, opening, measure.usable) };
}

function solved(input: OpeningInput): Found {
	const { piece, measure, step } = input;
	const least = leastOverlap(input);
	const found = solvedFrom(input, least);
	if (!found) noWindow(input);
	const { overlap, sides } = found;
	const opening = {
		width: cutDown(measure.usable.width - sides.left - sides.right, step),
		height: cutDown(measure.usable.height - sides.top - sides.bottom, step)
	};
	return {
		opening,
		overlap,
		least,
		sees: seenBy(overlap, opening, measure.usable),
		solved: sides,
		solvedBy: zonesBy(found.by, piece),
		...(found.giveUp.length > 0 ? { giveUp: found.giveUp.map((set) => set.map((index) => nth(piece.zones, index).id)) } : {})
	};
}

type SolveSubject = Pick<OpeningInput, 'piece' | 'measure' | 'mat' | 'house' | 'step'>;

/** The largest window for the zones of a piece, from the least overlap on; a reverse bevel begins its board's thickness later. */
function solvedFrom(subject: SolveSubject, least: Sides): Solved | null {
	return solveWindow(solveInput(subject, least));
}

const solvable = new WeakMap<Sides, boolean>();

/** Whether there is such a window that satisfies every zone; each zone of a plan asks it anew. */
export function isSolvable(subject: SolveSubject, least: Sides): boolean {
	const known = solvable.get(least) ?? canSolve(solveInput(subject, least));
	solvable.set(least, known);
	return known;
}

function solveInput({ piece, measure, mat, house, step }: SolveSubject, least: Sides): SolveInput {
	const bevel = mat ? hiddenByBevel(mat) : 0;
	return {
		usable: measure.usable,
		least: mapSides((side) => least[side] + bevel),
		zones: piece.zones,
		showMargin: house.showZoneMargin,
		hideMargin: house.hideZoneMargin,
		step
	};
}

function zonesBy(by: Solved['by'], { zones }: Piece): Record<SideName, string | null> {
	const name = (side: SideName) => (by[side] === null ? null : nth(zones, by[side]).id);
	return { top: name('top'), right: name('right'), bottom: name('bottom'), left: name('left') };
}

/** The image and its margin, rounded to the nearest; the difference is shared by both sides, and the paper beyond is hidden. */
function reveal(input: OpeningInput): Found | null {
	const { piece, choice, measure, step } = input;
	const { image } = piece;
	if (!image) return null;
	const asked = {
		width: image.width + choice.reveal.left + choice.reveal.right,
		height: image.height + choice.reveal.top + choice.reveal.bottom
	};
	const nearest = { width: showNearest(asked.width, step), height: showNearest(asked.height, step) };
	const opening = choice.shape === 'circle' ? evenSize(Math.max(nearest.width, nearest.height)) : nearest;
	const sees = {
		left: tidy(image.left - choice.reveal.left - (opening.width - asked.width) / 2),
		top: tidy(image.top - choice.reveal.top - (opening.height - asked.height) / 2),
		...opening
	};
	const { usable } = measure;
	const overlap = {
		left: tidy(sees.left - usable.left),
		top: tidy(sees.top - usable.top),
		right: tidy(usable.left + usable.width - sees.left - sees.width),
		bottom: tidy(usable.top + usable.height - sees.top - sees.height)
	};
	return { opening, overlap, least: leastOverlap(input), sees };
}

/** All that the frame takes: the piece itself, or a float with the air round it. What is seen of it comes with the frame. */
function matless(input: OpeningInput): Opening {
	const { choice, measure, step } = input;
	const { largest } = measure;
	const air = choice.way === 'float' ? choice.gap : 0;
	const opening = { width: receiveUp(largest.width + 2 * air, step), height: receiveUp(largest.height + 2 * air, step) };
	return { opening, sees: centredOn(largest, opening), ...(choice.support ? { support: supportOf(input) } : {}) };
}

function centredOn(largest: Size, opening: Size): Rect {
	return { left: tidy((largest.width - opening.width) / 2), top: tidy((largest.height - opening.height) / 2), ...opening };
}

/** Wider than the sheet by the gap on every side; the support stays inside the piece. */
function float(input: OpeningInput): Opening {
	const { choice, measure, step } = input;
	const { largest } = measure;
	const free = {
		width: receiveUp(largest.width + 2 * choice.gap, step),
		height: receiveUp(largest.height + 2 * choice.gap, step)
	};
	const opening = choice.shape === 'circle' ? evenSize(Math.max(free.width, free.height)) : free;
	return { opening, sees: centredOn(largest, opening), ...(choice.support ? { support: supportOf(input) } : {}) };
}

function supportOf(input: OpeningInput): Size {
	const { choice, step } = input;
	const { usable } = input.measure;
	const support = {
		width: cutDown(usable.width - 2 * choice.setBack, step),
		height: cutDown(usable.height - 2 * choice.setBack, step)
	};
	if (support.width <= 0 || support.height <= 0)
		fail(
			`${input.at}.setBack`,
			`A support set back ${showWithUnit(choice.setBack, input.reader, 'mark')} on every side has no size left. Set it back less.`
		);
	return support;
}

function noWindow({ at, measure, reader }: OpeningInput): never {
	fail(
		`${at}.overlap`,
		`This overlap leaves no window on a sheet of ${showSize(measure.usable, reader, 'mark')} ${reader.unit}. Make it smaller.`
	);
}

/** The opening that an overlap asked for leaves, cut down to the step; it may be nothing. */
export function openingFor(asked: Sides, usable: Size, step: number, round = false): Size {
	const opening = {
		width: cutDown(usable.width - asked.left - asked.right, step),
		height: cutDown(usable.height - asked.top - asked.bottom, step)
	};
	return round ? evenSize(Math.min(opening.width, opening.height)) : opening;
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

/** The window in the piece's own measures. */
export function seenBy(overlap: Sides, opening: Size, usable: Place): Rect {
	return { left: usable.left + overlap.left, top: usable.top + overlap.top, ...opening };
}

/** A reverse bevel hangs back from the edge that is seen: that much of the overlap does not hold the sheet. */
export function hiddenByBevel(mat: MatChoice): number {
	return mat.bevel === 'reverse' ? mat.board.thickness : 0;
}

/** A sheet hung from the top moves by the whole of its movement at the bottom, half of it at each side; one held otherwise by half everywhere. */
function leastOverlap({ house, movement, hangs }: OpeningInput): Sides {
	const side = Math.max(house.leastOverlap, movement.width / 2 + 1);
	const bottom = Math.max(house.leastOverlap, (hangs ? movement.height : movement.height / 2) + 1);
	return { top: hangs ? house.leastOverlap : bottom, right: side, bottom, left: side };
}

function evenSize(length: number): Size {
	return { width: length, height: length };
}
