/** What each part of the pack weighs, and how much of it takes up water (handbook hang#mass, climate#pack). */
import type { Lite } from '../../figures/frame.ts';
import type { Window } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';
import type { House } from '../../shop/house.ts';
import type { Term } from '../../rule/term.ts';
import { layersInOrder } from './layers/all.ts';

export type PackPart = {
	part: string;
	kg: Term;
	/** Share of its mass that buffers humidity: 1 for paper and board, 0 for glass, plastic, metal and lifts. */
	buffers: number;
};

/** From the front: glazing, mats without their windows, lifts, sheets, supports, under-mat, fillers, barrier, backing. */
export function packParts(job: Decided, window: Window, sheetGrams: readonly number[], house: House, lite?: Lite): PackPart[] {
	const parts: PackPart[] = [];
	const add = (part: string, kg: Term, buffers: number) => parts.push({ part, kg, buffers });
	for (const { definition, index } of layersInOrder(job)) definition.weighs({ job, window, sheetGrams, house, lite }, index, add);
	return parts;
}
