/** How much the sheet can grow or shrink over the house swing of humidity (handbook measure#movement). */
import type { Size } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import type { GrowthName } from '../../shop/supports.ts';
import type { House } from '../../shop/house.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Figure } from '../../rule/book.ts';
import { at, houseTerms, over, plain, times, type Term } from '../../rule/term.ts';

type Moves = GrowthName | 'woodAlongGrowth';

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

const OF_WOOD: readonly Moves[] = ['panelGrowth', 'panelTangential', 'panelQuarter'];

/** Skin, canvas and panels by their own figures; paper across the grain unless the grain is known to run along this axis; resin-coated paper hardly moves. */
function growthName(piece: Piece, axis: keyof Size): Moves {
	const { support } = piece;
	if (piece.kind === 'vellum') return 'vellumGrowth';
	if (piece.kind === 'canvas') return 'canvasGrowth';
	if (piece.kind === 'panel') {
		const moves = support?.growth ?? 'panelGrowth';
		return piece.grain === `along-${axis}` && OF_WOOD.includes(moves) ? 'woodAlongGrowth' : moves;
	}
	if (support?.growth) return support.growth;
	if (piece.resinCoated) return 'paperGrowthAlong';
	return piece.grain === `along-${axis}` ? 'paperGrowthAlong' : 'paperGrowthAcross';
}
