/** Items and orders in words. */
import { nameOfOwn, thingsOf, type Item } from '$core/nesting/items.ts';
import { mouldingName } from '$core/shop/mouldings.ts';
import type { Shop } from '$core/shop/shop.ts';
import { materialName } from '$core/stations/cut/material-name.ts';
import type { Unit } from '$core/units/length.ts';
import { showLength, showSize } from '$core/units/show.ts';

/** `Cotton museum board, 4-ply, white 1016 × 813`, `Ash, 22 face, sticks of 2400`, `Ring, one hole`. */
export function itemName(item: Item, shop: Shop, unit: Unit): string {
	const moulding = shop.mouldings[item.material];
	if (item.kind === 'stick' && moulding) return `${mouldingName(moulding, unit)}, sticks of ${showLength(item.width, unit).text}`;
	if (item.kind === 'thing')
		return nameOfOwn(item.material) ?? thingsOf(shop).find(({ id }) => id === item.material)?.name ?? item.material;
	return `${[materialName(item, shop), item.colour].filter(Boolean).join(', ')} ${showSize(item, unit)}`;
}

/** What one of it costs by the shop's prices; null where nobody has set one. */
export function itemCents({ kind, material, width, height }: Item, shop: Shop): number | null {
	const price =
		kind === 'thing'
			? (thingsOf(shop).find(({ id }) => id === material)?.cents ?? null)
			: ((shop.boards[material] ?? shop.glazings[material] ?? shop.mouldings[material])?.pricePerM2 ?? null);
	if (price === null) return null;
	const amount = kind === 'sheet' ? (width * height) / 1e6 : kind === 'stick' ? width / 1000 : 1;
	return Number((price * amount).toFixed(0));
}

export const countedIn = (item: Item, shop: Shop): string =>
	item.kind === 'thing' && thingsOf(shop).find(({ id }) => id === item.material)?.counted === 'm' ? ' m' : '';
