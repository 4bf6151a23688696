/** Figures of the laboratory's light charts: nothing is drawn that is not computed here. Estimates for comparing choices. */
import { DOSES } from '../../shop/fade.ts';
import type { Exposure } from '../../shop/places.ts';
import { yearsToFade, type Filter } from './years.ts';

export type YearsOfGlazing = { id: string; name: string; /** By class, 1 to 8. */ years: number[] };

/** Years to a just noticeable fade behind each glazing, for each class; none where no light falls. */
export function yearsByGlazing(
	exposure: Exposure,
	glazings: readonly (Filter & { id: string; name: string })[]
): YearsOfGlazing[] {
	return glazings
		.map((glazing) => ({
			id: glazing.id,
			name: glazing.name,
			years: DOSES.flatMap((_, index) => yearsToFade(exposure, index + 1, glazing).years ?? [])
		}))
		.filter(({ years }) => years.length > 0);
}

export type Rotation = {
	months: number;
	years: number;
	/** Share of what it bears, at the end of each year from 0. */ spent: number[];
};

/** Shown so many months a year, how much of what the piece bears is spent, year by year. */
export function doseOverLife(
	exposure: Exposure,
	fade: number,
	filter: Filter,
	months: readonly number[],
	lifeYears: number
): Rotation[] {
	return months.flatMap((shown) => {
		const { years } = yearsToFade({ ...exposure, monthsPerYear: shown }, fade, filter);
		if (years === null) return [];
		return [{ months: shown, years, spent: Array.from({ length: lifeYears + 1 }, (_, year) => year / years) }];
	});
}

/** A life long enough that the slowest rotation of interest is seen to end, in round years. */
export function lifeFor(years: number): number {
	const wanted = Math.max(2, years * 2.4);
	const step = [2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000].find((round) => round >= wanted);
	return step ?? 10_000;
}

/** What it is shown now, and fewer months beside it, the longest first. */
export function rotationsBeside(monthsPerYear: number): number[] {
	const all = [...new Set([monthsPerYear, 6, 4, 3, 12])];
	return all.slice(0, 4).sort((one, other) => other - one);
}
