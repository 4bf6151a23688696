/** A lift: strips of board behind a mat, so that it stands off what lies behind it. */
import { CORE } from '../../../shop/colours.ts';
import { liftBoards, stackBeside } from '../../pack/made.ts';
import { at, over, sizeTerms, times } from '../../../rule/term.ts';
import { liftArea } from '../areas.ts';
import { massOf } from './board-layer.ts';
import type { LayerDefinition } from './layer.ts';
import { hatchOf } from './look.ts';
import { afterBreak, beforeBreak, revealsInside } from './section-rings.ts';
import { layersNearest } from './stacked.ts';
import { nth, there } from '../../../units/there.ts';

export const lift: LayerDefinition = {
	side: 'over',
	each: 'mats',
	faces: false,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: (job, shop, index) => {
		const { board, liftBoard, lift: height } = nth(job.mats, index);
		if (height <= 0) return [];
		const made = stackBeside(height, liftBoards(job, shop, index), job, shop.house.madeWithin);
		return [{ material: (liftBoard ?? board).id, thickness: height, made }];
	},
	where: () => '',
	thickness: ({ index, thickness }) => at(`job.mats[${index}].lift`, thickness),
	name: ({ index }) => `Lift behind mat ${there(index, 'index') + 1}`,
	look: ({ index }, { mats }) => ({ fill: CORE, hatch: hatchOf(nth(mats, there(index, 'index')).board.id) }),
	drawn: (of) => {
		const { layer, plan, layout } = of;
		const strips = nth(there(plan.window, 'window').mats, there(layer.index, 'index')).lift;
		// In a frame that is too small the strips have no room.
		if (!strips) return [];
		const end = layout.window - revealsInside(plan, there(layer.index, 'index')) - strips.setback;
		return end > layout.breakTo ? [beforeBreak(of), afterBreak(of, end)] : [beforeBreak(of)];
	},
	weighs: ({ job, window }, index, add) => {
		const planned = nth(window.mats, index).lift;
		if (!planned) return;
		const { board, liftBoard } = nth(job.mats, index);
		const strips = liftBoard ?? board;
		const path = `window.mats[${index}].lift`;
		const mass = times(liftArea(path, planned), massOf(strips), at(`${path}.height`, planned.height));
		add(`lift ${index + 1}`, over(mass, at(`shop.boards[${strips.id}].thickness`, strips.thickness)), 0);
	},
	// Each strip with its mat, its side, its layers.
	cut: ({ job, plan }, index, add) => {
		const planned = nth(plan.window.mats, index).lift;
		if (!planned) return;
		const { board } = nth(job.mats, index);
		const made = plan.pack?.layers.find((layer) => layer.role === 'lift' && layer.index === index)?.made ?? [
			{ board: board.id, layers: layersNearest(planned.height, board.thickness) }
		];
		const strips = [
			['uprights.left', 'left', planned.uprights.left],
			['uprights.right', 'right', planned.uprights.right],
			['crosses.top', 'top', planned.crosses.top],
			['crosses.bottom', 'bottom', planned.crosses.bottom]
		] as const;
		for (const { board: id, layers: count } of made)
			for (const [path, side, size] of strips)
				add({
					role: 'lift',
					material: id,
					...sizeTerms(`window.mats[${index}].lift.${path}`, size),
					high: at(`window.mats[${index}].lift.height`, planned.height),
					count,
					from: 'sheet',
					of: `mat ${index + 1}`,
					side,
					...(count > 1 ? { layers: count } : {})
				});
	}
};
