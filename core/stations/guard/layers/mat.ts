/** A window mat: a blank of board with its window, bevelled. */
import { at, sizeTerms, times } from '../../../rule/term.ts';
import { matArea } from '../areas.ts';
import { massOf } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';
import { hatchOf } from './look.ts';
import { beforeBreak, revealsInside } from './section-rings.ts';
import { nth, there } from '../../../units/there.ts';

export const mat: LayerDefinition = {
	side: 'over',
	each: 'mats',
	faces: true,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: ({ mats }, _, index) => [{ material: nth(mats, index).board.id, thickness: nth(mats, index).board.thickness }],
	where: (index) => `mats[${index}].board`,
	thickness: ({ material, thickness }) => at(`shop.boards[${material}].thickness`, thickness),
	name: ({ index }, { mats }) =>
		`${nth(mats, there(index, 'index')).board.name}, ${nth(mats, there(index, 'index')).colour.said}`,
	look: ({ index }, { mats }) => ({
		fill: nth(mats, there(index, 'index')).colour.hex,
		hatch: hatchOf(nth(mats, there(index, 'index')).board.id)
	}),
	drawn: (of) => {
		const { layer, top, bottom, plan, job, layout } = of;
		const edge = layout.window - revealsInside(plan, there(layer.index, 'index'));
		const bevel =
			nth(job.mats, there(layer.index, 'index')).bevel === 'normal'
				? { top: edge - layer.thickness, bottom: edge }
				: { top: edge, bottom: edge - layer.thickness };
		const cut = [
			{ x: layout.breakTo, y: top },
			{ x: bevel.top, y: top },
			{ x: bevel.bottom, y: bottom },
			{ x: layout.breakTo, y: bottom }
		];
		return [beforeBreak(of), { ring: cut }];
	},
	weighs: ({ job, window }, index, add) => {
		const { board } = nth(job.mats, index);
		const { opening, holes } = nth(window.mats, index);
		const path = `window.mats[${index}]`;
		const sizes = holes
			? holes.map((hole, which) => ({ path: `${path}.holes[${which}].opening`, size: hole.opening }))
			: [{ path: `${path}.opening`, size: opening }];
		const openings = sizes.map((one, which) => ({ ...one, shape: nth(job.windows, which).shape }));
		add(`mat ${index + 1}`, times(matArea('window.pack', window.pack, openings), massOf(board)), board.buffers);
	},
	cut: ({ job, plan }, index, add) => {
		const planned = nth(plan.window.mats, index);
		const at = `window.mats[${index}]`;
		const { board, colour, have } = nth(job.mats, index);
		// One that was bought is in no list; one that was cut here has used its board.
		if (have && !have.cut) return;
		// A printed mat keeps the strip that the cutter's clamps hold until the last cut.
		const size = planned.print ? sizeTerms(`${at}.print.board`, planned.print.board) : sizeTerms(`${at}.blank`, planned.blank);
		add({
			role: 'mat',
			material: board.id,
			...size,
			count: 1,
			from: 'sheet',
			of: `mat ${index + 1}`,
			colour: colour.said,
			opening: sizeTerms(`${at}.opening`, planned.opening)
		});
	}
};
