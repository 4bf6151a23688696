/** How much the sheet can grow or shrink over the house swing of humidity (handbook measure#movement). */
import type { Size } from '../geometry/shapes.ts';
import type { Piece } from '../job/decide-piece.ts';
import type { House } from '../shop/house.ts';
import type { Measure } from './measure.ts';

export type GrowthName = 'paperGrowthAcross' | 'paperGrowthAlong';

/** Length × growth per 10 % RH × swing, per axis, mm. */
export function planMovement(piece: Piece, house: House, measure: Measure): Size {
	return {
		width: (measure.mean.width * house[growthName(piece, 'width')] * house.swingRh) / 10,
		height: (measure.mean.height * house[growthName(piece, 'height')] * house.swingRh) / 10
	};
}

/** Across the grain unless the grain is known to run along this axis; resin-coated paper hardly moves. */
export function growthName(piece: Piece, axis: keyof Size): GrowthName {
	if (piece.resinCoated) return 'paperGrowthAlong';
	return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'paperGrowthAcross';
}
