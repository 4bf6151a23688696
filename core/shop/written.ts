/** A shop as it is written down: what the house set for itself, and the shop that jobs are planned for. */
import { readAbout, type About } from './about.ts';
import type { OwnPlace } from './own-places.ts';
import { readMaterials, withMaterials, type WrittenMaterial } from './catalogue.ts';
import { readPackSizes, type WrittenSize } from './pack-sizes.ts';
import type { WrittenShelfItem } from './shelf.ts';
import { readHouse, type WrittenFigure } from './own-house.ts';
import { readSchools, type OwnSchool } from './own-schools.ts';
import { builtInShop, withHouses, withPackSizes, withSchools, type Shop } from './shop.ts';

export type WrittenShop = {
	/** What it says of itself. */
	about: About;
	packSizes: readonly WrittenSize[];
	/** Changed and own materials. */
	materials: readonly WrittenMaterial[];
	places: readonly OwnPlace[];
	/** Ready frames and sticks that it has. */
	shelf: readonly WrittenShelfItem[];
	/** House figures of its own, in the house of millimetres and in that of inches. */
	house: readonly WrittenFigure[];
	/** Its side where practitioners differ. */
	schools: readonly OwnSchool[];
};

/** What of a written shop bears on plans and their prices. */
type Planning = Pick<WrittenShop, 'about' | 'packSizes' | 'materials' | 'house' | 'schools'>;

/** The shop of what was written; a list that can't be read (an older version kept it) stays as it comes. */
export function shopFrom({ about, packSizes, materials, house, schools }: Planning): Shop {
	const [said, sizes, catalogue, figures, sides] = [
		readAbout(about),
		readPackSizes(packSizes),
		readMaterials(materials),
		readHouse(house),
		readSchools(schools)
	];
	const sized = sizes.ok ? withPackSizes(builtInShop, sizes.sizes) : builtInShop;
	const shop = figures.ok && house.length > 0 ? withHouses(sized, figures.own) : sized;
	const stocked = catalogue.ok ? withMaterials(shop, catalogue.materials) : shop;
	const sided = sides.ok && sides.schools.length > 0 ? withSchools(stocked, sides.schools) : stocked;
	return said.ok && said.about.currency ? { ...sided, currency: said.about.currency } : sided;
}
