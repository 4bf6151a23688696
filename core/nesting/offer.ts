/** Which sheets a group of parts may be cut from: what the shop has, and the sizes that can be bought. */
import { sheetSizes } from '../shop/sheet-sizes.ts';
import type { Shop } from '../shop/shop.ts';
import { wholeCents } from '../units/round.ts';
import type { Unit } from '../units/length.ts';
import type { CuttingJob, SheetStock } from './figures.ts';
import type { PartGroup } from './parts.ts';

/** A full sheet or an offcut that lies in the shop. */
export type InStock = {
	id: number;
	kind: 'sheet' | 'offcut';
	material: string;
	colour: string;
	width: number;
	height: number;
	/** That no plan has taken. */
	free: number;
	place: string;
	lot: string;
};

/** A sheet that is to be bought is named so; one in stock by its number there. */
export const toBuy = (width: number, height: number): string => `buy ${width} × ${height}`;
export const inStock = (id: number): string => `stock ${id}`;

/** Without a price area stands for it: so many cents a square metre. */
const NO_PRICE = 1000;

/** How long a plan is looked for. */
const SECONDS = 4;
/** Sticks as they are bought (handbook frame#rails), the shorter first. */
const STICKS: Readonly<Record<Unit, readonly number[]>> = { mm: [2400, 3000], in: [96 * 25.4, 120 * 25.4] };

/** @returns what the house takes off boards and glazing; a mitre takes √2 of the saw's kerf, and the trim of a stick is off already */
function wayOf({ from }: PartGroup, { house }: Shop): Pick<CuttingJob, 'kerf' | 'trim' | 'minOffcut' | 'seconds'> {
	return from === 'stick'
		? { kerf: house.kerf * Math.SQRT2, trim: 0, minOffcut: house.offcutLeast, seconds: SECONDS }
		: { kerf: house.sheetKerf, trim: house.sheetTrim, minOffcut: house.offcutLeast, seconds: SECONDS };
}

/**
 * The cutting job of a group. Offcuts cost nothing, a sheet its area's price in cents; one that must be bought counts as much more as the
 * dearest sheet that is there, so that the rack is emptied before anything is ordered.
 */
export function cuttingJobOf(group: PartGroup, stock: readonly InStock[], shop: Shop, unit: Unit): CuttingJob {
	const { material, colour, parts } = group;
	const way = wayOf(group, shop);
	const blanks = parts.map(({ id, width, height, count: wanted, turn }) => ({ id, width, height, count: wanted, turn }));
	if (group.from === 'stick') return { ...way, sheets: sticksFor(group, shop, unit), blanks };
	const price = (shop.boards[material] ?? shop.glazings[material])?.pricePerM2 ?? NO_PRICE;
	const costOf = (width: number, height: number): number => Math.max(1, wholeCents((width * height * price) / 1e6));
	const count = parts.reduce((sum, part) => sum + part.count, 0);
	const there = stock
		.filter((one) => one.material === material && (colour === '' || one.colour === colour) && one.free > 0)
		.map((one): SheetStock => ({
			id: inStock(one.id),
			width: one.width,
			height: one.height,
			count: one.free,
			cost: one.kind === 'offcut' ? 0 : costOf(one.width, one.height)
		}));
	const dearest = Math.max(0, ...there.map(({ cost }) => cost));
	const bought = sheetSizes(material, unit, shop).map(({ width, height }): SheetStock => ({
		id: toBuy(width, height),
		width,
		height,
		count,
		cost: costOf(width, height) + dearest
	}));
	return {
		...way,
		sheets: [...there, ...bought],
		blanks
	};
}

/** Sticks of a moulding, less the trim of their ends, each costing its length. */
function sticksFor({ parts }: PartGroup, { house }: Shop, unit: Unit): SheetStock[] {
	const count = parts.reduce((sum, part) => sum + part.count, 0);
	const face = Math.max(...parts.map(({ height }) => height));
	return STICKS[unit].map((length) => ({
		id: `stick ${length}`,
		width: length - house.stickTrim,
		height: face,
		count,
		cost: Math.max(1, wholeCents(length))
	}));
}
