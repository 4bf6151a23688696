/** What is kept, ordered and counted: a sheet of a size, a stick of a length, or a thing by the piece or the metre. */
import type { Shop } from '../shop/shop.ts';

export const ITEM_KINDS = ['sheet', 'stick', 'thing'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];
/** A stick is as wide as it is long; a thing has no size. */
export type Item = { kind: ItemKind; material: string; colour: string; width: number; height: number };

/** As a line of a list is known by. */
export const itemKey = ({ kind, material, colour, width, height }: Item): string =>
	[kind, material, colour, width, height].join('|');

type Lists = Pick<Shop, 'rings' | 'hooks' | 'wireKinds' | 'cordKinds' | 'edgeSeals' | 'tapes' | 'tissueKinds' | 'adhesives'>;
/** Lists whose things are counted, and in what. */
const COUNTED: Record<keyof Lists, 'pieces' | 'm'> = {
	rings: 'pieces',
	hooks: 'pieces',
	wireKinds: 'm',
	cordKinds: 'm',
	edgeSeals: 'm',
	tapes: 'm',
	tissueKinds: 'pieces',
	adhesives: 'pieces'
};

export type Thing = { id: string; name: string; counted: 'pieces' | 'm'; cents: number | null };

/** Everything that a shop counts, by its id. @returns none of what was withdrawn */
export function thingsOf(shop: Lists): Thing[] {
	return (Object.keys(COUNTED) as (keyof Lists)[]).flatMap((list) =>
		Object.values(shop[list])
			.filter(({ withdrawn, id }) => !withdrawn && id !== 'none')
			.map(({ id, name, pricePerM2 }) => ({ id, name, counted: COUNTED[list], cents: pricePerM2 }))
	);
}

/** Whether a shop has such a thing to keep or order. */
export function isItem({ kind, material }: Pick<Item, 'kind' | 'material'>, shop: Shop): boolean {
	const lists: Record<ItemKind, () => boolean> = {
		sheet: () => Boolean(shop.boards[material] ?? shop.glazings[material]),
		stick: () => Boolean(shop.mouldings[material]),
		thing: () => nameOfOwn(material) !== null || thingsOf(shop).some(({ id }) => id === material)
	};
	return lists[kind]();
}

/** Before the name of a thing that no list of the shop has. */
const BY_NAME = 'own:';

export function itemByName(name: string): Item {
	return { kind: 'thing', material: `${BY_NAME}${name.trim()}`, colour: '', width: 0, height: 0 };
}

/** @returns its name; null for what stands in a list of the shop */
export function nameOfOwn(material: string): string | null {
	const name = material.startsWith(BY_NAME) ? material.slice(BY_NAME.length).trim() : '';
	return name === '' ? null : name;
}
