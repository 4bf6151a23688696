/** Values that are made anew with every stroke but say the same: what depends on them is left alone. */

/** @returns a getter of the last value that differed from the one before, compared by what it holds */
export function stable<T>(value: () => T): () => T {
	let last: T | undefined;
	let written = '';
	const kept = $derived.by(() => {
		const next = value();
		const text = JSON.stringify(next);
		if (last === undefined || text !== written) [last, written] = [next, text];
		return last;
	});
	return () => kept;
}
