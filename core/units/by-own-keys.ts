/** Lists by id in which a word that the language knows (`constructor`, `__proto__`) is looked up in vain like any other. */

/** @returns the same list with nothing behind it */
export function byOwnKeys<T>(list: Readonly<Record<string, T>>): Record<string, T> {
	return Object.assign(Object.create(null) as Record<string, T>, list);
}

/** @returns what stands under a key of its own */
export function ownOf<T>(list: Readonly<Partial<Record<string, T>>>, key: string): T | undefined {
	return Object.hasOwn(list, key) ? list[key] : undefined;
}
