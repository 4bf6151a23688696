/** Whether strips behind a mat have room in its borders. */
import type { Sides } from '../../geometry/shapes.ts';
import { houseSetback } from './mats.ts';
import type { Context } from '../../rule/rule.ts';
import { openingsOf } from '../../figures/window.ts';
import type { Figures } from '../../figures.ts';
import { nth } from '../../units/there.ts';

/** Whether the borders leave room for strips behind a mat, with the overlap as it is or as it would be. */
export function hasRoomForLift({ job, shop, plan }: Context, index: number, overlaps = overlapsOf(plan)): boolean {
	// Before the sheet is measured there is no border that could be too narrow, and no mat to lift.
	const mat = plan.window?.mats[index];
	if (!mat) return false;
	const setback = nth(job.mats, index).setback ?? houseSetback(index, job, shop.house, overlaps);
	return Math.min(...Object.values(mat.border)) > setback + job.step;
}

/** Overlaps of all windows; a float has none. */
export function overlapsOf({ window }: Figures): Sides[] {
	return window ? openingsOf(window).flatMap(({ overlap }) => overlap ?? []) : [];
}
