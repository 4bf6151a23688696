/** Years as people say them: `4 months`, `2.3 years`, `24 years`. */
import { showNumber } from '$core/units/show.ts';

export function sayYears(years: number): string {
	if (years < 1 / 12) return `${Math.max(1, Math.round(years * 365))} days`;
	if (years < 0.96) return Math.round(years * 12) === 1 ? 'a month' : `${Math.round(years * 12)} months`;
	const shown = showNumber(years, years < 10 ? 1 : 0);
	return shown === '1' ? 'a year' : `${shown} years`;
}

/** Days as people say them: `7 hours`, `3.1 days`, `60 days`. */
export function sayDays(days: number): string {
	if (days < 1) return `${Math.max(1, Math.round(days * 24))} hours`;
	const shown = showNumber(days, days < 10 ? 1 : 0);
	return shown === '1' ? 'a day' : `${shown} days`;
}
