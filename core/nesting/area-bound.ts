/** What the areas alone force: so many full sheets, so much cost, once every offcut is used up. */
import type { Instance, SheetKind } from './instance.ts';

/** Rounding of large areas: less than this share of a sheet is no more sheet. */
const TINY = 1e-9;

/** @returns full sheets, and the cost of the cheapest area; both are lower bounds of any plan that places every blank */
export function areaBound({ blanks, sheets }: Instance): { sheets: number; cost: number } {
	const free = sheets.filter(({ cost }) => cost === 0).reduce((sum, { area, count }) => sum + area * count, 0);
	const wanted = blanks.reduce((sum, { area, count }) => sum + area * count, 0) - free;
	const full = sheets.filter(({ cost }) => cost > 0);
	const alike = new Set(full.map(({ cost }) => cost)).size === 1;
	const fewest = filling(full, wanted, (one, other) => other.area - one.area, true).sheets;
	const cheapest = filling(full, wanted, (one, other) => one.cost / one.area - other.cost / other.area, false).cost;
	return { sheets: fewest, cost: alike ? fewest * (full[0]?.cost ?? 0) : cheapest };
}

function filling(full: SheetKind[], wanted: number, order: (one: SheetKind, other: SheetKind) => number, whole: boolean) {
	let left = wanted;
	let sheets = 0;
	let cost = 0;
	for (const sheet of [...full].sort(order)) {
		if (left <= sheet.area * TINY) break;
		const share = Math.min(sheet.count, left / sheet.area);
		const taken = whole ? Math.ceil(share - TINY) : share;
		sheets += taken;
		cost += taken * sheet.cost;
		left -= taken * sheet.area;
	}
	return { sheets, cost };
}
