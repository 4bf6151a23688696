/** A barrier: film or foil that keeps what lies behind it from the piece. */
import { areaM2 } from '../areas.ts';
import { boardLayer } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';
import { known, there } from '../../../units/there.ts';

export const barrier: LayerDefinition = {
	...boardLayer,
	closes: true,
	found: ({ guard }) => (guard.barrier ? [{ material: guard.barrier.id, thickness: guard.barrier.thickness }] : []),
	where: () => 'guard.barrier',
	thickness: ({ material }) => `shop.barriers[${material}].thickness`,
	name: ({ material }, _, shop) => known(shop.barriers, there(material, 'material')).name,
	look: () => ({ fill: '#b9bec2', hatch: 'film' }),
	weighs: ({ job: { guard }, window }, _, add) => {
		if (guard.barrier) add('barrier', areaM2(window.pack) * guard.barrier.massPerM2, guard.barrier.buffers);
	},
	cut: ({ job: { guard }, board }) => {
		if (guard.barrier) board('barrier', guard.barrier.id);
	}
};
