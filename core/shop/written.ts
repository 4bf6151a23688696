/** A shop as it is written down: what the house set for itself, and the shop that jobs are planned for. */
import { readAbout, type About } from './about.ts';
import type { OwnPlace } from './own-places.ts';
import { readMaterials, withMaterials, type WrittenMaterial } from './catalogue.ts';
import { readPackSizes, type WrittenSize } from './pack-sizes.ts';
import type { WrittenShelfItem } from './shelf.ts';
import { readHouse, type WrittenFigure } from './own-house.ts';
import { readSchools, type OwnSchool } from './own-schools.ts';
import { readOwnSteps, type OwnStep } from './own-steps.ts';
import { builtInShop, withHouses, withPackSizes, withSchools, withSteps, type Shop } from './shop.ts';

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
	/** Its words, minutes and steps at the bench. */
	steps: readonly OwnStep[];
};

/** What of a written shop bears on plans and their prices. */
type Planning = Pick<WrittenShop, 'about' | 'packSizes' | 'materials' | 'house' | 'schools' | 'steps'>;

/** The shop of what was written; a list that can't be read (an older version kept it) stays as it comes. */
export function shopFrom({ about, packSizes, materials, house, schools, steps }: Planning): Shop {
	const [said, sizes, catalogue, figures, sides, own] = [
		readAbout(about),
		readPackSizes(packSizes),
		readMaterials(materials),
		readHouse(house),
		readSchools(schools),
		readOwnSteps(steps)
	];
	const sized = sizes.ok ? withPackSizes(builtInShop, sizes.sizes) : builtInShop;
	const shop = figures.ok && house.length > 0 ? withHouses(sized, figures.own) : sized;
	const stocked = catalogue.ok ? withMaterials(shop, catalogue.materials) : shop;
	const sided = sides.ok && sides.schools.length > 0 ? withSchools(stocked, sides.schools) : stocked;
	const stepped = own.ok && own.steps.length > 0 ? withSteps(sided, own.steps) : sided;
	return said.ok && said.about.currency ? { ...stepped, currency: said.about.currency } : stepped;
}
