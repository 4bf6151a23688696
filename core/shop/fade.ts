/**
 * How much light a colour bears before a fade can just be noticed (handbook light#classes): working values of the published
 * museum-lighting guide CIE 157. The straight line between "with" and "without" UV is this handbook's own.
 */
import { nth } from '../units/there.ts';

/** Million lux hours to a just noticeable fade, with much UV (as daylight through window glass) and with none. */
export const DOSES: readonly { withUv: number; withoutUv: number; examples: string }[] = [
	{ withUv: 0.22, withoutUv: 0.3, examples: 'many early dyes, some inks, dyed silk, fluorescent markers' },
	{ withUv: 0.6, withoutUv: 1, examples: 'many lake pigments, dye inkjet, magenta felt pen' },
	{ withUv: 1.5, withoutUv: 3, examples: 'early colour photographs, some watercolours, bone-thin washes' },
	{ withUv: 3.5, withoutUv: 10, examples: 'many watercolours, later colour prints, iron-gall ink' },
	{ withUv: 8, withoutUv: 30, examples: 'better watercolours, modern chromogenic prints' },
	{ withUv: 20, withoutUv: 100, examples: 'good dyes, pigment inkjet on rag paper' },
	{ withUv: 50, withoutUv: 300, examples: 'pigment prints, most earth pigments' },
	{ withUv: 120, withoutUv: 1100, examples: 'carbon ink, graphite, silver gelatin, letterpress black' }
];

/** The UV content at which the doses with UV hold, µW/lm. */
export const UV_OF_TABLE = 400;

/**
 * Share of a just noticeable fade that a million lux hours do.
 * @param fade class 1 to 8 of the most fugitive part
 * @param uv µW/lm in the light that reaches the piece
 * @returns 1/D0 + (1/D1 − 1/D0) × uv/400, at most 2/D1
 */
export function fadeRate(fade: number, uv: number): number {
	const { withUv, withoutUv } = nth(DOSES, fade - 1);
	return Math.min(1 / withoutUv + ((1 / withUv - 1 / withoutUv) * uv) / UV_OF_TABLE, 2 / withUv);
}

/** Classes 1 to 6: kept out of the sun, and at the lower of the two limits of light (handbook light#asks). */
export function isFugitive(fade: number): boolean {
	return fade <= 6;
}

/** Yearly light budget of the same guide, lux hours. */
export function yearlyBudget(fade: number): number {
	return fade <= 3 ? 15_000 : fade <= 6 ? 150_000 : 600_000;
}
