/** The under-mat: the board that the piece is held on; covered with cloth where it is lined. */
import { tidy } from '../../../units/round.ts';
import { plus } from '../../../rule/why.ts';
import { areaM2 } from '../areas.ts';
import { boardLayer } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';

export const underMat: LayerDefinition = {
	...boardLayer,
	closes: true,
	// What carries a float lies against it.
	touchesFloat: true,
	found: ({ guard }, { house }) =>
		guard.underMat
			? [{ material: guard.underMat.id, thickness: guard.underMat.thickness + (guard.lining ? house.liningThick : 0) }]
			: [],
	where: () => 'guard.underMat',
	thickness: (layer, job) => plus([boardLayer.thickness(layer, job), ...(job.guard.lining ? ['shop.house.liningThick'] : [])]),
	weighs: ({ job: { guard }, window }, _, add) => {
		if (guard.underMat) add('under-mat', areaM2(window.pack) * guard.underMat.massPerM2, guard.underMat.buffers);
	},
	cut: ({ job: { guard }, house, plan, board }, _, add) => {
		if (guard.underMat) board('under-mat', guard.underMat.id);
		if (!guard.lining) return;
		const turned = (side: number) => tidy(side + 2 * house.clothTurn);
		const size = { width: turned(plan.window.pack.width), height: turned(plan.window.pack.height) };
		const of = (axis: string) => `window.pack.${axis} + 2 * shop.house.clothTurn`;
		add({ role: 'cloth over the board', material: 'undyed-cloth', ...size, count: 1, from: 'cloth' }, of('width'), of('height'));
	}
};
