/** Lengths as people write them (handbook units#writing). Inside the program every length is a number of millimetres. */

import { ownOf } from './by-own-keys.ts';
import { tidy } from './round.ts';
import { there } from './there.ts';

export type Unit = 'mm' | 'in';
/** As a word of a sentence. */
export const UNIT_WORDS: Record<Unit, string> = { mm: 'millimetres', in: 'inches' };
export type LengthReading = { ok: true; mm: number } | { ok: false; says: string };

export const MM_PER_INCH = 25.4;
/** Lengths of this size and more are refused: no bench cuts them, they are slips of the pen. */
export const LONGEST_MM = 5000;

const LONGEST_SAID: Record<Unit, string> = { mm: '5 m', in: '196 13⁄16 in' };

const MM_PER: Record<string, number> = {
	mm: 1,
	millimetre: 1,
	millimetres: 1,
	millimeter: 1,
	millimeters: 1,
	cm: 10,
	centimetre: 10,
	centimetres: 10,
	m: 1000,
	in: MM_PER_INCH,
	inch: MM_PER_INCH,
	inches: MM_PER_INCH,
	'"': MM_PER_INCH,
	ft: 12 * MM_PER_INCH,
	foot: 12 * MM_PER_INCH,
	feet: 12 * MM_PER_INCH,
	"'": 12 * MM_PER_INCH
};

const GLYPHS: Record<string, string> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

/** A number with or without a fraction after a space or hyphen, or a fraction alone; then the unit. */
const TERM = /^(?:(\d+(?:\.\d+)?|\.\d+)(?:[ -](\d+)\/(\d+))?|(\d+)\/(\d+))? *([a-z]+|"|')?$/;

/**
 * Reads a length.
 * @param text a number is millimetres; a string is read as people write it, a bare number in it taking `unit`
 * @param zero whether zero is a length here (it is for overlap, reveal, lift, weight, cockle, allowance, places)
 * @returns millimetres, or a sentence that says what is wrong and what to do
 * @example readLength('16 1/4', 'in') // { ok: true, mm: 412.75 }
 */
export function readLength(text: string | number, unit: Unit, zero = false): LengthReading {
	if (typeof text === 'number') return within(text, zero, `${showPlain(text)} mm`, unit);
	if (text.length > 40) return fault('This is too long for a length. Write a number, such as 412 or 16 1/4.');
	const plain = normalise(text);
	if (plain === '') return fault('Enter a length, such as 412 or 16 1/4.');
	if (/^[-−]/.test(plain)) return fault(`${text.trim()} is below 0. Enter a positive length.`);
	const pointed = withPoint(plain);
	if (pointed === null)
		return fault(`“${text.trim()}” can be read in two ways. Write the decimal with a point, and thousands without a sign.`);
	const terms = splitTerms(pointed);
	if (!terms) return fault(`“${text.trim()}” is not a length. Write a number, such as 412, 41.2 cm, 16 1/4 in or 1' 4 1/4".`);
	let mm = 0;
	let previous: number | undefined;
	for (const [index, term] of terms.entries()) {
		const read = readTerm(term, index === 0 ? unit : 'in');
		if (!read.ok) return read;
		// Only feet may be followed by inches; anything else is two units that disagree.
		if (previous !== undefined && !(previous === MM_PER.ft && read.per === MM_PER_INCH))
			return fault(`“${text.trim()}” names two units. Keep one of them.`);
		if (previous !== undefined && read.mm >= there(MM_PER.ft, 'ft'))
			return fault(`“${text.trim()}” has 12 inches or more after the feet.`);
		previous = read.per;
		mm += read.mm;
	}
	return within(mm, zero, text.trim(), unit);
}

function normalise(text: string): string {
	return text
		.replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => ` ${GLYPHS[glyph]}`)
		.replace(/[\u2044\u2215]/g, '/')
		.replace(/[″”“]/g, '"')
		.replace(/[′’‘]/g, "'")
		.replace(/''/g, '"')
		.replace(/[\u00a0\u2009\u202f]/g, ' ')
		.replace(/ *\/ */g, '/')
		.replace(/ +/g, ' ')
		.trim()
		.toLowerCase();
}

