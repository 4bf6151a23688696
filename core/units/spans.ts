/** Spans of time as people say them: `4 months`, `2.3 years`, `24 years`; `7 hours`, `3.1 days`. */
import { showNumber } from './show.ts';

export function sayYears(years: number): string {
	if (years < 1 / 12) return counted(Math.max(1, Math.round(years * 365)), 'day', 'a');
	// What rounds to twelve months is a year.
	if (years < 11.5 / 12) return counted(Math.round(years * 12), 'month', 'a');
	const shown = showNumber(years, years < 10 ? 1 : 0);
	return shown === '1' ? 'a year' : `${shown} years`;
}

/** Days as people say them: `7 hours`, `3.1 days`, `60 days`. */
export function sayDays(days: number): string {
	if (days < 1) return counted(Math.max(1, Math.round(days * 24)), 'hour', 'an');
	const shown = showNumber(days, days < 10 ? 1 : 0);
	return shown === '1' ? 'a day' : `${shown} days`;
}

function counted(count: number, word: string, one: string): string {
	return count === 1 ? `${one} ${word}` : `${count} ${word}s`;
}
