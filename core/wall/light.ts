/** Light at each place of a wall, and what it does to what hangs there: estimates, for comparing (handbook hang#wall-light). */
import type { Point } from '../geometry/shapes.ts';
import { SOURCES, type Exposure } from '../shop/places.ts';
import { yearsToFade } from '../stations/light/years.ts';
import type { Hung, LightReading, LitPicture, Picture, WallLight } from './wall.ts';

/**
 * Between readings each counts by one over its distance squared (Shepard 1968): at a reading it is the reading, nowhere more than the
 * highest or less than the lowest.
 * @returns lux; null without a reading
 */
export function luxAt(readings: readonly LightReading[], { x, y }: Point): number | null {
	let [sum, weight] = [0, 0];
	for (const { left, height, lux } of readings) {
		const squared = (left - x) ** 2 + (height - y) ** 2;
		if (squared === 0) return lux;
		sum += lux / squared;
		weight += 1 / squared;
	}
	return weight === 0 ? null : sum / weight;
}

/** Readings on the wall go before the place that a job names. */
export function lightOn(hung: readonly Hung[], pictures: ReadonlyMap<string, Picture>, light?: WallLight): LitPicture[] {
	return hung.flatMap(({ id, left, bottom, width, height }): LitPicture[] => {
		const fades = pictures.get(id)?.fades;
		const read = light && luxAt(light.readings, { x: left + width / 2, y: bottom + height / 2 });
		const exposure = light && typeof read === 'number' ? exposed(read, light) : fades?.exposure;
		if (!exposure) return [];
		const lux = exposure.sources.reduce((sum, source) => sum + source.lux, 0);
		return [{ picture: id, lux, ...(fades ? shown(yearsToFade(exposure, fades.fade, fades.filter)) : {}) }];
	});
}

const shown = ({ years, budget }: { years: number | null; budget: number }) => ({ years, budget });

function exposed(lux: number, { hoursPerDay, source }: WallLight): Exposure {
	return { sources: [{ lux, hoursPerDay, uv: SOURCES[source].uv }], monthsPerYear: 12 };
}
