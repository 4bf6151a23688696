/** What a line of the cut list is cut from, as it is said: "Cotton museum board, 4-ply". */
import type { Shop } from '../../shop/shop.ts';
import { showLength, showSize, type Reader } from '../../units/show.ts';
import type { Cut } from '../../figures/cut.ts';
import { there } from '../../units/there.ts';

export function materialName({ material }: Pick<Cut, 'material'>, shop: Shop): string {
	const { boards, glazings, adhesives, barriers, edgeSeals, dustCovers } = shop;
	const known =
		boards[material] ??
		glazings[material] ??
		adhesives[material] ??
		barriers[material] ??
		edgeSeals[material] ??
		dustCovers[material] ??
		OTHERS[material];
	return known?.name ?? material.replace(/-/g, ' ');
}

/** What is of no list of the shop. */
const OTHERS: Readonly<Record<string, { name: string }>> = {
	acrylic: { name: 'Acrylic spacer stick' },
	'wood-lined': { name: 'Wood spacer stick, lined' },
	'undyed-cloth': { name: 'Washed, undyed cloth' },
	gummed: { name: 'Gummed tape' },
	'self-adhesive': { name: 'Self-adhesive backing tape' }
};

/** What is cut: `mat 2`, `under-mat`, `lift`. */
export function lineName({ role, of }: Cut): string {
	return of?.startsWith(`${role} `) ? of : role;
}

/** What tells a line apart from those beside it: `mat 2, left (from the front)`, `shell, opening 402 × 551`. */
export function lineDetail(cut: Cut, reader: Reader): string {
	const layers = cut.layers === undefined ? '' : `${cut.layers} layers`;
	const high = cut.high === undefined ? '' : `${showLength(cut.high, reader, 'fine').text} high`;
	const opening = cut.opening ? `opening ${showSize(cut.opening, reader)}` : '';
	const of = lineName(cut) === cut.role ? cut.of : undefined;
	return [of, cut.side && SIDE_WORDS[cut.side], cut.colour, opening, high, layers].filter(Boolean).join(', ');
}

/** The list is read before anything is turned over: its sides are those of the front. */
export const SIDE_WORDS = {
	top: 'top',
	right: 'right (from the front)',
	bottom: 'bottom',
	left: 'left (from the front)'
} as const;

/** `542 × 701`; of a spacer `542 × 6 high × 5 thick`, of a wire its length. */
export function lineSize(cut: Cut, reader: Reader): string {
	if (cut.height === 0) return showLength(cut.width, reader).text;
	if (cut.role !== 'spacer') return showSize(cut, reader);
	return `${showLength(cut.width, reader).text} × ${showLength(there(cut.high, 'high'), reader, 'fine').text} high × ${showLength(cut.height, reader).text} thick`;
}
