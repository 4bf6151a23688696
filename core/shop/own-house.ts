/** House figures that a shop sets for itself, in either house, as they were written (handbook units#inch-house). */
import type { Fault } from '../job/faults.ts';
import { isLength, showFigure } from '../units/figures.ts';
import { readLength, type Unit } from '../units/length.ts';
import { showLength, type Reader } from '../units/show.ts';
import { BECAUSE_MOST, readBecause } from './own-schools.ts';
import { HOUSE_IN, HOUSE_MM, houseUnit, type House } from './house.ts';

export type HouseFigure = keyof House;
/** A figure of one of the two houses: a length with its unit, a bare number in the house's; everything else a number. */
export type WrittenFigure = {
	house: Unit;
	figure: string;
	value: string | number;
	/** Why the shop does so. */
	because?: string;
};
export type OwnHouse = Readonly<Record<Unit, Partial<House>>>;

export const HOUSES: Readonly<Record<Unit, House>> = { mm: HOUSE_MM, in: HOUSE_IN };

/** How nature is, which no shop sets. */
const OF_NATURE: ReadonlySet<string> = new Set<HouseFigure>([
	'gravity',
	'pascalPerRh',
	'waterPerKg',
	'jointPermeance',
	'jointTaped',
	'jointEdgeSealed',
	'openBackPermeance',
	'paperGrowthAcross',
	'paperGrowthAlong',
	'boardGrowth',
	'vellumGrowth',
	'tracingGrowth',
	'panelGrowth',
	'panelTangential',
	'panelQuarter',
	'woodAlongGrowth',
	'plywoodGrowth',
	'fibreboardGrowth',
	'canvasGrowth',
	'stillGrowth',
	'metalGrowthPerKelvin',
	'acrylicCreepGPa'
]);

export const OWN_FIGURES: readonly HouseFigure[] = (Object.keys(HOUSE_MM) as HouseFigure[]).filter(
	(name) => !OF_NATURE.has(name)
);

const MAY_BE_NONE: ReadonlySet<HouseFigure> = new Set<HouseFigure>([
	'borderWeight',
	'bareWood',
	'allowanceSpare',
	'kerf',
	'sheetKerf',
	'sheetTrim',
	'sundriesCents',
	'wastePercent',
	'marginPercent',
	'taxPercent'
]);
const FRACTIONS = [8, 16, 32];
/** A figure further than this from the one that comes is a slip of the pen. */
const FAR = 10;
/** Where none is the usual, mm. */
const FAR_FROM_NONE = 50;

/**
 * Reads a list of figures.
 * @returns the figures of both houses, lengths in mm; or every fault with its path: `house[3].value`
 */
export function readHouse(list: unknown): { ok: true; own: OwnHouse } | { ok: false; faults: Fault[] } {
	if (!Array.isArray(list)) return { ok: false, faults: [{ path: 'house', says: 'This must be a list in [ ].' }] };
	if (list.length > 2 * OWN_FIGURES.length)
		return {
			ok: false,
			faults: [{ path: 'house', says: `There are ${list.length} figures; mm and inches together have fewer.` }]
		};
	const faults: Fault[] = [];
	const own: Record<Unit, Partial<House>> = { mm: {}, in: {} };
	for (const [index, given] of list.entries()) {
		const at = `house[${index}]`;
		const { house, figure, value, because } = (
			typeof given === 'object' && given !== null ? given : {}
		) as Partial<WrittenFigure>;
		if (house !== 'mm' && house !== 'in') {
			faults.push({ path: `${at}.house`, says: 'Enter mm or in.' });
			continue;
		}
		if (readBecause(because) === null)
			faults.push({ path: `${at}.because`, says: `Enter a reason of at most ${BECAUSE_MOST} letters.` });
		const name = OWN_FIGURES.find((one) => one === figure);
		if (!name) faults.push({ path: `${at}.figure`, says: `“${String(figure)}” is not a shop figure that can be set.` });
		else if (own[house][name] !== undefined)
			faults.push({ path: `${at}.figure`, says: `“${name}” is set twice for one unit. Remove one.` });
		else {
			const read = readHouseFigure(name, house, value);
			if (read.ok) own[house][name] = read.value;
			else faults.push({ path: `${at}.value`, says: read.says });
		}
	}
	return faults.length > 0 ? { ok: false, faults } : { ok: true, own };
}

/** One figure as it was typed or sent. @returns a length in mm, any other figure as it is, or what is wrong with it */
export function readHouseFigure(
	figure: HouseFigure,
	house: Unit,
	written: unknown
): { ok: true; value: number } | { ok: false; says: string } {
	const usual = HOUSES[house][figure];
	const unit = houseUnit(figure);
	const none = MAY_BE_NONE.has(figure);
	const read = isLength(unit) ? readWritten(written, house, none) : readPlain(written);
	if (!read.ok) return read;
	const { value } = read;
	if (figure === 'fraction' && !FRACTIONS.includes(value))
		return { ok: false, says: 'Enter 8, 16 or 32: tapes show eighths, sixteenths or thirty-seconds.' };
	if (unit === 'count' && !Number.isInteger(value)) return { ok: false, says: 'Enter a whole number.' };
	if (value === 0 && none) return { ok: true, value };
	const most = usual === 0 ? FAR_FROM_NONE : usual * FAR;
	if (value < usual / FAR || value > most) {
		const reader: Reader = { unit: house, fraction: 64 };
		return { ok: false, says: `This is far from ${showFigure(usual, unit, reader)}, the default. Check it and its unit.` };
	}
	return { ok: true, value };
}

/** A figure as it comes, as it may be typed: real fractions of an inch where it is one. */
export function usualFigure(figure: HouseFigure, house: Unit): string {
	const value = HOUSES[house][figure];
	if (!isLength(houseUnit(figure))) return String(Number(value.toPrecision(4)));
	return showLength(value, { unit: house, fraction: 64 }, 'fine').text;
}

function readWritten(written: unknown, house: Unit, none: boolean): { ok: true; value: number } | { ok: false; says: string } {
	if (typeof written !== 'string' && typeof written !== 'number')
		return { ok: false, says: 'Enter a length, such as 6 mm or 1/4 in.' };
	const read = readLength(written, house, none);
	return read.ok ? { ok: true, value: read.mm } : read;
}

function readPlain(written: unknown): { ok: true; value: number } | { ok: false; says: string } {
	const text = typeof written === 'string' ? written.trim().replace(/^(\d+),(\d{1,2})$/, '$1.$2') : written;
	const value = typeof text === 'string' && /^\d*\.?\d+$/.test(text) ? Number(text) : text;
	return typeof value === 'number' && Number.isFinite(value) && value >= 0
		? { ok: true, value }
		: { ok: false, says: 'Enter a number, such as 8 or 0.3.' };
}