/** A decimal comma is read where only one reading is possible: `41,2`, `41,25`. Three places after it may be thousands. */
function withPoint(plain: string): string | null {
	if (!plain.includes(',')) return plain;
	const [match] = plain.match(/\d*,\d+/g) ?? [];
	const isDecimal = plain.split(',').length === 2 && !plain.includes('.') && match && !/^[1-9]\d{0,2},\d{3}$/.test(match);
	return isDecimal ? plain.replace(',', '.') : null;
}

/** A fraction without a unit, such as `16 1/4`: nobody writes one in millimetres, so a screen that reads them asks what is meant. */
export function isBareFraction(text: string): boolean {
	return /^[\d\s.½⅓⅔¼¾⅛⅜⅝⅞/⁄∕-]+$/.test(text.trim()) && /[½⅓⅔¼¾⅛⅜⅝⅞/⁄∕]/.test(text) && /\d|[½⅓⅔¼¾⅛⅜⅝⅞]/.test(text);
}

/** `1' 4 1/4"` → [`1'`, `4 1/4"`]; `12 in mm` → [`12 in`, `mm`], so that the second unit is seen and refused. */
function splitTerms(plain: string): string[] | null {
	const terms = plain.match(/[\d./ -]*(?:[a-z]+|"|')|[\d./ -]+$/g)?.map((term) => term.trim()) ?? [];
	if (terms.join('').replace(/ /g, '') !== plain.replace(/ /g, '')) return null;
	return terms.length <= 3 ? terms : null;
}

function readTerm(term: string, bare: Unit): { ok: true; mm: number; per: number } | { ok: false; says: string } {
	const match = TERM.exec(term);
	if (!match) return fault(`“${term}” is not a length. Write a number, such as 412 or 16 1/4.`);
	const [, whole, besideTop, besideBottom, aloneTop, aloneBottom, name] = match;
	const top = besideTop ?? aloneTop;
	const bottom = besideBottom ?? aloneBottom;
	const per = ownOf(MM_PER, name ?? bare);
	if (per === undefined) return fault(`“${name}” is not a unit. Use mm, cm, m, in or ft.`);
	if (whole === undefined && top === undefined)
		return fault(name === undefined ? 'Enter a number.' : `It has a second unit, “${name}”. Keep one of them.`);
	if (bottom !== undefined && Number(bottom) === 0) return fault(`“${term}” divides by zero. Write the fraction again.`);
	if (whole !== undefined && top !== undefined && (whole.includes('.') || Number(top) >= Number(bottom))) {
		return fault(
			`“${term}” mixes ${whole.includes('.') ? 'a decimal and a fraction' : 'a whole number and more than a whole'}. Write it as one.`
		);
	}
	return { ok: true, per, mm: (Number(whole ?? 0) + (top === undefined ? 0 : Number(top) / Number(bottom))) * per };
}

function within(mm: number, zero: boolean, shown: string, unit: Unit): LengthReading {
	if (!Number.isFinite(mm)) return fault('Not a number.');
	if (mm < 0) return fault(`${shown} is below 0. Enter a positive length.`);
	if (mm >= LONGEST_MM) return fault(`${shown} is ${LONGEST_SAID[unit]} or more. Check the unit.`);
	// What is too small to be kept is no size either.
	const kept = tidy(mm);
	if (kept === 0 && !zero) return fault('A size can’t be 0. Measure again.');
	return { ok: true, mm: kept };
}

function fault(says: string): { ok: false; says: string } {
	return { ok: false, says };
}

function showPlain(value: number): string {
	return String(value).replace('-', '−');
}

/** The cutting step in mm: 0.5 mm, or the shop's fraction of an inch, 1/16 as it comes. */
export function cuttingStep(unit: Unit, fraction = 16): number {
	return unit === 'in' ? MM_PER_INCH / fraction : 0.5;
}
