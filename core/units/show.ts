/**
 * How figures are written: each rounded once, for screen, step, paper and file alike (handbook units#shown).
 *
 * In millimetres everything is shown to a tenth: what is cut lies on the step already, unless it was typed or bought otherwise. What is
 * cut or laid by a tape is shown in the shop's fraction of an inch; what nobody cuts (air, sag, movement, a board's thickness) as
 * a decimal there, unless it is just such a fraction: rounding to one would hide what it is asked for.
 */
import { MM_PER_INCH, type Unit } from './length.ts';
import { cutDown, receiveUp, showNearest } from './round.ts';

/**
 * cut, mark: cut, or laid by a tape. fine: cut by nobody. least, most: limits, as mark and to the safe
 * side: what is least goes up, what is most goes down. drill: as drills are named, in sixty-fourths.
 */
export type Look = 'cut' | 'mark' | 'fine' | 'least' | 'most' | 'drill';

/**
 * Who reads: the unit, and the finest fraction of an inch that the shop's tapes show; and the unit in which it is cut, where what a
 * tape has no fraction for is to be marked.
 */
export type Reader = { unit: Unit; fraction: number; cutIn?: Unit };

/** Before a length that is cut in millimetres and lies between two fractions of the tape. */
export const ROUNDED = '≈';

export type ShownLength = { text: string; whole: string; numerator: number; denominator: number };

export const FRACTION = 16;
const DRILL_FRACTION = 64;
/** What lies on a fraction of the tape is that fraction, fine or not. */
const SAME = 1e-4;
/** Below half a tenth of a millimetre nothing is left. */
const SOMETHING = 0.05;

/**
 * How a length is shown.
 * @param mm the length, millimetres, may be negative (a lean, a shortfall)
 * @returns the text without a unit (`16 1⁄4` with the fraction slash U+2044, which fonts set as a real fraction) and its parts
 */
export function showLength(mm: number, reads: Unit | Reader, look: Look = 'cut'): ShownLength {
	const { unit, fraction: finest, cutIn } = readerOf(reads);
	const fraction = look === 'drill' ? DRILL_FRACTION : finest;
	const size = Math.abs(mm);
	if (unit === 'mm') return plainText(mm, inSteps(size / 0.1, look) * 0.1, 1);
	const parts = inSteps((size / MM_PER_INCH) * fraction, look);
	// What is no step of the tape and yet something is not said as nothing.
	const between = Math.abs((parts * MM_PER_INCH) / fraction - size) > SAME;
	if ((look === 'fine' && between) || (parts === 0 && size >= SOMETHING)) return decimalInches(mm);
	const whole = Math.floor(parts / fraction);
	const rounded = between && cutIn === 'mm' && (look === 'cut' || look === 'mark') ? ROUNDED : '';
	const minus = `${rounded}${mm * parts < 0 ? '−' : ''}`;
	let [numerator, denominator] = [parts % fraction, fraction];
	if (numerator === 0) return { text: `${minus}${whole}`, whole: `${minus}${whole}`, numerator: 0, denominator: 1 };
	while (numerator % 2 === 0) [numerator, denominator] = [numerator / 2, denominator / 2];
	const shownWhole = whole === 0 ? minus : `${minus}${whole}`;
	return {
		text: `${shownWhole}${whole === 0 ? '' : ' '}${numerator}\u2044${denominator}`,
		whole: shownWhole,
		numerator,
		denominator
	};
}

/** Whole steps; of a limit those on its safe side. */
function inSteps(steps: number, look: Look): number {
	if (look === 'least') return receiveUp(steps, 1);
	return look === 'most' ? cutDown(steps, 1) : showNearest(steps, 1);
}

/** Thousandths under an inch, hundredths above. */
function decimalInches(mm: number): ShownLength {
	const inches = Math.abs(mm) / MM_PER_INCH;
	const places = inches < 1 ? 3 : 2;
	return plainText(mm, showNearest(inches, 10 ** -places), places);
}

function plainText(mm: number, value: number, places: number): ShownLength {
	const text = `${mm * value < 0 ? '−' : ''}${trimZeros(value.toFixed(places))}`;
	return { text, whole: text, numerator: 0, denominator: 1 };
}

/** `390` → `390 mm`; `16 1⁄4` → `16 1⁄4 in`. */
export function showWithUnit(mm: number, reads: Unit | Reader, look: Look = 'cut'): string {
	return `${showLength(mm, reads, look).text} ${readerOf(reads).unit}`;
}

/** Of an inch, as a rule has it that is read closely. */
const READ_FRACTION = 32;

