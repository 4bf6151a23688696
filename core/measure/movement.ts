/** How much the sheet can grow or shrink over the house swing of humidity (handbook measure#movement). */
import type { Size } from '../geometry/shapes.ts';
import type { Decided } from '../job/decide.ts';
import type { House } from '../shop/house.ts';
import type { Measure } from './measure.ts';

export type GrowthName = 'paperGrowthAcross' | 'paperGrowthAlong';

/** Length × growth per 10 % RH × swing, per axis, mm. */
export function planMovement(job: Decided, house: House, measure: Measure): Size {
	return {
		width: (measure.mean.width * house[growthName(job, 'width')] * house.swingRh) / 10,
		height: (measure.mean.height * house[growthName(job, 'height')] * house.swingRh) / 10
	};
}

/** Across the grain unless the grain is known to run along this axis; resin-coated paper hardly moves. */
export function growthName(job: Decided, axis: keyof Size): GrowthName {
	if (job.piece.resinCoated) return 'paperGrowthAlong';
	return job.piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'paperGrowthAcross';
}
