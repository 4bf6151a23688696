/** A shop as it is written down: what the house set for itself, and the shop that jobs are planned for. */
import type { OwnPlace } from '../light/own-places.ts';
import { readMaterials, withMaterials, type WrittenMaterial } from './catalogue.ts';
import { readPackSizes, type WrittenSize } from './pack-sizes.ts';
import type { WrittenShelfItem } from './shelf.ts';
import { builtInShop, withPackSizes, type Shop } from './shop.ts';

export type WrittenShop = {
	packSizes: readonly WrittenSize[];
	/** Changed and own materials. */
	materials: readonly WrittenMaterial[];
	places: readonly OwnPlace[];
	/** Ready frames and sticks that it has. */
	shelf: readonly WrittenShelfItem[];
};

/** The shop of what was written; a list that can't be read (an older version kept it) stays as it comes. */
export function shopFrom({ packSizes, materials }: Pick<WrittenShop, 'packSizes' | 'materials'>): Shop {
	const [sizes, catalogue] = [readPackSizes(packSizes), readMaterials(materials)];
	const shop = sizes.ok ? withPackSizes(builtInShop, sizes.sizes) : builtInShop;
	return catalogue.ok ? withMaterials(shop, catalogue.materials) : shop;
}
