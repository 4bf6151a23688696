/** A sum as it is typed. */

/** @returns `4.53` or `4,53` as 453 cents; anything else as it was typed, for the reader's sentence */
export function readCents(text: string): string | number {
	const plain = text.trim().replace(/^(\d+),(\d{1,2})$/, '$1.$2');
	return /^\d+(\.\d{1,2})?$/.test(plain) ? Number((Number(plain) * 100).toFixed(0)) : text;
}
