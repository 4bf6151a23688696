/** One piece gives one group of figures, several windows a list of them, in the order of the windows. */
import { nth } from './there.ts';
export type OneOrEach<T> = T | T[];

export function each<T>(value: OneOrEach<T> | undefined): T[] {
	if (value === undefined) return [];
	return Array.isArray(value) ? value : [value];
}

export function oneOrEach<T>(list: T[], several: boolean): OneOrEach<T> {
	return several ? list : nth(list, 0);
}
