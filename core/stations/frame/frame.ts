/**
 * Station Frame: what the pack drops into, what is seen through it, what is cut or bought for it (handbook frame).
 *
 *   ├──────── face ────────┤
 *                  ├─ lip ─┤            rabbet = pack + allowance, sight = rabbet − 2 × lip, outer = rabbet + 2 × (face − lip)
 *   ████████████████████████
 *   █████████████████              ─┬─
 *   █████████████████  pack …       │ rabbet depth
 *   █████████████████              ─┴─
 */
import type { Size } from '../../geometry/shapes.ts';
import { movementOf } from '../measure/movement.ts';
import { type Readings, isStiff } from '../../job/decide-piece.ts';
import { planMeasure } from '../measure/measure.ts';
import type { Board } from '../../shop/boards.ts';
import type { House } from '../../shop/house.ts';
import type { Section } from '../../shop/mouldings.ts';
import type { Shop } from '../../shop/shop.ts';
import { cutDown, receiveUp, tidy } from '../../units/round.ts';
import { kitOf } from './kit.ts';
import { cornersOut, isOutOfTrue, liteBlank, liteOf } from './lite.ts';
import { planPoints } from './points.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { FRAMES } from './kinds/all.ts';
import { there } from '../../units/there.ts';

export function planFrame(job: Decided, shop: Shop, before: { pack: Size; thickness: number; ready: Size | null }): Frame | null {
	if (!job.frame) return null;
	const { house } = shop;
	const { section } = job.frame;
	const { pack } = before;
	const rabbet = before.ready ?? { width: rabbetOf('width', job, house, pack), height: rabbetOf('height', job, house, pack) };
	const outer = outerOf(rabbet, section);
	const points = planPoints(job.frame, rabbet, pack, job.schools['clips'], house);
	const { inPairs, sawn: isSawn } = FRAMES[job.frame.kind];
	return {
		section,
		allowance: { width: tidy(rabbet.width - pack.width), height: tidy(rabbet.height - pack.height) },
		rabbet,
		sight: { width: tidy(rabbet.width - 2 * section.lip), height: tidy(rabbet.height - 2 * section.lip) },
		outer,
		...(isSawn ? sawn(rabbet, outer, house) : {}),
		points,
		...(inPairs && before.ready === null ? { kit: kitOf(pack, points) } : {}),
		...(points.kind === 'offset-clips' ? { offset: tidy(section.rabbetDepth + job.frame.deepen - before.thickness) } : {}),
		...(job.frame.deepen > 0 ? { depthWithStrips: tidy(section.depth + job.frame.deepen) } : {}),
		...(job.rabbet ? { ...outOfTrue(job, house, rabbet), ...misfitOf(job.rabbet) } : {})
	};
}

/** Rails with 45° mitres from a stick: a slanting cut takes √2 of the kerf. */
function sawn(rabbet: Size, outer: Size, house: House): Pick<Frame, 'rails' | 'stick' | 'diagonal'> {
	return {
		rails: [outer.width, outer.height, outer.width, outer.height],
		stick: house.stickSpare * (2 * (outer.width + outer.height) + 4 * Math.SQRT2 * house.kerf + house.stickTrim),
		diagonal: Math.hypot(rabbet.width, rabbet.height)
	};
}

/** By the school of following, glazing is cut as the frame is; a straight lite is the pack's size. */
function outOfTrue(job: Decided, house: House, rabbet: Size): Pick<Frame, 'lite' | 'cornersOut'> {
	const readings = there(job.rabbet, 'rabbet');
	if (!isOutOfTrue(readings)) return {};
	const out = { cornersOut: cornersOut(readings) };
	if (job.schools['old-frame'] === 'true-it' || job.guard.glazing.family === 'none') return out;
	const allowance = { width: allowanceIn('width', job, house, rabbet), height: allowanceIn('height', job, house, rabbet) };
	return { ...out, lite: { ...liteOf(readings, allowance, job.step), blank: liteBlank(readings, allowance, job.step) } };
}

function misfitOf(readings: Readings): Pick<Frame, 'misfit'> {
	if (readings.d1 === undefined || readings.d2 === undefined) return {};
	return { misfit: planMeasure({ readings, single: false }, 'frame.opening', 'frame').misfit };
}

/** The allowance that the customer's frame has to leave. */
export function allowanceIn(axis: keyof Size, job: Decided, house: House, rabbet: Size): number {
	return job.frame?.allowance ?? allowanceFor(axis, job, house, rabbet);
}

/** The rabbet of a frame that is there already: the largest upright pack that goes into its opening, rounded down. */
export function readyRabbet(job: Decided): Size | null {
	if (!job.rabbet) return null;
	const { usable } = planMeasure({ readings: job.rabbet, single: false }, 'frame.opening', 'frame');
	return { width: cutDown(usable.width, job.step), height: cutDown(usable.height, job.step) };
}

/** The pack that it takes: the rabbet less the allowance, which is worked out from the rabbet's side. */
export function readyPack(job: Decided, house: House, rabbet: Size): Size {
	const side = (axis: keyof Size) => cutDown(rabbet[axis] - allowanceIn(axis, job, house, rabbet), job.step);
	return { width: side('width'), height: side('height') };
}

function rabbetOf(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return receiveUp(pack[axis] + (there(job.frame, 'frame').allowance ?? allowanceFor(axis, job, house, pack)), job.step);
}

/** Room that the fastest growing layer needs over the year, + 1 mm, at least 3, up to a half millimetre. */
export function allowanceFor(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return receiveUp(Math.max(house.allowanceLeast, growthOf(axis, job, house, pack) + house.allowanceSpare), house.allowanceStep);
}

/** Growth over the house swing, as a share of the length, of the glazing and of every board in the pack. */
/** How much the pack's side grows over the year, mm. */
export function growthOf(axis: keyof Size, job: Decided, house: House, pack: Size): number {
	return pack[axis] * Math.max(...growths(job, house), ...(fillsRabbet(job) ? [movementOf(job.piece, house, axis)] : []));
}

export function growths(job: Decided, house: House): number[] {
	const { glazing, underMat, fillers, backing } = job.guard;
	const boards = [...job.mats.map((mat) => mat.board), underMat, ...fillers.map((filler) => filler.board), backing];
	const ofGlazing = glazing.perKelvin * house.swingKelvin + (glazing.perTenRh * house.swingRh) / 10;
	return [ofGlazing, ...boards.flatMap((board) => (board ? [boardGrowth(board, house)] : []))];
}

/** A panel without a mat fills the rabbet itself, and moves in it; a sheet gives way. */
export function fillsRabbet(job: Decided): boolean {
	return job.mats.length === 0 && job.window.way !== 'float' && isStiff(job.piece.kind);
}

function boardGrowth(board: Board, house: House): number {
	// Plastic sheet is taken with the boards: it is cut to the same size and its own growth is not in the handbook.
	return board.growth === 'metal' ? house.metalGrowthPerKelvin * house.swingKelvin : (house.boardGrowth * house.swingRh) / 10;
}

function outerOf(rabbet: Size, section: Section): Size {
	const beyond = 2 * (section.face - section.lip);
	return { width: tidy(rabbet.width + beyond), height: tidy(rabbet.height + beyond) };
}
