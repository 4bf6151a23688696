/** A filler: board behind the piece that fills the rabbet. */
import { inSentence } from '../../../units/in-sentence.ts';
import { fillerBoards, fillerStack } from '../../pack/made.ts';
import { areaM2 } from '../areas.ts';
import { at, over, times } from '../../../rule/term.ts';
import { boardLayer, massOf } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';
import { layersNearest } from './stacked.ts';
import { known, nth } from '../../../units/there.ts';

export const filler: LayerDefinition = {
	...boardLayer,
	each: 'fillers',
	closes: false,
	found: (job, shop, index) => {
		const { board, thickness } = nth(job.guard.fillers, index);
		return [
			{ material: board.id, thickness, made: fillerStack(thickness, fillerBoards(job, shop, index), shop.house.madeWithin) }
		];
	},
	where: (index) => `guard.fillers[${index}].board`,
	thickness: ({ index, thickness }) => at(`job.guard.fillers[${index}].thickness`, thickness),
	name: (layer, job, shop) => {
		const made = layer.made?.map((one) => inSentence(known(shop.boards, one.board).name));
		return `Filler, ${made?.join(' and ') ?? inSentence(boardLayer.name(layer, job, shop))}`;
	},
	weighs: ({ job, window }, index, add) => {
		const { board, thickness } = nth(job.guard.fillers, index);
		const mass = times(areaM2('window.pack', window.pack), massOf(board), at(`job.guard.fillers[${index}].thickness`, thickness));
		add(`filler ${index + 1}`, over(mass, at(`shop.boards[${board.id}].thickness`, board.thickness)), board.buffers);
	},
	cut: ({ job: { guard }, plan, board }, index) => {
		const { board: own, thickness } = nth(guard.fillers, index);
		const of = guard.fillers.length > 1 ? { of: `filler ${index + 1}` } : {};
		const made = plan.pack?.layers.find((layer) => layer.role === 'filler' && layer.index === index)?.made ?? [
			{ board: own.id, layers: layersNearest(thickness, own.thickness) }
		];
		for (const { board: id, layers: count } of made)
			board('filler', id, { count, ...(count > 1 ? { layers: count } : {}), ...of });
	}
};
