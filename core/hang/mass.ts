/** What the framed piece weighs, part by part (handbook hang#mass). */
import type { Size } from '../geometry/shapes.ts';
import type { Frame } from '../frame/frame.ts';
import type { Decided } from '../job/decide.ts';
import type { Shop } from '../shop/shop.ts';
import type { MatPlan } from '../window/mats.ts';
import { areaOf } from '../window/shape.ts';
import { openingsOf, type Window } from '../window/window.ts';

export type Mass = { kg: number; parts: { part: string; kg: number }[] };

export function planMass(job: Decided, shop: Shop, before: { window: Window; frame: Frame; sheetGrams: number[] }): Mass {
	const { window, frame } = before;
	const { guard } = job;
	const pack = areaM2(window.pack);
	const parts: Mass['parts'] = [];
	const add = (part: string, kg: number) => parts.push({ part, kg });
	if (guard.glazing.family !== 'none') add('glazing', (pack * guard.glazing.thickness * guard.glazing.densityKgM3) / 1000);
	for (const [index, mat] of job.mats.entries()) {
		const planned = window.mats[index]!;
		add(`mat ${index + 1}`, (pack - cutOut(planned, job)) * mat.board.massPerM2);
		if (planned.lift) add(`lift ${index + 1}`, (liftArea(planned.lift) * mat.board.massPerM2 * mat.lift) / mat.board.thickness);
	}
	for (const [index, grams] of before.sheetGrams.entries()) add(job.several ? `piece ${index + 1}` : 'piece', grams / 1000);
	for (const [index, { support }] of openingsOf(window).entries())
		if (support) add(`support ${index + 1}`, areaM2(support) * job.windows[index]!.support!.massPerM2);
	if (guard.underMat) add('under-mat', pack * guard.underMat.massPerM2);
	for (const [index, filler] of guard.fillers.entries())
		add(`filler ${index + 1}`, (pack * filler.board.massPerM2 * filler.thickness) / filler.board.thickness);
	if (guard.barrier) add('barrier', pack * guard.barrier.massPerM2);
	if (guard.backing) add('backing', pack * guard.backing.massPerM2);
	add('moulding', mouldingKg(frame));
	add('hardware', shop.house.hardwareKg);
	return { kg: parts.reduce((sum, part) => sum + part.kg, 0), parts };
}

/** Section area × density × rails, the mitres not counted twice. */
export function mouldingKg({ section, outer }: Frame): number {
	const areaMm2 = section.face * section.depth - section.lip * section.rabbetDepth;
	return (areaMm2 * (2 * (outer.width + outer.height) - 4 * section.face) * section.density) / 1e9;
}

export function liftArea(lift: NonNullable<MatPlan['lift']>): number {
	return areaM2(lift.uprights.left) + areaM2(lift.uprights.right) + areaM2(lift.crosses.top) + areaM2(lift.crosses.bottom);
}

/** What of a mat's blank its windows take, m². */
function cutOut({ opening, holes }: MatPlan, job: Decided): number {
	const sizes = holes?.map((hole) => hole.opening) ?? [opening];
	return sizes.reduce((sum, size, index) => sum + areaOf(job.windows[index]!.shape, size), 0) / 1e6;
}

function areaM2(size: Size): number {
	return (size.width * size.height) / 1e6;
}
