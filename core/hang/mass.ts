/** What the framed piece weighs, part by part (handbook hang#mass). */
import type { Frame } from '../frame/frame.ts';
import { packParts } from '../guard/pack-parts.ts';
import type { Decided } from '../job/decide.ts';
import type { Shop } from '../shop/shop.ts';
import type { Window } from '../window/window.ts';

export type Mass = { kg: number; parts: { part: string; kg: number }[] };

export function planMass(job: Decided, shop: Shop, before: { window: Window; frame: Frame; sheetGrams: number[] }): Mass {
	const { window, frame } = before;
	const parts: Mass['parts'] = packParts(job, window, before.sheetGrams).map(({ part, kg }) => ({ part, kg }));
	const add = (part: string, kg: number) => parts.push({ part, kg });
	add('moulding', mouldingKg(frame));
	add('hardware', shop.house.hardwareKg);
	return { kg: parts.reduce((sum, part) => sum + part.kg, 0), parts };
}

/** Section area × density × rails, the mitres not counted twice. */
export function mouldingKg({ section, outer }: Frame): number {
	const areaMm2 = section.face * section.depth - section.lip * section.rabbetDepth;
	return (areaMm2 * (2 * (outer.width + outer.height) - 4 * section.face) * section.density) / 1e9;
}
