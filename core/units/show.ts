/** Lengths as they are shown: millimetres to a half (marks to a tenth), inches to sixteenths as real fractions. */
import { MM_PER_INCH, type Unit } from './length.ts';
import { showNearest } from './round.ts';

export type ShownLength = { text: string; whole: string; numerator: number; denominator: number };

/**
 * How a length is shown.
 * @param mm the length, millimetres, may be negative (a lean, a shortfall)
 * @param unit the unit of the job
 * @param fine millimetres to a tenth instead of a half, and parts of one inch to sixty-fourths: for figures that nobody cuts
 * @param denominator the finest fraction of an inch (8, 16, 32)
 * @returns the text without a unit (`16 1⁄4` with the fraction slash U+2044, which fonts set as a real fraction) and its parts
 */
export function showLength(mm: number, unit: Unit, fine = false, denominator = 16): ShownLength {
	if (unit === 'mm') {
		const value = showNearest(Math.abs(mm), fine ? 0.1 : 0.5);
		const whole = sign(mm, value) + trimZeros(value);
		return { text: whole, whole, numerator: 0, denominator: 1 };
	}
	// Under an inch a sixteenth would hide what a fine figure is asked for: 2.9 mm of air where 3 mm are needed.
	const finest = fine && Math.abs(mm) < MM_PER_INCH ? 64 : denominator;
	const parts = showNearest((Math.abs(mm) / MM_PER_INCH) * finest, 1);
	const whole = Math.floor(parts / finest);
	let numerator = parts % finest;
	let over = finest;
	while (numerator > 0 && numerator % 2 === 0) {
		numerator /= 2;
		over /= 2;
	}
	const minus = sign(mm, parts);
	if (numerator === 0) return { text: `${minus}${whole}`, whole: `${minus}${whole}`, numerator: 0, denominator: 1 };
	const shownWhole = whole === 0 ? minus : `${minus}${whole}`;
	return {
		text: `${shownWhole}${whole === 0 ? '' : ' '}${numerator}\u2044${over}`,
		whole: shownWhole,
		numerator,
		denominator: over
	};
}

/** `390` → `390 mm`; `16 1⁄4` → `16 1⁄4 in`. */
export function showWithUnit(mm: number, unit: Unit, fine = false): string {
	return `${showLength(mm, unit, fine).text} ${unit}`;
}

/** `390 × 539`, width first. */
export function showSize(size: { width: number; height: number }, unit: Unit, fine = false): string {
	return `${showLength(size.width, unit, fine).text} × ${showLength(size.height, unit, fine).text}`;
}

/** A plain number to so many places, without trailing zeros. */
export function showNumber(value: number, places = 2): string {
	return value
		.toFixed(places)
		.replace(/(\.\d*?)0+$/, '$1')
		.replace(/\.$/, '')
		.replace(/^-0$/, '0')
		.replace('-', '−');
}

function sign(mm: number, shown: number): string {
	return mm < 0 && shown !== 0 ? '−' : '';
}

function trimZeros(value: number): string {
	return value.toFixed(1).replace(/\.0$/, '');
}

/** A sum of money with its two decimals, without a sign of its own: `4.53`. */
export function showMoney(cents: number): string {
	return `${cents < 0 ? '−' : ''}${(Math.abs(cents) / 100).toFixed(2)}`;
}
