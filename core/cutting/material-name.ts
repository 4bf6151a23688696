/** What a line of the cut list is cut from, as it is said: "Cotton museum board, 4-ply". */
import type { Shop } from '../shop/shop.ts';
import type { Cut } from './list.ts';

export function materialName({ material }: Cut, shop: Shop): string {
	const { boards, glazings, adhesives, barriers, edgeSeals } = shop;
	const known = boards[material] ?? glazings[material] ?? adhesives[material] ?? barriers[material] ?? edgeSeals[material];
	return known?.name ?? material.replace(/-/g, ' ');
}
