/** How much the sheet can grow or shrink over the house swing of humidity (handbook measure#movement). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { House } from '../../shop/house.ts';
import type { Measure } from '../../figures/measure.ts';

export type GrowthName = 'paperGrowthAcross' | 'paperGrowthAlong' | 'vellumGrowth' | 'panelGrowth';

/** Length × growth per 10 % RH × swing, per axis, mm. */
export function planMovement(piece: Piece, house: House, measure: Measure): Size {
	return {
		width: measure.mean.width * movementOf(piece, house, 'width'),
		height: measure.mean.height * movementOf(piece, house, 'height')
	};
}

/** As a share of its length. */
export function movementOf(piece: Piece, house: House, axis: keyof Size): number {
	return (house[growthName(piece, axis)] * house.swingRh) / 10;
}

/** Skin and panels by their own figures; paper across the grain unless the grain is known to run along this axis; resin-coated paper hardly moves. */
export function growthName(piece: Piece, axis: keyof Size): GrowthName {
	if (piece.kind === 'vellum') return 'vellumGrowth';
	if (piece.kind === 'panel') return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'panelGrowth';
	if (piece.resinCoated) return 'paperGrowthAlong';
	return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'paperGrowthAcross';
}