/** What nobody cuts, as it is read closely on a rule: no rule has decimals of an inch. What is under half its finest part is said so. */
export function showRead(mm: number, reads: Unit | Reader): string {
	const reader = readerOf(reads);
	if (reader.unit === 'mm') return showLength(mm, reader, 'fine').text;
	const size = Math.abs(mm);
	if (size > SOMETHING && size < MM_PER_INCH / READ_FRACTION / 2) return `under 1\u2044${READ_FRACTION}`;
	// Nobody adds it up: it has no mark of what is rounded.
	return showLength(mm, { unit: 'in', fraction: Math.max(reader.fraction, READ_FRACTION) }, 'mark').text;
}

/** `390 × 539`, width first. */
export function showSize(size: { width: number; height: number }, reads: Unit | Reader, look: Look = 'cut'): string {
	return `${showLength(size.width, reads, look).text} × ${showLength(size.height, reads, look).text}`;
}

/** A limit of safety in whole steps, rounded to the safe side: what is least goes up, what is most goes down. */
export function showLimit(mm: number, reads: Unit | Reader, side: 'least' | 'most'): string {
	return showWithUnit(mm, reads, side);
}

/** Two lengths that are held against each other: as decimals where the tape's fractions would read the same. */
export function showBoth(one: number, other: number, reads: Unit | Reader): [string, string] {
	const [first, second] = [showWithUnit(one, reads, 'mark'), showWithUnit(other, reads, 'mark')];
	return first === second ? [showWithUnit(one, reads, 'fine'), showWithUnit(other, reads, 'fine')] : [first, second];
}

/** A plain number to so many places, without trailing zeros. */
export function showNumber(value: number, places = 2): string {
	const shown = trimZeros(value.toFixed(places)).replace('-', '−');
	return shown === '−0' ? '0' : shown;
}

/** A sum of money with its two decimals in a shop's currency: `€4.53`, `4.53 kr`; `4.53` where it has named none. */
export function showMoney(cents: number, currency: string): string {
	const minus = cents < 0 ? '−' : '';
	const sum = (Math.abs(cents) / 100).toFixed(2);
	// A sign stands before the sum, a word behind it.
	return /\p{L}/u.test(currency) ? `${minus}${sum} ${currency}` : `${minus}${currency}${sum}`;
}

export const OUNCES_PER_KG = 35.27396195;
export const POUNDS_PER_KG = 2.20462262;

/** `3.21 kg`, or `7 lb 1 oz`; under a pound `3.4 oz`. */
export function showMass(kg: number, reads: Unit | Reader): string {
	if (readerOf(reads).unit === 'mm') return `${showNumber(kg)} kg`;
	const ounces = kg * OUNCES_PER_KG;
	if (ounces < 15.95) return `${showNumber(ounces, 1)} oz`;
	const whole = showNearest(ounces, 1);
	const rest = whole % 16;
	return `${Math.floor(whole / 16)} lb${rest === 0 ? '' : ` ${rest} oz`}`;
}

/** A sheet's weight: `44 g`, or `1.6 oz`. */
export function showGrams(grams: number, reads: Unit | Reader): string {
	return readerOf(reads).unit === 'mm' ? `${showNumber(grams, 0)} g` : `${showNumber((grams / 1000) * OUNCES_PER_KG, 1)} oz`;
}

/** A wire as its spool names it: `27.2 kg`, or `60 lb`. */
export function showStrength(kg: number, reads: Unit | Reader): string {
	return readerOf(reads).unit === 'mm' ? `${showNumber(kg, 1)} kg` : `${showNumber(kg * POUNDS_PER_KG, 0)} lb`;
}

const NEWTONS_PER_POUND = 4.44822162;

/** A pull: `16.6 N`, or `3.7 lb`. */
export function showForce(newtons: number, reads: Unit | Reader): string {
	return readerOf(reads).unit === 'mm' ? `${showNumber(newtons, 1)} N` : `${showNumber(newtons / NEWTONS_PER_POUND, 1)} lb`;
}

/** What something bears, against what it may: `14 %`. */
export function showShare(part: number, whole: number): string {
	return `${showNumber((part / whole) * 100, 0)} %`;
}

/** Minutes as a shop says them: `45 min`, `12 h`. */
export function showMinutes(minutes: number): string {
	return minutes >= 120 ? `${showNumber(minutes / 60, 1)} h` : `${showNumber(minutes, 0)} min`;
}

function readerOf(reads: Unit | Reader): Reader {
	return typeof reads === 'string' ? { unit: reads, fraction: FRACTION } : reads;
}

function trimZeros(text: string): string {
	return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}
