/** The backing: the last board, which closes the pack. */
import { areaM2 } from '../areas.ts';
import { at, over, times } from '../../../rule/term.ts';
import { boardLayer, massOf } from './board-layer.ts';
import { there } from '../../../units/there.ts';
import type { LayerDefinition } from './layer.ts';

export const backing: LayerDefinition = {
	...boardLayer,
	closes: false,
	found: ({ guard }) => (guard.backing ? [{ material: guard.backing.id, thickness: guard.backing.thickness }] : []),
	where: () => 'guard.backing',
	name: (_, { guard }) => there(guard.backing, 'backing').name,
	thickness: ({ material, thickness }, { kept }) =>
		kept.back?.thickness == null ? at(`shop.boards[${material}].thickness`, thickness) : at('job.kept.back.thickness', thickness),
	weighs: ({ job: { guard, kept }, window }, _, add) => {
		const { backing: board } = guard;
		if (!board) return;
		// One that stays and was measured: heavier than the catalogue's by as much as it is thicker.
		const thicker = kept.back?.thickness;
		const listed = thicker == null ? null : { mass: kept.back?.listedMassPerM2 ?? 0, thickness: kept.back?.listedThickness ?? 1 };
		const mass = listed
			? times(
					massOf({ id: board.id, massPerM2: listed.mass }),
					over(at('job.kept.back.thickness', board.thickness), at(`shop.boards[${board.id}].thickness`, listed.thickness))
				)
			: massOf(board);
		add('backing', times(areaM2('window.pack', window.pack), mass), board.buffers);
	},
	cut: ({ job: { guard, kept }, board }) => {
		if (guard.backing && !kept.back) board('backing', guard.backing.id);
	}
};
