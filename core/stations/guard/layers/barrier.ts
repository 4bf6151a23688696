/** A barrier: film or foil that keeps what lies behind it from the piece. */
import { at, times } from '../../../rule/term.ts';
import { areaM2 } from '../areas.ts';
import { boardLayer } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';
import { known, there } from '../../../units/there.ts';

export const barrier: LayerDefinition = {
	...boardLayer,
	closes: true,
	found: ({ guard }) => (guard.barrier ? [{ material: guard.barrier.id, thickness: guard.barrier.thickness }] : []),
	where: () => 'guard.barrier',
	thickness: ({ material, thickness }) => at(`shop.barriers[${material}].thickness`, thickness),
	name: ({ material }, _, shop) => known(shop.barriers, there(material, 'material')).name,
	look: () => ({ fill: '#b9bec2', hatch: 'film' }),
	weighs: ({ job: { guard }, window }, _, add) => {
		if (!guard.barrier) return;
		const mass = at(`shop.barriers[${guard.barrier.id}].massPerM2`, guard.barrier.massPerM2);
		add('barrier', times(areaM2('window.pack', window.pack), mass), guard.barrier.buffers);
	},
	cut: ({ job: { guard }, board }) => {
		if (guard.barrier) board('barrier', guard.barrier.id);
	}
};
