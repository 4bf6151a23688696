/** `why` maps a plan path to the expression that gives it and to the paragraph of the handbook that it comes from. */
import type { Size } from '../geometry/shapes.ts';
import { houseUnit, type House } from '../shop/house.ts';
import { unitOf, type FigureUnit } from '../units/figures.ts';

export type Explanation = { of: string; source: string; /** As data: nothing guesses it from the path. */ unit: FigureUnit };
export type Why = Record<string, Explanation>;

/** Collects explanations of one station: each source is a chapter and an anchor, such as `window#overlap`. */
export function explainer(why: Why): (path: string, of: string, source: string) => void {
	return (path, of, source) => {
		why[path] = { of, source, unit: unitOf(path, (name) => houseUnit(name as keyof House)) };
	};
}

export type Explain = ReturnType<typeof explainer>;

/** Explains a size axis by axis. */
export function onAxes(make: (axis: keyof Size) => void): void {
	make('width');
	make('height');
}

/** `a + b + c`, or `0` of nothing. */
export function plus(terms: string[]): string {
	return terms.length === 0 ? '0' : terms.join(' + ');
}

/** The two sides that lie along an axis. */
export const SIDES_OF: Record<keyof Size, readonly ['left' | 'top', 'right' | 'bottom']> = {
	width: ['left', 'right'],
	height: ['top', 'bottom']
};
