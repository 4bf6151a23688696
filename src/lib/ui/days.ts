/** Days as people write them and as this shop shows them. */
import { format, isThisYear, isToday, isValid, parse, parseISO } from 'date-fns';
import type { Unit } from '$core/units/length.ts';

const WRITTEN = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'MMM d, yyyy', 'MMMM d, yyyy', 'd MMM', 'd MMMM'];
/** Where inches are read, the month comes first. */
const IN_FIGURES: Record<Unit, string[]> = {
	mm: ['d.M.yyyy', 'd/M/yyyy', 'd-M-yyyy', 'd.M.', 'd/M'],
	in: ['M/d/yyyy', 'M-d-yyyy', 'M/d']
};

/** @returns a day `yyyy-MM-dd` as it is shown: 3 Dec 2026 */
export function showDay(day: string): string {
	const read = parseISO(day);
	return isValid(read) ? format(read, 'd MMM yyyy') : day;
}

/** When something was kept: today by the minute, else by the day. */
export function showMoment(at: number): string {
	return isToday(at) ? format(at, 'HH:mm') : format(at, isThisYear(at) ? 'd MMM' : 'd MMM yyyy');
}

/**
 * @param today the day from which a year is taken where none is written
 * @returns the day as `yyyy-MM-dd`, or null when the text is none
 */
export function readDay(text: string, unit: Unit, today: Date): string | null {
	for (const way of [...WRITTEN, ...IN_FIGURES[unit]]) {
		const read = parse(text.trim(), way, today);
		if (isValid(read) && read.getFullYear() >= 1000) return format(read, 'yyyy-MM-dd');
	}
	return null;
}
