/** Years to a just noticeable fade, by place and glazing (handbook light#years). Estimates for comparing, never a promise. */
import type { Glazing } from '../../shop/glazing.ts';
import { fadeRate, yearlyBudget } from '../../shop/fade.ts';
import type { Exposure } from '../../shop/places.ts';
import type { Faded } from '../../figures/light.ts';
import { at, less, named, over, plain, sum, times, type Term } from '../../rule/term.ts';

/** What a glazing does to light. */
export type Filter = Pick<Glazing, 'uvStoppedPercent' | 'lightPassedPercent'>;
export const UNGLAZED: Filter = { uvStoppedPercent: 0, lightPassedPercent: 100 };

type LightTerms = { sources: { lux: Term; hoursPerDay: Term; uv: Term }[]; monthsPerYear: Term };
/** Shares that a glazing leaves. */
type FilterTerms = { uv: Term; passed: Term };

/** @param path where the exposure stands; plain numbers without one */
export function lightTerms({ sources, monthsPerYear }: Exposure, path?: string, monthsPath = path): LightTerms {
	const under = (from: string | undefined, name: string, value: number) => (from ? at(`${from}.${name}`, value) : plain(value));
	return {
		sources: sources.map(({ lux, hoursPerDay, uv }, index) => {
			const source = path && `${path}.sources[${index}]`;
			return {
				lux: under(source, 'lux', lux),
				hoursPerDay: under(source, 'hoursPerDay', hoursPerDay),
				uv: under(source, 'uv', uv)
			};
		}),
		monthsPerYear: under(monthsPath, 'monthsPerYear', monthsPerYear)
	};
}

/** @param path where the glazing stands; plain numbers without one */
export function filterTerms({ uvStoppedPercent, lightPassedPercent }: Filter, path?: string): FilterTerms {
	const under = (name: string, value: number) => (path ? at(`${path}.${name}`, value) : plain(value));
	return {
		uv: less(plain(1), over(under('uvStoppedPercent', uvStoppedPercent), plain(100))),
		passed: over(under('lightPassedPercent', lightPassedPercent), plain(100))
	};
}

/** H' = lux × light passed × hours × 365 × months/12, lux hours behind the glazing. */
export function yearlyOf(light: LightTerms, filter: FilterTerms): Term {
	return sum(...light.sources.map((source) => ownOf(source, light, filter)));
}

function ownOf(
	{ lux, hoursPerDay }: LightTerms['sources'][number],
	{ monthsPerYear }: LightTerms,
	{ passed }: FilterTerms
): Term {
	return over(times(lux, passed, hoursPerDay, plain(365), monthsPerYear), plain(12));
}

/** UV content behind the glazing = UV × (1 − stopped)/passed; years = 10⁶ / Σ (H' × rate) over the sources; null in the dark. */
export function yearsOf(light: LightTerms, fade: Term, filter: FilterTerms): Term | null {
	const harms = light.sources.map((source) =>
		times(ownOf(source, light, filter), rateOf(fade, over(times(source.uv, filter.uv), filter.passed)))
	);
	const harm = sum(...harms);
	return harm.value > 0 ? over(plain(1_000_000), harm) : null;
}

/** Share of a just noticeable fade that a million lux hours of a UV content do. */
function rateOf(fade: Term, uv: Term): Term {
	return named('fadeRate', fadeRate(fade.value, uv.value), [fade, uv]);
}

/** Million lux hours to a just noticeable fade; in the dark that of light without UV. */
export function doseOf(yearly: Term, years: Term | null, fade: Term): Term {
	return years ? times(over(yearly, plain(1_000_000)), years) : over(plain(1), rateOf(fade, plain(0)));
}

/** How many times the yearly budget is used. */
export function budgetOf(yearly: Term, fade: Term): Term {
	return over(yearly, named('yearlyBudget', yearlyBudget(fade.value), [fade]));
}

/** All of it for an exposure that is no job's. */
export function yearsToFade(exposure: Exposure, fade: number, filter: Filter): Faded {
	const [light, behind, of] = [lightTerms(exposure), filterTerms(filter), plain(fade)];
	const yearly = yearlyOf(light, behind);
	const years = yearsOf(light, of, behind);
	return {
		yearly: yearly.value,
		doseMlxh: doseOf(yearly, years, of).value,
		years: years?.value ?? null,
		budget: budgetOf(yearly, of).value
	};
}

/** UV content behind a glazing, µW/lm: of several lights by the light that each gives. */
export function uvBehind({ sources }: Exposure, { uvStoppedPercent, lightPassedPercent }: Filter): number {
	const all = sources.reduce((sum, { lux, hoursPerDay }) => sum + lux * hoursPerDay, 0);
	if (all === 0) return 0;
	const uv = sources.reduce((sum, one) => sum + one.lux * one.hoursPerDay * one.uv, 0) / all;
	return (uv * (100 - uvStoppedPercent)) / lightPassedPercent;
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
