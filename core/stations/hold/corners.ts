/**
 * Corner pockets: folded paper triangles whose legs lie on the sheet's two edges, no adhesive (handbook hold#corners).
 *
 *   ┌────────leg──┐      The fold runs from leg to leg: x + y = leg. The window hides it exactly when the overlaps of the two
 *   │    ╱                sides that meet here add up to the leg or more.
 *   leg╱
 */
import type { SideName, Size } from '../../geometry/shapes.ts';
import type { WindowChoice } from '../../job/decide-window.ts';
import type { House } from '../../shop/house.ts';
import { there } from '../../units/there.ts';
import type { Opening } from '../../figures/window.ts';
import {
	at,
	half,
	houseTerms,
	largest,
	less,
	over,
	plain,
	root,
	sizeTerms,
	smallest,
	sum,
	times,
	type Term
} from '../../rule/term.ts';

/** The longest leg that the window hides at every corner, mm; 0 where none is. Under an oval the corners of the sheet lie farther off. */
export function hiddenLegOf(opening: Opening, shape: WindowChoice['shape'], sheet: Size): Term {
	const overlap = there(opening.overlap, 'overlap');
	if (shape === 'oval' || shape === 'circle') {
		const { width, height } = sizeTerms('window.opening', opening.opening);
		const mean = sizeTerms('measure.mean', sheet);
		const [a, b] = [half(width), half(height)];
		return largest(plain(0), less(half(sum(mean.width, mean.height)), root(sum(times(a, a), times(b, b)))));
	}
	const side = (name: SideName) => at(`window.overlap.${name}`, overlap[name]);
	return sum(smallest(side('top'), side('bottom')), smallest(side('left'), side('right')));
}

export function hiddenLeg(opening: Opening, shape: WindowChoice['shape'], sheet: Size): number {
	return hiddenLegOf(opening, shape, sheet).value;
}

/** min(40, short side/6, hidden − 1), never below 0. */
export function pocketLegOf(opening: Opening, shape: WindowChoice['shape'], sheet: Size, of: House): Term {
	const house = houseTerms(of);
	const mean = sizeTerms('measure.mean', sheet);
	const hidden = less(hiddenLegOf(opening, shape, sheet), house('pocketBehind'));
	return largest(plain(0), smallest(house('pocketMost'), over(smallest(mean.width, mean.height), plain(6)), hidden));
}

export function pocketLeg(opening: Opening, shape: WindowChoice['shape'], sheet: Size, house: House): number {
	return pocketLegOf(opening, shape, sheet, house).value;
}
