/** How much the sheet can grow or shrink over the house swing of humidity (handbook measure#movement). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { House } from '../../shop/house.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Figure } from '../../rule/book.ts';
import { at, houseTerms, over, plain, times, type Term } from '../../rule/term.ts';

type GrowthName = 'paperGrowthAcross' | 'paperGrowthAlong' | 'vellumGrowth' | 'panelGrowth';

/** Length × growth per 10 % RH × swing, per axis, mm. */
export function planMovement(piece: Piece, house: House, measure: Measure, figure: Figure): Size {
	const along = (axis: keyof Size) =>
		figure(
			`movement.${axis}`,
			times(at(`measure.mean.${axis}`, measure.mean[axis]), movementOf(piece, house, axis)),
			'measure#movement'
		).value;
	return { width: along('width'), height: along('height') };
}

/** As a share of its length. */
export function movementOf(piece: Piece, of: House, axis: keyof Size): Term {
	const house = houseTerms(of);
	return over(times(house(growthName(piece, axis)), house('swingRh')), plain(10));
}

/** Skin and panels by their own figures; paper across the grain unless the grain is known to run along this axis; resin-coated paper hardly moves. */
function growthName(piece: Piece, axis: keyof Size): GrowthName {
	if (piece.kind === 'vellum') return 'vellumGrowth';
	if (piece.kind === 'panel') return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'panelGrowth';
	if (piece.resinCoated) return 'paperGrowthAlong';
	return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'paperGrowthAcross';
}
