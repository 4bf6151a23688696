/** Which sheets a group of parts may be cut from: what the shop has, and the sizes that can be bought. */
import { sheetSizes } from '../shop/sheet-sizes.ts';
import type { Shop } from '../shop/shop.ts';
import { wholeCents } from '../units/round.ts';
import type { Unit } from '../units/length.ts';
import type { CuttingJob, SheetStock } from './figures.ts';
import type { LotsAndJobs } from './lots.ts';
import type { PartGroup } from './parts.ts';
import { sheetId } from './sources.ts';

/** What sheets and sticks in the shop are, a lite being one that is cut to a size; each but the first costs a plan nothing. */
export const SHEET_KINDS = ['sheet', 'offcut', 'drop-out', 'lite', 'stick'] as const;
export type StockKind = (typeof SHEET_KINDS)[number];

/** A full sheet, an offcut or a drop-out that lies in the shop; a stick, as long as it is wide. */
export type InStock = {
	id: number;
	kind: StockKind;
	material: string;
	colour: string;
	width: number;
	height: number;
	/** That no plan has taken. */
	free: number;
	place: string;
	lot: string;
};

/** Without a price area stands for it: so many cents a square metre. */
const NO_PRICE = 1000;

/** How long a plan is looked for. */
const SECONDS = 4;
/** Sticks as they are bought (handbook frame#rails), the shorter first. */
const STICKS: Readonly<Record<Unit, readonly number[]>> = { mm: [2400, 3000], in: [96 * 25.4, 120 * 25.4] };

/** @returns what the house takes off boards and glazing; a mitre takes √2 of the saw's kerf, the trim of a stick is off already, and its rest is as low as it is */
function wayOf({ from, parts }: PartGroup, { house }: Shop): Pick<CuttingJob, 'kerf' | 'trim' | 'minOffcut' | 'seconds'> {
	return from === 'stick'
		? {
				kerf: house.kerf * Math.SQRT2,
				trim: 0,
				minOffcut: Math.min(house.offcutLeast, ...parts.map(({ height }) => height)),
				seconds: SECONDS
			}
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
	if (group.from === 'stick') return { ...way, sheets: sticksFor(group, stock, shop, unit), blanks };
	const price = (shop.boards[material] ?? shop.glazings[material])?.pricePerM2 ?? NO_PRICE;
	const costOf = (width: number, height: number): number => Math.max(1, wholeCents((width * height * price) / 1e6));
	const count = parts.reduce((sum, part) => sum + part.count, 0);
	const there = stock
		.filter(
			(one) => one.kind !== 'stick' && one.material === material && (colour === '' || one.colour === colour) && one.free > 0
		)
		.map((one): SheetStock => ({
			id: sheetId({ from: 'stock', id: one.id }),
			width: one.width,
			height: one.height,
			count: one.free,
			cost: one.kind === 'sheet' ? costOf(one.width, one.height) : 0
		}));
	const dearest = Math.max(0, ...there.map(({ cost }) => cost));
	const bought = sheetSizes(material, unit, shop).map(({ width, height }): SheetStock => ({
		id: sheetId({ from: 'bought', width, height }),
		width,
		height,
		count,
		cost: costOf(width, height) + dearest
	}));
	return {
		...way,
		sheets: [...there, ...dropsOf(group, way.minOffcut), ...bought],
		blanks
	};
}

/** What falls out of the mats of the group, for smaller blanks of it. */
function dropsOf({ parts }: PartGroup, least: number): SheetStock[] {
	return parts.flatMap(({ id, count, drops = [] }) =>
		drops
			.map(({ width, height }, index) => ({
				id: sheetId({ from: 'drop-out', part: id, which: index + 1 }),
				width,
				height,
				count,
				cost: 0
			}))
			.filter(({ width, height }) => width >= least && height >= least)
	);
}

/** Sticks of a moulding, less the trim of their ends: the rests in the rack first, then what is bought, each costing its length. */
function sticksFor({ material, parts }: PartGroup, stock: readonly InStock[], { house }: Shop, unit: Unit): SheetStock[] {
	const count = parts.reduce((sum, part) => sum + part.count, 0);
	const face = Math.max(...parts.map(({ height }) => height));
	const rests = stock
		.filter((one) => one.kind === 'stick' && one.material === material && one.free > 0 && one.width > house.stickTrim)
		.map((one) => ({
			id: sheetId({ from: 'stock', id: one.id }),
			width: one.width - house.stickTrim,
			height: face,
			count: one.free,
			cost: isWhole(one.width, unit) ? Math.max(1, wholeCents(one.width)) : 0
		}));
	const dearest = Math.max(0, ...rests.map(({ cost }) => cost));
	return [
		...rests,
		...STICKS[unit].map((length) => ({
			id: sheetId({ from: 'stick', length }),
			width: length - house.stickTrim,
			height: face,
			count,
			cost: Math.max(1, wholeCents(length)) + dearest
		}))
	];
}

/** As it is bought, not a rest of it. */
const isWhole = (length: number, unit: Unit): boolean => length >= Math.min(...STICKS[unit]);

/** Which sheets are of which lot, and which blanks of which job, where lots of boards may be mixed. */
export function lotsOf(group: PartGroup, stock: readonly InStock[], { boards }: Shop): LotsAndJobs | null {
	if (!boards[group.material]) return null;
	return {
		lots: Object.fromEntries(stock.map(({ id, lot }) => [sheetId({ from: 'stock', id }), lot])),
		jobs: Object.fromEntries(group.parts.map(({ id, job }) => [id, job]))
	};
}
