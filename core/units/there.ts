/**
 * What the order of the work promises to be there: a frame at its back, a board of the list. Where it is not, the program is wrong,
 * and says so at once instead of reckoning on with nothing.
 */

/** @returns the value. @throws Error with its name when there is none */
export function there<T>(value: T, name: string): NonNullable<T> {
	if (value === null || value === undefined) throw new Error(`There is no ${name} here, where one must be.`);
	return value;
}

/** @returns the one at a place of a list, from 0. @throws RangeError beyond its ends: −1, what was not found, is no place */
export function nth<T>(list: ArrayLike<T>, index: number): NonNullable<T> {
	const value = list[index];
	if (value === null || value === undefined) throw new RangeError(`Place ${index} of a list of ${list.length} is empty.`);
	return value;
}

/** @returns the last of a list. @throws RangeError for an empty one */
export function lastOf<T>(list: ArrayLike<T>): NonNullable<T> {
	return nth(list, list.length - 1);
}

/** @returns what a list by id has under an id. @throws RangeError for an id that it does not have */
export function known<T>(list: Readonly<Record<string, T>>, id: string): NonNullable<T> {
	const value = Object.hasOwn(list, id) ? list[id] : undefined;
	if (value === null || value === undefined) throw new RangeError(`“${id}” is not in the list.`);
	return value;
}
