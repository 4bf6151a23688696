/** Whether strips behind a mat have room in its borders. */
import type { Sides } from '../../geometry/shapes.ts';
import { houseSetback } from './mats.ts';
import type { Context } from '../../rule/rule.ts';
import { openingsOf } from '../../figures/window.ts';
import type { Figures } from '../../figures.ts';
import { nth, there } from '../../units/there.ts';

/** Whether the borders leave room for strips behind a mat, with the overlap as it is or as it would be. */
export function hasRoomForLift({ job, shop, plan }: Context, index: number, overlaps = overlapsOf(plan)): boolean {
	const setback = nth(job.mats, index).setback ?? houseSetback(index, job, shop.house, overlaps);
	return Math.min(...Object.values(nth(there(plan.window, 'window').mats, index).border)) > setback + job.step;
}

/** Overlaps of all windows; a float has none. */
export function overlapsOf({ window }: Figures): Sides[] {
	return window ? openingsOf(window).flatMap(({ overlap }) => overlap ?? []) : [];
}
