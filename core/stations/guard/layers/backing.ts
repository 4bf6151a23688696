/** The backing: the last board, which closes the pack. */
import { areaM2 } from '../areas.ts';
import { boardLayer } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';

export const backing: LayerDefinition = {
	...boardLayer,
	closes: false,
	found: ({ guard }) => (guard.backing ? [{ material: guard.backing.id, thickness: guard.backing.thickness }] : []),
	where: () => 'guard.backing',
	weighs: ({ job: { guard }, window }, _, add) => {
		if (guard.backing) add('backing', areaM2(window.pack) * guard.backing.massPerM2, guard.backing.buffers);
	},
	cut: ({ job: { guard }, board }) => {
		if (guard.backing) board('backing', guard.backing.id);
	}
};
