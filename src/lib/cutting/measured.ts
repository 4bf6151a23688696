/** A side as somebody measured it at the cutter. */
import { readLength, type Unit } from '$core/units/length.ts';

/** @returns mm; null when nobody can read it as a length */
export function readSide(text: string, unit: Unit): number | null {
	const length = readLength(text, unit);
	return length.ok && length.mm > 0 ? length.mm : null;
}

export const UNREAD = 'One size is not a length. Enter it as 420 or 16 1/2 in.';
