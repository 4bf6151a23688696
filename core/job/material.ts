/** Materials of the shop by their id, and figures of the house where the job gives none. */
import { ownOf } from '../units/by-own-keys.ts';
import { nearestWord } from '../units/nearest-word.ts';
import type { Grade } from '../shop/grades.ts';
import type { Shop } from '../shop/shop.ts';
import { showNumber, showWithUnit, type Reader } from '../units/show.ts';
import { jobDefinition } from './definition.ts';
import type { Field } from './field.ts';
import type { Fault } from './faults.ts';

export type Assumed = { path: string; is: string; by: string };

/** What was given, else the house's value, which is then written down as assumed. */
export type FromHouse = <T>(given: T | undefined, path: string, by: string, value: T) => T;

/** @returns a `FromHouse` that writes into `assumed`, as a person reads it: `1⁄4 in`, `Cotton museum board, 4-ply; shell` */
export function fromHouse(assumed: Assumed[], shop: Shop, reader: Reader): FromHouse {
	const lists = [shop.boards, shop.glazings, shop.adhesives, shop.edgeSeals, shop.barriers] as Readonly<
		Record<string, { name: string }>
	>[];
	// “none” is in more lists than one.
	const nameOf = (id: string, path: string) => {
		const own = path.endsWith('.adhesive') ? shop.adhesives : path.endsWith('.edgeSeal') ? shop.edgeSeals : null;
		return own?.[id]?.name ?? lists.flatMap((list) => list[id]?.name ?? [])[0] ?? id;
	};
	const said = (value: unknown, path: string): string => {
		if (Array.isArray(value)) return value.map((one) => said(one, path)).join('; ');
		if (value === null || value === undefined) return 'none';
		if (typeof value === 'object')
			return Object.values(value)
				.map((one) => said(one, path))
				.join(', ');
		if (typeof value === 'number') return isLengthAt(path) ? showWithUnit(value, reader, 'mark') : showNumber(value, 3);
		return nameOf(String(value), path);
	};
	return (given, path, by, value) => {
		if (given !== undefined) return given;
		assumed.push({ path, is: said(value, path), by });
		return value;
	};
}

/** Whether a place of the job file holds a length. */
function isLengthAt(path: string): boolean {
	let field: Field | undefined = jobDefinition;
	for (const key of path.split(/[.[\]]+/).filter(Boolean)) {
		if (field?.kind === 'none') field = field.or;
		if (field?.kind === 'list') field = field.of;
		else if (field?.kind === 'group') field = field.fields[key];
		else return field?.kind === 'sides' || field?.kind === 'lengthOrWord';
	}
	return field !== undefined && ['length', 'sides', 'lengthOrWord'].includes(field.kind);
}

/** The board that the house takes next to a piece: whole cotton above Show, un-buffered where the alkaline reserve would harm. */
export function houseBoard(aim: Grade, unbuffered: boolean): string {
	if (unbuffered) return 'cotton-4-unbuffered';
	return aim === 'show' ? 'pulp-4' : 'cotton-4';
}

/** The material of that id; a fault when the shop has none. */
export function material<T>(map: Readonly<Record<string, T>>, id: string, path: string, what: string, faults: Fault[]): T {
	const found = ownOf(map, id);
	if (!found) {
		const near = nearestWord(id, Object.keys(map));
		const means = near === null ? `It has: ${Object.keys(map).join(', ')}.` : `The nearest is “${near}”.`;
		faults.push({ path, says: `The shop has no ${what} “${id}”. ${means}` });
	}
	return found as T;
}
