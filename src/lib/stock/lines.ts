/** Lines of stock in words. */
import type { InStock, StockKind } from '$core/nesting/offer.ts';
import { mouldingName } from '$core/shop/mouldings.ts';
import type { Shop } from '$core/shop/shop.ts';
import { materialName } from '$core/stations/cut/material-name.ts';
import type { Unit } from '$core/units/length.ts';
import { showLength, showSize } from '$core/units/show.ts';

export const STOCK_KINDS: Record<StockKind, string> = {
	sheet: 'full sheet',
	offcut: 'offcut',
	'drop-out': 'drop-out',
	lite: 'pane, cut to size',
	stick: 'stick'
};

export function lineName({ material }: Pick<InStock, 'material'>, shop: Shop, unit: Unit): string {
	const moulding = shop.mouldings[material];
	return moulding ? mouldingName(moulding, unit) : materialName({ material }, shop);
}

/** A stick is as long as it is. */
export const lineSize = (one: InStock, unit: Unit): string =>
	one.kind === 'stick' ? showLength(one.width, unit).text : showSize(one, unit);
