/** What each part of the pack weighs, and how much of it takes up water (handbook hang#mass, climate#pack). */
import type { Size } from '../../geometry/shapes.ts';
import { liteArea } from '../frame/lite.ts';
import type { House } from '../../shop/house.ts';
import { areaOf } from '../window/shape.ts';
import { openingsOf, type MatPlan, type Window } from '../../figures/window.ts';
import type { Lite } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';

export type PackPart = {
	part: string;
	kg: number;
	/** Share of its mass that buffers humidity: 1 for paper and board, 0 for glass, plastic, metal and lifts. */
	buffers: number;
};

/** From the front: glazing, mats without their windows, lifts, sheets, supports, under-mat, fillers, barrier, backing. */
export function packParts(job: Decided, window: Window, sheetGrams: readonly number[], house: House, lite?: Lite): PackPart[] {
	const { guard } = job;
	const pack = areaM2(window.pack);
	const parts: PackPart[] = [];
	const add = (part: string, kg: number, buffers: number) => parts.push({ part, kg, buffers });
	// A lite that follows a frame weighs what it measures.
	const glass = lite ? liteArea(lite) / 1e6 : pack;
	if (guard.glazing.family !== 'none') add('glazing', (glass * guard.glazing.thickness * guard.glazing.densityKgM3) / 1000, 0);
	for (const [index, mat] of job.mats.entries()) {
		const planned = window.mats[index]!;
		add(`mat ${index + 1}`, (pack - cutOut(planned, job)) * mat.board.massPerM2, mat.board.buffers);
		const strips = mat.liftBoard ?? mat.board;
		if (planned.lift) add(`lift ${index + 1}`, (liftArea(planned.lift) * strips.massPerM2 * mat.lift) / strips.thickness, 0);
	}
	for (const [index, grams] of sheetGrams.entries()) add(job.several ? `piece ${index + 1}` : 'piece', grams / 1000, 1);
	for (const [index, { support }] of openingsOf(window).entries()) {
		const board = job.windows[index]!.support;
		if (support && board) add(`support ${index + 1}`, areaM2(support) * board.massPerM2, board.buffers);
	}
	if (job.hold.kind === 'whole-surface' && job.hold.adhesive.ownBoard)
		add('adhesive board', sheetsM2(job, sheetGrams) * house.adhesiveBoardKgM2, 1);
	if (guard.underMat) add('under-mat', pack * guard.underMat.massPerM2, guard.underMat.buffers);
	for (const [index, { board, thickness }] of guard.fillers.entries())
		add(`filler ${index + 1}`, (pack * board.massPerM2 * thickness) / board.thickness, board.buffers);
	if (guard.barrier) add('barrier', pack * guard.barrier.massPerM2, guard.barrier.buffers);
	if (guard.backing) add('backing', pack * guard.backing.massPerM2, guard.backing.buffers);
	return parts;
}

export function liftArea(lift: NonNullable<MatPlan['lift']>): number {
	return areaM2(lift.uprights.left) + areaM2(lift.uprights.right) + areaM2(lift.crosses.top) + areaM2(lift.crosses.bottom);
}

/** What of a mat's blank its windows take, m². */
function cutOut({ opening, holes }: MatPlan, job: Decided): number {
	const sizes = holes?.map((hole) => hole.opening) ?? [opening];
	return sizes.reduce((sum, size, index) => sum + areaOf(job.windows[index]!.shape, size), 0) / 1e6;
}

/** Of all sheets together. */
function sheetsM2({ pieces }: Decided, sheetGrams: readonly number[]): number {
	return sheetGrams.reduce((sum, grams, index) => sum + grams / pieces[index]!.grammage, 0);
}

function areaM2(size: Size): number {
	return (size.width * size.height) / 1e6;
}
