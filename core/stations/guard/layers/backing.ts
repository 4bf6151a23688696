/** The backing: the last board, which closes the pack. */
import { areaM2 } from '../areas.ts';
import { times } from '../../../rule/term.ts';
import { boardLayer, massOf } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';

export const backing: LayerDefinition = {
	...boardLayer,
	closes: false,
	found: ({ guard }) => (guard.backing ? [{ material: guard.backing.id, thickness: guard.backing.thickness }] : []),
	where: () => 'guard.backing',
	weighs: ({ job: { guard }, window }, _, add) => {
		if (guard.backing) add('backing', times(areaM2('window.pack', window.pack), massOf(guard.backing)), guard.backing.buffers);
	},
	cut: ({ job: { guard }, board }) => {
		if (guard.backing) board('backing', guard.backing.id);
	}
};
