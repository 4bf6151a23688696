/** What of a drawing can be pulled: edges of windows, mats and borders, and zones. Each says which decision it moves. */
import { mapSides, SIDES, type Point, type SideName, type Sides } from '../../geometry/shapes.ts';
import { tidy } from '../../units/round.ts';
import type { JobFile } from '../../job/definition.ts';
import { put, type Operation } from '../../job/patch.ts';
import { writtenMats } from '../../job/written.ts';
import type { Plan } from '../../plan.ts';
import { nth, there } from '../../units/there.ts';
import { sightsOf, type Sight } from '../../rule/sights.ts';
import { pointOn } from '../../stations/hold/own-edges.ts';
import { holeOf, sheetBox } from './front.ts';
import { pieceKeys, windowKeys } from '../../job/keys.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import type { Decided } from '../../job/decided.ts';

export type EdgeHandle = {
	id: string;
	/** "Window edge, left". */
	name: string;
	/** The decision that it moves: "overlap", "reveal". */
	moves: string;
	side: SideName;
	line: [Point, Point];
	/** 1 when the value grows as the line goes right or down. */
	grows: 1 | -1;
	/** mm. */
	value: number;
	least: number;
	write: (file: JobFile, value: number) => Operation[];
};

export type ZoneHandle = {
	id: string;
	name: string;
	index: number;
	/** In the scene. */
	left: number;
	top: number;
	width: number;
	height: number;
	/** What the scene's place is less, to be the place on the sheet. */
	origin: { left: number; top: number };
	write: (file: JobFile, zone: { left: number; top: number; width: number; height: number }) => Operation[];
};

/** @param index which of several windows */
export function edgeHandles(plan: Plan, job: Decided, index: number): EdgeHandle[] {
	const sight = sightsOf(job, plan)[index];
	if (!sight) return [];
	return [
		...windowEdges(
			plan,
			sight,
			job.mats.some(({ have }) => have !== null)
		),
		...matEdges(plan, job, sight),
		...borderEdges(plan, job)
	];
}

export function zoneHandles(plan: Plan, job: Decided, index: number, file: JobFile): ZoneHandle[] {
	const sight = sightsOf(job, plan)[index];
	if (!sight) return [];
	const box = sheetBox(sight);
	const keys = [...pieceKeys(file, sight.number, 'zones'), 'zones'];
	return sight.piece.zones.map((zone, at) => ({
		id: `zone-${at}`,
		name: zone.id,
		index: at,
		left: box.left + zone.left,
		top: box.top + zone.top,
		width: zone.width,
		height: zone.height,
		origin: { left: box.left, top: box.top },
		write: (written, next) =>
			(['left', 'top', 'width', 'height'] as const).flatMap((key) => put(written, [...keys, at, key], next[key]))
	}));
}

/** The line along one side of a rectangle. */
function lineOf(
	side: SideName,
	{ left, top, width, height }: { left: number; top: number; width: number; height: number }
): [Point, Point] {
	const [right, bottom] = [left + width, top + height];
	const [one, other, third, fourth] = [
		{ x: left, y: top },
		{ x: right, y: top },
		{ x: right, y: bottom },
		{ x: left, y: bottom }
	];
	return { top: [one, other], right: [other, third], bottom: [third, fourth], left: [fourth, one] }[side] as [Point, Point];
}

/** Into the window a left or top edge goes right or down. */
function inward(side: SideName): 1 | -1 {
	return side === 'left' || side === 'top' ? 1 : -1;
}

function outward(side: SideName): 1 | -1 {
	return inward(side) === 1 ? -1 : 1;
}

/** @param atHand the window is the opening of a mat that nobody cuts: there is nothing to pull */
function windowEdges(plan: Plan, sight: Sight, atHand: boolean): EdgeHandle[] {
	const { choice } = sight;
	if (choice.solve || there(plan.window, 'window').mats.length === 0) return [];
	if (atHand) return [];
	const hole = holeOf(plan, there(plan.window, 'window').mats.length - 1, sight.index);
	const keys = windowKeys(sight);
	const which = sight.number === null ? 'Window edge' : `Edge of window ${sight.number}`;
	return SIDES.map((side) => {
		const handle = { id: `window-${side}`, name: `${which}, ${side}`, side, line: lineOf(side, hole), least: 0 };
		if (choice.way === 'cover')
			return {
				...handle,
				moves: 'overlap',
				grows: inward(side),
				value: choice.overlap[side],
				write: (file, value) => put(file, [...keys, 'overlap'], allOrOne({ ...choice.overlap, [side]: value }))
			};
		if (choice.way === 'reveal')
			return {
				...handle,
				moves: 'reveal',
				grows: outward(side),
				value: choice.reveal[side],
				write: (file, value) => put(file, [...keys, 'reveal'], allOrOne({ ...choice.reveal, [side]: value }))
			};
		return {
			...handle,
			moves: 'gap round the sheet',
			grows: outward(side),
			value: choice.gap,
			write: (file, value) => put(file, [...keys, 'gap'], value)
		};
	});
}

