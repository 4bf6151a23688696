/** The piece itself. */
import type { PieceKind } from '../../../job/kinds.ts';
import { rectangle } from '../../../figures/scene.ts';
import type { Piece } from '../../../job/decide-piece.ts';
import { named } from '../../../rule/sights.ts';
import { at, houseTerms, largest, over, plain, type Term } from '../../../rule/term.ts';
import type { House } from '../../../shop/house.ts';
import { PAPER } from '../../../shop/colours.ts';
import type { LayerDefinition } from './layer.ts';
import { pieceStart } from './section-rings.ts';

const NAMES: Record<PieceKind, string> = {
	paper: 'The sheet',
	photograph: 'The sheet',
	vellum: 'The sheet',
	panel: 'The panel',
	canvas: 'The canvas',
	textile: 'The textile',
	object: 'The piece',
	bone: 'The piece'
};

export const piece: LayerDefinition = {
	side: 'piece',
	each: null,
	faces: false,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: ({ piece: of, windows }, { house }) => [
		{
			material: null,
			thickness: thicknessOf(of, house).value,
			...(windows.some(({ way }) => way === 'float') ? { inside: true as const } : {})
		}
	],
	where: () => '',
	thickness: (_, { piece: of }, house) => thicknessOf(of, house),
	name: (_, { piece: of }) => NAMES[of.kind],
	look: () => ({ fill: PAPER, hatch: 'paper' }),
	drawn: ({ layer, top, job, sight, layout }) => {
		const start = Math.max(layout.breakTo, pieceStart(sight, job, layout));
		const at = job.mats.length === 0 ? layout.window : start;
		const { relief } = sight.piece;
		const sheet = { ring: rectangle(at, top, layout.end - at, layer.thickness) };
		return relief > 0
			? [sheet, { ring: rectangle(layout.end - 11, top - relief, 8, relief), title: 'Its highest relief' }]
			: [sheet];
	},
	weighs: ({ job, sheetGrams }, _, add) => {
		for (const [index, grams] of sheetGrams.entries()) {
			const sheet = at(named(job.several ? index + 1 : null, 'hold.sheetGrams'), grams);
			add(job.several ? `piece ${index + 1}` : 'piece', over(sheet, plain(1000)), 1);
		}
	},
	cut: () => {}
};

function thicknessOf({ thickness }: Piece, house: House): Term {
	return largest(at('job.piece.thickness', thickness), houseTerms(house)('thinnestSheet'));
}
