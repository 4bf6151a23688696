/** A mass as it is typed: `3.2`, `3.2 kg`, `450 g`, `7 lb 3 oz`, `7.2 lb`, `12 oz`. */
import type { Unit } from './length.ts';
import { OUNCES_PER_KG } from './show.ts';
import { showNearest } from './round.ts';

const OUNCES_PER_POUND = 16;
const GRAM = 0.001;
const NUMBER = '(\\d+(?:[.,]\\d+)?)';
const METRIC = new RegExp(`^${NUMBER}\\s*(kg|g)$`, 'i');
const POUNDS = new RegExp(`^(?:${NUMBER}\\s*lbs?)?\\s*(?:${NUMBER}\\s*oz)?$`, 'i');
const BARE = new RegExp(`^${NUMBER}$`);

const numberOf = (text: string | undefined): number => Number((text ?? '0').replace(',', '.'));

/**
 * @param unit what a bare number means: kilograms beside millimetres, pounds beside inches
 * @returns kg, to the gram; `null` when it is no mass
 */
export function readMass(text: string, unit: Unit): number | null {
	const kg = inKg(text.trim(), unit);
	return kg === null ? null : showNearest(kg, GRAM);
}

function inKg(text: string, unit: Unit): number | null {
	const bare = BARE.exec(text);
	if (bare) return unit === 'mm' ? numberOf(bare[1]) : (numberOf(bare[1]) * OUNCES_PER_POUND) / OUNCES_PER_KG;
	const metric = METRIC.exec(text);
	if (metric) return numberOf(metric[1]) * (metric[2]?.toLowerCase() === 'g' ? GRAM : 1);
	const pounds = POUNDS.exec(text);
	if (!pounds || (pounds[1] ?? pounds[2]) === undefined) return null;
	return (numberOf(pounds[1]) * OUNCES_PER_POUND + numberOf(pounds[2])) / OUNCES_PER_KG;
}
