/**
 * Station Frame, wood: what the pack drops into, what is seen through it, what is cut for it (handbook frame).
 *
 *   ├──────── face ────────┤
 *                  ├─ lip ─┤            rabbet = pack + allowance, sight = rabbet − 2 × lip, outer = rabbet + 2 × (face − lip)
 *   ████████████████████████
 *   █████████████████              ─┬─
 *   █████████████████  pack …       │ rabbet depth
 *   █████████████████              ─┴─
 */
import type { Size } from '../geometry/shapes.ts';
import type { Decided } from '../job/decide.ts';
import { planMeasure } from '../measure/measure.ts';
import type { Board } from '../shop/boards.ts';
import type { House } from '../shop/house.ts';
import type { Section } from '../shop/mouldings.ts';
import type { Shop } from '../shop/shop.ts';
import { countUp, cutDown, receiveUp, tidy } from '../units/round.ts';

export type PointsOfSide = { first: number; count: number; spacing: number };
export type Frame = {
	section: Section;
	/** rabbet − pack. */
	allowance: Size;
	rabbet: Size;
	sight: Size;
	outer: Size;
	/** At the long points: top, right, bottom, left; a ready-made frame has none to cut. */
	rails?: [number, number, number, number];
	/** Stick needed for all four. */
	stick?: number;
	points: { kind: string; top: PointsOfSide; side: PointsOfSide; total: number };
};

export function planFrame(job: Decided, shop: Shop, before: { pack: Size; ready: Size | null }): Frame | null {
	if (!job.frame) return null;
	const { house } = shop;
	const { section } = job.frame;
	const { pack } = before;
	const rabbet = before.ready ?? { width: rabbetOf('width', job, house, pack), height: rabbetOf('height', job, house, pack) };
	const outer = outerOf(rabbet, section);
	const top = pointsOf(rabbet.width, job.frame.points, house);
	const side = pointsOf(rabbet.height, job.frame.points, house);
	return {
		section,
		allowance: { width: tidy(rabbet.width - pack.width), height: tidy(rabbet.height - pack.height) },
		rabbet,
		sight: { width: tidy(rabbet.width - 2 * section.lip), height: tidy(rabbet.height - 2 * section.lip) },
		outer,
		...(before.ready
			? {}
			: {
					rails: [outer.width, outer.height, outer.width, outer.height],
					stick: house.stickSpare * (2 * (outer.width + outer.height) + 4 * Math.SQRT2 * house.kerf + house.stickTrim)
				}),
		points: { kind: job.frame.points, top, side, total: 2 * (top.count + side.count) }
	};
}

/** The rabbet of a frame that exists: the largest upright pack that goes into its opening, rounded down. */
export function readyRabbet(job: Decided): Size | null {
	if (!job.rabbet) return null;
	const { usable } = planMeasure({ readings: job.rabbet, single: false }, 'frame.opening');
	return { width: cutDown(usable.width, job.step), height: cutDown(usable.height, job.step) };
}

/** The pack that it takes: the rabbet less the allowance, which is worked out from the rabbet's side. */
export function readyPack(job: Decided, house: House, rabbet: Size): Size {
	const side = (axis: keyof Size) =>
		cutDown(rabbet[axis] - (job.frame?.allowance ?? allowanceFor(axis, job, house, rabbet)), job.step);
	return { width: side('width'), height: side('height') };
}

function rabbetOf(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return receiveUp(pack[axis] + (job.frame!.allowance ?? allowanceFor(axis, job, house, pack)), job.step);
}

/** Room that the fastest growing layer needs over the year, + 1 mm, at least 3, up to a half millimetre. */
export function allowanceFor(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	const growth = Math.max(...growths(job, house));
	return receiveUp(Math.max(house.allowanceLeast, pack[axis] * growth + house.allowanceSpare), house.allowanceStep);
}

/** Growth over the house swing, as a share of the length, of the glazing and of every board in the pack. */
export function growths(job: Decided, house: House): number[] {
	const { glazing, underMat, fillers, backing } = job.guard;
	const boards = [...job.mats.map((mat) => mat.board), underMat, ...fillers.map((filler) => filler.board), backing];
	const ofGlazing = glazing.perKelvin * house.swingKelvin + (glazing.perTenRh * house.swingRh) / 10;
	return [ofGlazing, ...boards.flatMap((board) => (board ? [boardGrowth(board, house)] : []))];
}

function boardGrowth(board: Board, house: House): number {
	// Plastic sheet is taken with the boards: it is cut to the same size and its own growth is not in the handbook.
	return board.growth === 'metal' ? house.metalGrowthPerKelvin * house.swingKelvin : (house.boardGrowth * house.swingRh) / 10;
}

function outerOf(rabbet: Size, section: Section): Size {
	const beyond = 2 * (section.face - section.lip);
	return { width: tidy(rabbet.width + beyond), height: tidy(rabbet.height + beyond) };
}

const SPACING: Record<string, 'pointsRigid' | 'pointsFlexible' | 'pointsTurnButton'> = {
	rigid: 'pointsRigid',
	hand: 'pointsRigid',
	flexible: 'pointsFlexible',
	'turn-buttons': 'pointsTurnButton'
};

/** The house figure that spaces this kind of point. */
export function pointSpacing(kind: string): 'pointsRigid' | 'pointsFlexible' | 'pointsTurnButton' {
	return SPACING[kind] ?? 'pointsRigid';
}

/** Points along one side of the rabbet: the first near each corner, the others equally between. */
export function pointsOf(side: number, kind: string, house: House): PointsOfSide {
	if (side < house.pointAlone) return { first: side / 2, count: 1, spacing: 0 };
	const first = Math.min(house.pointFirst, side / 4);
	const count = countUp((side - 2 * first) / house[pointSpacing(kind)]) + 1;
	return { first, count, spacing: (side - 2 * first) / (count - 1) };
}
