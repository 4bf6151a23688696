import { showLength, type Reader } from '$core/units/show.ts';

/** The first letter small, unless it begins an abbreviation: a finding inside a sentence. */
export function lowered(text: string): string {
	return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}

/** A place beside a centre line: `3 5⁄8 left of centre`. */
export function sideOfCentre(x: number, reader: Reader): string {
	const { text } = showLength(Math.abs(x), reader, 'mark');
	if (text === '0') return 'on the centre line';
	return `${text} ${x < 0 ? 'left' : 'right'} of centre`;
}

/** A whole with its fraction, and a figure with its unit, on one line. */
export function unbroken(text: string): string {
	return text.replace(/(\d) (?=\d+\u2044\d|(?:mm|in|kg|g|lb|oz)\b|%)/g, '$1\u00a0');
}
