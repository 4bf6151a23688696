/**
 * A data logger's file, row by row: its columns found or given, its times read, its readings brought to hours (handbook climate#logger).
 * The file is never held: a million rows take as little room as a thousand.
 */
import type { Reading } from './rooms.ts';
import { lastOf, nth } from '../../units/there.ts';
import { LEAST_CELSIUS, MOST_CELSIUS } from './readings.ts';

export type Columns = {
	/** Index of the column that holds the time, or the date when the time stands in one of its own. */
	time: number;
	clock: number | null;
	rh: number;
	celsius: number | null;
	/** Temperatures are °F. */
	fahrenheit: boolean;
	/** 45,3 instead of 45.3 */
	comma: boolean;
	/** Which of 03/04/2025 is the day. */
	dayFirst: boolean;
};

export type Gap = { from: string; to: string; hours: number };
export type LoggerYear = {
	/** Hour since `from`, % RH, °C; gaps filled on a straight line. */
	readings: Reading[];
	/** ISO 8601, as the logger wrote it. */
	from: string;
	to: string;
	rows: number;
	gaps: Gap[];
	/** What was done to the file, in sentences. */
	notes: string[];
};

export class LoggerError extends Error {}

const HOUR_MS = 3_600_000;
/** A clock set back in autumn repeats an hour; anything more is a file out of order. */
const SET_BACK_MS = HOUR_MS;
/** Missing for longer than this is named. */
const GAP_HOURS = 3;
const MOST_HOURS = 20 * 366 * 24;

const RH = /humid|feuchte|hygro|\brh\b|%\s*rf|r\.?h\.?/i;
const TEMPERATURE = /temp|celsius|fahrenheit|°\s*[cf]|\bdeg\b/i;
const TIME = /time|date|zeit|datum|stamp/i;

/**
 * Finds out which column is which from a heading and the first rows.
 * @param rows of the file's beginning, split at its delimiter
 * @throws LoggerError when there is no time or no humidity in it
 */
