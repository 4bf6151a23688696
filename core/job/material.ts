/** Materials of the shop by their id, and figures of the house where the job gives none. */
import type { Grade } from '../shop/grades.ts';
import type { Fault } from './faults.ts';

export type Assumed = { path: string; is: string; by: string };

/** What was given, else the house's value, which is then written down as assumed. */
export type FromHouse = <T>(given: T | undefined, path: string, by: string, value: T) => T;

/** @returns a `FromHouse` that writes into `assumed` */
export function fromHouse(assumed: Assumed[]): FromHouse {
	return (given, path, by, value) => {
		if (given !== undefined) return given;
		assumed.push({ path, is: String(value), by });
		return value;
	};
}

/** The board that the house takes next to a piece: whole cotton above Show, un-buffered where the alkaline reserve would harm. */
export function houseBoard(aim: Grade, unbuffered: boolean): string {
	if (unbuffered) return 'cotton-4-unbuffered';
	return aim === 'show' ? 'pulp-4' : 'cotton-4';
}

/** The material of that id; a fault when the shop has none. */
export function material<T>(map: Readonly<Record<string, T>>, id: string, path: string, what: string, faults: Fault[]): T {
	const found = map[id];
	if (!found) faults.push({ path, says: `The shop has no ${what} “${id}”. It has: ${Object.keys(map).join(', ')}.` });
	return found as T;
}