/** The edge of a mat in front moves the reveal of the mat behind it. */
function matEdges(plan: Plan, job: Decided, sight: Sight): EdgeHandle[] {
	const arch = job.windows.some(({ shape }) => shape === 'arch');
	return job.mats.slice(1).flatMap((mat, at) => {
		// Between two mats at hand the strip is what their openings leave.
		if (mat.have && nth(job.mats, at).have) return [];
		const hole = holeOf(plan, at, sight.index);
		return SIDES.map((side): EdgeHandle => ({
			id: `mat-${at}-${side}`,
			name: `Edge of mat ${at + 1}, ${side}`,
			moves: `reveal of mat ${at + 2}`,
			side,
			line: lineOf(side, hole),
			grows: outward(side),
			value: mat.reveal[side],
			least: 0,
			write: (file, value) => {
				// Round an arch a reveal is the same on three sides.
				const reveal = arch ? mapSides(() => value) : { ...mat.reveal, [side]: value };
				if (file.mats) return put(file, ['mats', at + 1, 'reveal'], allOrOne(reveal));
				const mats = writtenMats(job.mats).map((one, index) => (index === at + 1 ? { ...one, reveal: allOrOne(reveal) } : one));
				return put(file, ['mats'], mats);
			}
		}));
	});
}

/** The border's outer edge, as it is seen; a pack that is given has none to pull. */
function borderEdges(plan: Plan, job: Decided): EdgeHandle[] {
	const { borders } = job;
	const [first] = there(plan.window, 'window').mats;
	if (borders.way === 'fit' || borders.way === 'have' || !first) return [];
	const { width, height } = there(plan.window, 'window').pack;
	const lip = mapSides((side) => first.border[side] - (first.seen ?? first.border)[side]);
	const seen = { left: lip.left, top: lip.top, width: width - lip.left - lip.right, height: height - lip.top - lip.bottom };
	return SIDES.map((side) => ({
		id: `border-${side}`,
		name: `Border, ${side}`,
		moves: 'border',
		side,
		line: lineOf(side, seen),
		grows: outward(side),
		value: borders.asked[side],
		least: job.step,
		write: (file, value) => writeBorder(file, job, side, value)
	}));
}

function writeBorder(file: JobFile, { borders, step }: Decided, side: SideName, value: number): Operation[] {
	if (borders.way === 'own') return put(file, ['borders', side], value);
	// The bottom of weighted borders moves their weight; it does not go above the others.
	if (borders.way === 'weighted' && side === 'bottom')
		return put(file, ['borders', 'weight'], Math.max(0, value - borders.width));
	return put(file, ['borders', 'width'], Math.max(step, value));
}

function allOrOne(sides: Sides): Sides | number {
	return SIDES.every((side) => sides[side] === sides.top) ? sides.top : sides;
}

/** Hinges on the back view, pulled along the top edge: seen from the back, right is less. */
export function hingeHandles(plan: Plan, job: Decided, index: number): EdgeHandle[] {
	const sight = sightsOf(job, plan)[index];
	const { hold } = sight ?? {};
	if (!sight || !hold || !isHinge(hold.kind) || job.several || hold.size.width >= sight.measure.mean.width) return [];
	const box = sheetBox(sight);
	const half = hold.size.width / 2;
	const apart = hold.size.width + HINGES_APART;
	return hold.places.map((place, at): EdgeHandle => {
		// From the sheet's own corner, along its own edge.
		const at0 = pointOn(sight.measure, 'top', place);
		const x = there(plan.window, 'window').pack.width - box.left - at0.x;
		const least = (hold.places[at - 1] ?? half - apart) + apart;
		const most = (hold.places[at + 1] ?? sight.measure.mean.width - half + apart) - apart;
		return {
			id: `hinge-${at}`,
			name: `Hinge ${at + 1} from the left of the front`,
			moves: `hinge ${at + 1} from the left`,
			side: 'left',
			line: [
				{ x, y: box.top - HINGE_GRIP },
				{ x, y: box.top + hold.size.height + HINGE_GRIP }
			],
			grows: -1,
			value: place,
			least,
			write: (file, value) => {
				const places = hold.places.map((one, other) => (other === at ? Math.min(most, Math.max(least, value)) : tidy(one)));
				const { count: _, ...rest } = file.hold ?? {};
				return put(file, ['hold'], { ...rest, places });
			}
		};
	});
}

/** Air that a pulled hinge leaves to the next, and how far beyond it the hand may take it, mm. */
const HINGES_APART = 2;
const HINGE_GRIP = 18;
