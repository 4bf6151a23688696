/** The shop's own places: light read there, as it was written (handbook light#places). */
import type { Fault } from '../job/faults.ts';
import { there } from '../units/there.ts';

export type OwnPlace = { name: string; lux: number; hoursPerDay: number; /** µW/lm */ uv: number; monthsPerYear: number };

const MOST_PLACES = 200;
const FIGURES = [
	{ key: 'lux', name: 'Light', least: 0, most: 200_000, unit: ' lx' },
	{ key: 'hoursPerDay', name: 'Hours a day', least: 0, most: 24, unit: '' },
	{ key: 'uv', name: 'UV', least: 0, most: 2000, unit: ' µW/lm' },
	{ key: 'monthsPerYear', name: 'Months a year', least: 1, most: 12, unit: '' }
] as const;

/**
 * Reads a list of places.
 * @returns the places, or every fault with its path: `places[3].lux`
 */
export function readPlaces(list: unknown): { ok: true; places: OwnPlace[] } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'places', says: 'This must be a list in [ ].' }] };
	if (list.length > MOST_PLACES)
		return {
			ok: false,
			faults: [{ path: 'places', says: `There are ${list.length} places; at most ${MOST_PLACES} can be saved.` }]
		};
	const faults: Fault[] = [];
	const names = new Set<string>();
	const places = list.map((given: unknown, index): OwnPlace => {
		const at = `places[${index}]`;
		const one = (typeof given === 'object' && given !== null ? given : {}) as Record<string, unknown>;
		const name = typeof one.name === 'string' ? one.name.trim() : '';
		if (name === '' || name.length > 80) faults.push({ path: `${at}.name`, says: 'Enter a name of 1 to 80 letters.' });
		else if (names.has(name)) faults.push({ path: `${at}.name`, says: `“${name}” is used twice. Give each place its own name.` });
		names.add(name);
		const read = Object.fromEntries(
			FIGURES.map(({ key }) => {
				const result = readPlaceFigure(key, one[key]);
				if (!result.ok) faults.push({ path: `${at}.${key}`, says: result.says });
				return [key, result.ok ? result.value : 0];
			})
		) as Omit<OwnPlace, 'name'>;
		if (read.lux === 0 && read.uv > 0 && one.lux !== undefined && Number(one.lux) === 0)
			faults.push({ path: `${at}.uv`, says: 'Without light there is no UV. Enter 0, or the light measured.' });
		return { name, ...read };
	});
	return faults.length > 0 ? { ok: false, faults } : { ok: true, places };
}

export type PlaceFigure = (typeof FIGURES)[number]['key'];

/** One figure of a place, as it was typed or sent. */
export function readPlaceFigure(key: PlaceFigure, given: unknown): { ok: true; value: number } | { ok: false; says: string } {
	const { name, least, most, unit } = there(
		FIGURES.find((one) => one.key === key),
		'find'
	);
	const text = typeof given === 'string' ? given.trim() : given;
	if (typeof text === 'string' && /^-?\d+,\d+$/.test(text))
		return { ok: false, says: `Write ${text.replace(',', '.')} with a point.` };
	const value =
		typeof text === 'number'
			? text
			: typeof text === 'string' && /^[-−]?\d*\.?\d+$/.test(text)
				? Number(text.replace('−', '-'))
				: Number.NaN;
	if (!Number.isFinite(value)) return { ok: false, says: `${name} must be a number, such as ${key === 'lux' ? '150' : '8'}.` };
	if (value < least || value > most) {
		const shown = String(value).replace('-', '−');
		return { ok: false, says: `${name} of ${shown}${unit}: must be between ${least} and ${most}${unit}.` };
	}
	return { ok: true, value };
}