export function guessColumns(rows: readonly (readonly string[])[]): { columns: Columns; heading: boolean } {
	const [first = []] = rows;
	const heading = first.every((cell) => cell.trim() === '' || Number.isNaN(numberIn(cell, true)));
	const body = heading ? rows.slice(1) : rows;
	const [sample = []] = body;
	if (sample.length < 2) throw new LoggerError('Not a logger file: each line needs a time and a humidity.');
	const find = (pattern: RegExp, except: number[]) =>
		first.findIndex((cell, index) => !except.includes(index) && pattern.test(cell));
	const timeByName = heading ? find(TIME, []) : -1;
	const time = timeByName >= 0 ? timeByName : sample.findIndex((cell) => /\d[-./:]\d/.test(cell));
	if (time < 0) throw new LoggerError('No time column found. Choose it.');
	const clock = sample.findIndex((cell, index) => index !== time && /^\d{1,2}:\d{2}(:\d{2})?$/.test(cell.trim()));
	const taken = [time, clock];
	const rh = heading ? find(RH, taken) : -1;
	const celsius = heading ? find(TEMPERATURE, [...taken, rh]) : -1;
	const numbers = sample
		.map((cell, index) => index)
		.filter((index) => !taken.includes(index) && !Number.isNaN(numberIn(nth(sample, index), true)));
	const rhAt =
		rh >= 0
			? rh
			: heading && celsius >= 0
				? (numbers.find((index) => index !== celsius && nth(first, index).trim() === '') ?? -1)
				: (numbers[heading ? 0 : 1] ?? numbers[0] ?? -1);
	if (rhAt < 0) throw new LoggerError('No humidity column found, only temperatures. Choose the humidity column.');
	const celsiusAt = celsius >= 0 ? celsius : (numbers.find((index) => index !== rhAt) ?? -1);
	return {
		heading,
		columns: {
			time,
			clock: clock >= 0 && !/\d:\d/.test(nth(sample, time)) ? clock : null,
			rh: rhAt,
			celsius: celsiusAt >= 0 ? celsiusAt : null,
			fahrenheit: celsiusAt >= 0 && /fahrenheit|°\s*f\b|\bf\b/i.test(heading ? nth(first, celsiusAt) : ''),
			comma: body.some((row) => /^-?\d+,\d+$/.test(row[rhAt]?.trim() ?? '')),
			dayFirst: !body.some((row) => /^\d{1,2}\/(1[3-9]|2\d|3[01])\//.test(row[time]?.trim() ?? ''))
		}
	};
}

/** Reads a logger's file: `take` each row after the heading, then `end`. */
export class LoggerReader {
	readonly #columns: Columns;
	readonly #hours: { rh: number; celsius: number; count: number }[] = [];
	#line: number;
	#first = Number.NaN;
	#last = Number.NaN;
	#rows = 0;
	#setBack = 0;
	#empty = 0;
	#width: number | null = null;

	/** @param line number of the first row that will be taken, for what is wrong with one */
	constructor(columns: Columns, line: number) {
		this.#columns = columns;
		this.#line = line - 1;
	}

	/** @throws LoggerError that names the line */
	take(row: readonly string[]): void {
		this.#line += 1;
		if (row.length === 1 && nth(row, 0).trim() === '') return;
		this.#width ??= row.length;
		const { rh: rhAt, celsius: celsiusAt, comma } = this.#columns;
		if (row.length > this.#width && !comma)
			throw new LoggerError(
				`Line ${this.#line} has ${row.length} columns, the ones before it ${this.#width}. If it uses decimal commas, export it with semicolons.`
			);
		const time = this.#timeOf(row);
		const rh = numberIn(row[rhAt] ?? '', comma);
		const celsius = celsiusAt === null ? 20 : numberIn(row[celsiusAt] ?? '', comma);
		// A logger writes an empty cell, or words, while it could not read.
		if (Number.isNaN(rh) || Number.isNaN(celsius)) {
			if (!comma && /^-?\d+,\d+$/.test(row[rhAt]?.trim() ?? ''))
				throw new LoggerError(
					`Line ${this.#line}: “${nth(row, rhAt).trim()}” has a decimal comma. Tick “decimal comma” and read it again.`
				);
			this.#empty += 1;
			return;
		}
		if (rh < 0 || rh > 100) throw new LoggerError(`Line ${this.#line}: a humidity of ${rh} %. Is this the humidity column?`);
		const warmth = this.#columns.fahrenheit ? ((celsius - 32) * 5) / 9 : celsius;
		if (warmth < LEAST_CELSIUS || warmth > MOST_CELSIUS)
			throw new LoggerError(`Line ${this.#line}: a temperature of ${celsius}°. Is this the temperature column?`);
		if (time < this.#last) {
			if (this.#last - time > SET_BACK_MS)
				throw new LoggerError(
					`Line ${this.#line}: ${sayTime(time)} comes after ${sayTime(this.#last)}. Times are out of order: sort the file, or split it where the clock was set.`
				);
			this.#setBack += 1;
			return;
		}
		this.#keep(time, rh, warmth);
	}

	/** @throws LoggerError when the file holds less than a day */
	end(): LoggerYear {
		if (this.#rows === 0) throw new LoggerError('No readings found. Check which column is which.');
		const { readings, gaps } = filled(this.#hours, this.#first);
		if (readings.length < 24) throw new LoggerError(`It holds ${readings.length} hours; at least a day is needed.`);
		const notes: string[] = [];
		if (this.#setBack > 0)
			notes.push(`The clock was set back by up to an hour: ${this.#setBack} rows of that hour were skipped.`);
		if (this.#empty > 0) notes.push(`${this.#empty} rows hold no reading and were skipped.`);
		if (this.#columns.celsius === null) notes.push('It holds no temperature: only humidity is simulated.');
		return { readings, from: sayTime(this.#first), to: sayTime(this.#last), rows: this.#rows, gaps, notes };
	}

	#keep(time: number, rh: number, celsius: number): void {
		if (Number.isNaN(this.#first)) this.#first = Math.floor(time / HOUR_MS) * HOUR_MS;
		const hour = Math.floor((time - this.#first) / HOUR_MS);
		if (hour > MOST_HOURS)
			throw new LoggerError(
				`Line ${this.#line}: ${sayTime(time)} is more than 20 years after the first reading. Check the date order.`
			);
		const at = (this.#hours[hour] ??= { rh: 0, celsius: 0, count: 0 });
		at.rh += rh;
		at.celsius += celsius;
		at.count += 1;
		this.#last = time;
		this.#rows += 1;
	}

	#timeOf(row: readonly string[]): number {
		const { time: at, clock, dayFirst } = this.#columns;
		const text = clock === null ? (row[at] ?? '') : `${row[at] ?? ''} ${row[clock] ?? ''}`;
		const time = readTime(text.trim(), dayFirst);
		if (Number.isNaN(time))
			throw new LoggerError(`Line ${this.#line}: “${text.trim().slice(0, 40)}” is not a time. Is this the right column?`);
		return time;
	}
}

const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[T ]?(?:(\d{1,2}):(\d{2})(?::(\d{2}))?)?/;
const DAY_FIRST = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{2,4}),?\s*(?:(\d{1,2}):(\d{2})(?::(\d{2}))?)?\s*([ap]m)?/i;

/** Milliseconds of a wall clock, taken as if it stood in UTC; NaN for what is no time. */
export function readTime(text: string, dayFirst: boolean): number {
	const iso = ISO.exec(text);
	if (iso) return clockOf(Number(iso[1]), Number(iso[2]), Number(iso[3]), iso[4], iso[5], iso[6]);
	const other = DAY_FIRST.exec(text);
	if (other) {
		const [one, two] = [Number(other[1]), Number(other[2])];
		// 13 is no month, and a date with points begins with its day everywhere.
		const begins = one > 12 || (two <= 12 && (dayFirst || text.includes('.')));
		const [day, month] = begins ? [one, two] : [two, one];
		const year = Number(other[3]) + (nth(other, 3).length === 2 ? 2000 : 0);
		const half = other[7]?.toLowerCase();
		const hour = half ? (Number(other[4] ?? 0) % 12) + (half === 'pm' ? 12 : 0) : other[4];
		return clockOf(year, month, day, hour === undefined ? undefined : String(hour), other[5], other[6]);
	}
	// Seconds since 1970.
	return /^\d{9,10}$/.test(text) ? Number(text) * 1000 : Number.NaN;
}

function clockOf(year: number, month: number, day: number, hour = '0', minute = '0', second = '0'): number {
	if (Number(hour) > 24 || Number(minute) > 59 || Number(second) > 60) return Number.NaN;
	// 30 February is no day, and no logger wrote before there were any.
	const midnight = new Date(Date.UTC(year, month - 1, day));
	if (year < 1970 || midnight.getUTCMonth() !== month - 1 || midnight.getUTCDate() !== day) return Number.NaN;
	return Date.UTC(year, month - 1, day, Number(hour), Number(minute), Number(second));
}

/** A number as loggers write it, with its unit behind it or not. */
function numberIn(cell: string, comma: boolean): number {
	const text = cell.trim();
	if (text === '') return Number.NaN;
	const plain = comma ? text.replace(',', '.') : text;
	const value = Number(plain);
	if (!Number.isNaN(value)) return value;
	const match = /^(-?\d+(?:\.\d+)?)\s*(?:%|°?\s*[CF]|%?\s*RH)$/i.exec(plain);
	return match ? Number(match[1]) : Number.NaN;
}

/** Hours in their order, each the mean of its readings; what is missing lies on the straight line between its neighbours. */
function filled(
	hours: readonly ({ rh: number; celsius: number; count: number } | undefined)[],
	first: number
): { readings: Reading[]; gaps: Gap[] } {
	const readings: Reading[] = [];
	const gaps: Gap[] = [];
	let before = 0;
	for (let hour = 0; hour < hours.length; hour += 1) {
		const held = hours[hour];
		if (!held) continue;
		const [rh, celsius] = [held.rh / held.count, held.celsius / held.count];
		const missing = hour - before - 1;
		if (readings.length > 0 && missing > 0) {
			const [, rhBefore, celsiusBefore] = lastOf(readings);
			for (let step = 1; step <= missing; step += 1) {
				const share = step / (missing + 1);
				readings.push([before + step, rhBefore + (rh - rhBefore) * share, celsiusBefore + (celsius - celsiusBefore) * share]);
			}
			if (missing > GAP_HOURS)
				gaps.push({ from: sayTime(first + (before + 1) * HOUR_MS), to: sayTime(first + hour * HOUR_MS), hours: missing });
		}
		readings.push([hour, rh, celsius]);
		before = hour;
	}
	return { readings, gaps };
}

/** `2025-03-12 04:00` */
export function sayTime(ms: number): string {
	return new Date(ms).toISOString().slice(0, 16).replace('T', ' ');
}
