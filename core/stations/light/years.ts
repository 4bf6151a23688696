/** Years to a just noticeable fade, by place and glazing (handbook light#years). Estimates for comparing, never a promise. */
import type { Glazing } from '../../shop/glazing.ts';
import { fadeRate, yearlyBudget } from '../../shop/fade.ts';
import type { Exposure } from '../../shop/places.ts';
import type { Faded } from '../../figures/light.ts';

/** What a glazing does to light. */
export type Filter = Pick<Glazing, 'uvStoppedPercent' | 'lightPassedPercent'>;
export const UNGLAZED: Filter = { uvStoppedPercent: 0, lightPassedPercent: 100 };

/**
 * H' = lux × light passed × hours × 365 × months/12; UV content behind the glazing = UV × (1 − stopped)/passed;
 * years = 1 / Σ (H' × rate / 10⁶) over the sources.
 */
export function yearsToFade(exposure: Exposure, fade: number, filter: Filter): Faded {
	const passed = filter.lightPassedPercent / 100;
	let yearly = 0;
	let harm = 0;
	for (const { lux, hoursPerDay, uv } of exposure.sources) {
		const own = (lux * passed * hoursPerDay * 365 * exposure.monthsPerYear) / 12;
		yearly += own;
		harm += (own / 1e6) * fadeRate(fade, (uv * (1 - filter.uvStoppedPercent / 100)) / passed);
	}
	// In the dark the dose is that of light without UV.
	const doseMlxh = harm > 0 ? yearly / 1e6 / harm : 1 / fadeRate(fade, 0);
	return { yearly, doseMlxh, years: harm > 0 ? 1 / harm : null, budget: yearly / yearlyBudget(fade) };
}

/**
 * How many times faster the light of a place fades with its UV than without.
 * @returns at most 1.3 where UV glazing hardly helps: there the light itself does the harm
 */
export function uvShare(exposure: Exposure, fade: number): number {
	const weigh = (rate: (uv: number) => number) =>
		exposure.sources.reduce((sum, { lux, hoursPerDay, uv }) => sum + lux * hoursPerDay * rate(uv), 0);
	const without = weigh(() => fadeRate(fade, 0));
	return without === 0 ? 1 : weigh((uv) => fadeRate(fade, uv)) / without;
}
