/** The under-mat: the board that the piece is held on; covered with cloth where it is lined. */
import { mapAxes } from '../../../geometry/shapes.ts';
import { at, houseTerms, sizeTerms, sum, tidied, times, twice, type Term } from '../../../rule/term.ts';
import type { Board } from '../../../shop/boards.ts';
import type { House } from '../../../shop/house.ts';
import { there } from '../../../units/there.ts';
import { areaM2 } from '../areas.ts';
import { boardLayer, massOf } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';

export const underMat: LayerDefinition = {
	...boardLayer,
	closes: true,
	// What carries a float lies against it.
	touchesFloat: true,
	standsOff: false,
	found: ({ guard }, { house }) =>
		guard.underMat ? [{ material: guard.underMat.id, thickness: thicknessOf(guard.underMat, guard.lining, house).value }] : [],
	where: () => 'guard.underMat',
	thickness: (_, { guard }, house) => thicknessOf(there(guard.underMat, 'under-mat'), guard.lining, house),
	weighs: ({ job: { guard }, window }, _, add) => {
		if (guard.underMat)
			add('under-mat', times(areaM2('window.pack', window.pack), massOf(guard.underMat)), guard.underMat.buffers);
	},
	cut: ({ job: { guard }, house, plan, board }, _, add) => {
		if (guard.underMat) board('under-mat', guard.underMat.id);
		if (!guard.lining) return;
		const pack = sizeTerms('window.pack', plan.window.pack);
		const turned = mapAxes((axis) => tidied(sum(pack[axis], twice(houseTerms(house)('clothTurn')))));
		add({ role: 'cloth over the board', material: 'undyed-cloth', ...turned, count: 1, from: 'cloth' });
	}
};

function thicknessOf({ id, thickness }: Board, isLined: boolean, house: House): Term {
	const bare = at(`shop.boards[${id}].thickness`, thickness);
	return isLined ? sum(bare, houseTerms(house)('liningThick')) : bare;
}
