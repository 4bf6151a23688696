/** Days as people write them and as this shop shows them: in the language that it set under House. */
import { format, isThisYear, isToday, isValid, parse, parseISO } from 'date-fns';
import type { DateLanguage } from '$core/shop/about.ts';
import type { Unit } from '$core/units/length.ts';

const WRITTEN = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'MMM d, yyyy', 'MMMM d, yyyy', 'd MMM', 'd MMMM', 'MMM d', 'MMMM d'];
/** Where inches are read, the month comes first. */
const IN_FIGURES: Record<Unit, string[]> = {
	mm: ['d.M.yyyy', 'd/M/yyyy', 'd-M-yyyy', 'd.M.', 'd/M'],
	in: ['M/d/yyyy', 'M-d-yyyy', 'M/d']
};

/** What of a date is said. */
const LOOKS = {
	/** 3 Dec 2026 */
	day: { day: 'numeric', month: 'short', year: 'numeric' },
	/** 3 Dec */
	short: { day: 'numeric', month: 'short' },
	/** 3 December */
	long: { day: 'numeric', month: 'long' },
	/** Thursday */
	weekday: { weekday: 'long' },
	/** December 2026 */
	month: { month: 'long', year: 'numeric' },
	/** 14:02 */
	time: { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
	/** 3 Dec 2026, 14:02 */
	moment: { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
	/** 3 Dec 2026, 14:02:51 */
	second: {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		hour: '2-digit',
		minute: '2-digit',
		second: '2-digit',
		hourCycle: 'h23'
	}
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;
export type DateLook = keyof typeof LOOKS;

const made = new Map<string, Intl.DateTimeFormat>();

/** A date in the shop's words, as seen where it is shown. */
export function showDate(date: Date | number, look: DateLook, language: DateLanguage): string {
	const key = `${language} ${look}`;
	const writer = made.get(key) ?? new Intl.DateTimeFormat(language, LOOKS[look]);
	made.set(key, writer);
	return writer.format(date);
}

/** @returns a day `yyyy-MM-dd` as it is shown: 3 Dec 2026; what is none as it is */
export function showDay(day: string, language: DateLanguage, look: DateLook = 'day'): string {
	const read = parseISO(day);
	return isValid(read) ? showDate(read, look, language) : day;
}

/** When something was kept: today by the minute, else by the day. */
export function showMoment(at: number, language: DateLanguage): string {
	return showDate(at, isToday(at) ? 'time' : isThisYear(at) ? 'short' : 'day', language);
}

/**
 * @param today the day from which a year is taken where none is written
 * @returns the day as `yyyy-MM-dd`, or null when the text is none
 */
export function readDay(text: string, unit: Unit, today: Date, language: DateLanguage): string | null {
	const plain = inEnglish(text.trim(), language);
	for (const way of [...WRITTEN, ...IN_FIGURES[unit]]) {
		const read = parse(plain, way, today);
		if (isValid(read) && read.getFullYear() >= 1000) return format(read, 'yyyy-MM-dd');
	}
	return null;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

const months = new Map<DateLanguage, string[][]>();

/** Every month's names as they stand in a date, short and long. */
function monthsIn(language: DateLanguage): string[][] {
	const known = months.get(language);
	if (known) return known;
	const writers = (['short', 'long'] as const).map(
		(month) => new Intl.DateTimeFormat(language, { day: 'numeric', month, timeZone: 'UTC' })
	);
	const names = MONTHS.map((_, index) =>
		writers.map((writer) =>
			bare(writer.formatToParts(Date.UTC(2026, index, 3)).find(({ type }) => type === 'month')?.value ?? '')
		)
	);
	months.set(language, names);
	return names;
}

function bare(name: string): string {
	return name.toLowerCase().replace(/\./g, '');
}

/** `3. Dez. 2026` as `3 Dec 2026`: the month's name, long or short, as the parser knows it. */
function inEnglish(text: string, language: DateLanguage): string {
	const word = /\p{L}[\p{L}.]*/u.exec(text.replace(/\b(de|di)\b/gi, ''))?.[0];
	if (!word) return text;
	const month = monthsIn(language).findIndex((names) => names.includes(bare(word)));
	if (month < 0) return text;
	return text
		.replace(/\b(de|di)\b/gi, '')
		.replace(word, MONTHS[month] ?? word)
		.replace(/(\d)\./g, '$1')
		.replace(/\s+/g, ' ')
		.trim();
}
