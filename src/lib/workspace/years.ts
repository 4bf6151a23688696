/** Years as people say them: `4 months`, `2.3 years`, `24 years`. */
import { showNumber } from '$core/units/show.ts';

export function sayYears(years: number): string {
	if (years < 1 / 12) return `${Math.max(1, Math.round(years * 365))} days`;
	if (years < 1) return `${Math.round(years * 12)} months`;
	return `${showNumber(years, years < 10 ? 1 : 0)} years`;
}

/** Days as people say them: `7 hours`, `3.1 days`, `60 days`. */
export function sayDays(days: number): string {
	if (days < 1) return `${Math.max(1, Math.round(days * 24))} hours`;
	return `${showNumber(days, days < 10 ? 1 : 0)} days`;
}
