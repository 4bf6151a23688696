/** What carries the piece: the support of a float, and board that comes with its adhesive on it. */
import { rectangle } from '../../../figures/scene.ts';
import { openingsOf } from '../../../figures/window.ts';
import { hasOwnBoard } from '../../hold/as-laid.ts';
import { named as sightPath } from '../../../rule/sights.ts';
import { at, houseTerms, over, sizeTerms, sum, times } from '../../../rule/term.ts';
import { areaM2 } from '../areas.ts';
import { boardLayer, massOf } from './board-layer.ts';
import type { Found, LayerDefinition } from './layer.ts';
import { pieceStart } from './section-rings.ts';
import { known, nth, there } from '../../../units/there.ts';

export const support: LayerDefinition = {
	...boardLayer,
	closes: true,
	found: (job, { house }) => {
		const board = job.windows.find((window) => window.support)?.support;
		const inside: Pick<Found, 'inside'> = job.windows.some(({ way }) => way === 'float') ? { inside: true } : {};
		return [
			...(board ? [{ material: board.id, thickness: board.thickness, ...inside }] : []),
			// It lies in the pack with the sheet.
			...(hasOwnBoard(job) ? [{ material: job.hold.adhesive.id, thickness: house.adhesiveBoardThick, ...inside }] : [])
		];
	},
	where: () => 'window.support',
	thickness: (layer, job, house) =>
		layer.material === job.hold.adhesive.id ? houseTerms(house)('adhesiveBoardThick') : boardLayer.thickness(layer, job, house),
	name: (layer, job, shop) =>
		shop.boards[there(layer.material, 'material')]
			? boardLayer.name(layer, job, shop)
			: known(shop.adhesives, there(layer.material, 'material')).name,
	drawn: ({ layer, top, bottom, job, sight, layout }) => {
		// Board that comes with its adhesive on it is as large as the sheet.
		if (!sight.opening.support) {
			const at = Math.max(layout.breakTo, pieceStart(sight, job, layout));
			return [{ ring: rectangle(at, top, layout.end - at, layer.thickness) }];
		}
		const { usable } = sight.measure;
		const left = usable.left + (usable.width - sight.opening.support.width) / 2;
		const start = (job.mats.length === 0 ? layout.window : layout.window - sight.opening.sees.left) + left;
		const undercut = sight.choice.bevelledSupport ? Math.min(layer.thickness, layout.end - start) : 0;
		return [
			{
				ring: [
					{ x: start, y: top },
					{ x: layout.end, y: top },
					{ x: layout.end, y: bottom },
					{ x: start + undercut, y: bottom }
				]
			}
		];
	},
	weighs: ({ job, window, sheetGrams, house }, _, add) => {
		for (const [index, { support: size }] of openingsOf(window).entries()) {
			const board = nth(job.windows, index).support;
			const path = sightPath(job.several ? index + 1 : null, 'window.support');
			if (size && board) add(`support ${index + 1}`, times(areaM2(path, size), massOf(board)), board.buffers);
		}
		if (!hasOwnBoard(job)) return;
		// As large as the sheets, whose grams say how large they are.
		const sheets = sheetGrams.map((grams, index) => {
			const under = (path: string, value: number) => at(sightPath(job.several ? index + 1 : null, path), value);
			return over(under('hold.sheetGrams', grams), under('job.piece.grammage', nth(job.pieces, index).grammage));
		});
		add('adhesive board', times(sum(...sheets), houseTerms(house)('adhesiveBoardKgM2')), 1);
	},
	cut: ({ job, plan }, _, add) => {
		for (const [index, { support: size }] of openingsOf(plan.window).entries()) {
			const path = sightPath(job.several ? index + 1 : null, 'window.support');
			const more = job.several ? { of: `window ${index + 1}` } : {};
			if (size)
				add({
					role: 'support',
					material: there(nth(job.windows, index).support, 'support').id,
					...sizeTerms(path, size),
					count: 1,
					from: 'sheet',
					...more
				});
		}
	}
};
