/** The name of a layer as it is said: "cotton museum board, 4-ply, shell". */
import { inSentence } from '../../units/in-sentence.ts';
import type { PieceKind } from '../../job/decide-piece.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Layer } from '../../figures/pack.ts';
import type { Decided, SpacerMaterial } from '../../job/decided.ts';

export const SPACER_NAMES: Record<SpacerMaterial, string> = {
	cotton: 'Spacer, cotton board',
	acrylic: 'Spacer, acrylic',
	'wood-lined': 'Spacer, lined wood'
};

const PIECES: Partial<Record<PieceKind, string>> = {
	panel: 'The panel',
	canvas: 'The canvas',
	textile: 'The textile',
	object: 'The piece',
	bone: 'The piece'
};

export function layerName(layer: Layer, job: Decided, shop: Shop): string {
	if (layer.role === 'piece') return PIECES[job.piece.kind] ?? 'The sheet';
	if (layer.role === 'glazing') return job.guard.glazing.name;
	if (layer.role === 'spacer') return SPACER_NAMES[job.guard.spacer!.material];
	if (layer.role === 'barrier') return shop.barriers[layer.material!]!.name;
	if (layer.role === 'support' && !shop.boards[layer.material!]) return shop.adhesives[layer.material!]!.name;
	const board = shop.boards[layer.material!]!.name;
	if (layer.role === 'mat') return `${board}, ${job.mats[layer.index!]!.colour.said}`;
	if (layer.role === 'lift') return `Lift behind mat ${layer.index! + 1}`;
	if (layer.role !== 'filler') return board;
	const made = layer.made?.map((one) => inSentence(shop.boards[one.board]!.name));
	return `Filler, ${made?.join(' and ') ?? inSentence(board)}`;
}
