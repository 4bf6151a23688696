/**
 * Rounding has a direction in its name (handbook units#rounding): what goes into something is rounded down to the cutting step,
 * what receives it up, a visible border to the nearest, ties up. Rounding must never break the fit.
 */

/** A whisker, so that 400.0000000001 / 0.5 does not become one step more. */
const WHISKER = 1e-9;

/** The largest multiple of `step` that is not above `mm`: for what goes into something. */
export function cutDown(mm: number, step: number): number {
	return tidy(Math.floor(mm / step + WHISKER) * step);
}

/** The smallest multiple of `step` that is not below `mm`: for what receives something. */
export function receiveUp(mm: number, step: number): number {
	return tidy(Math.ceil(mm / step - WHISKER) * step);
}

/** The multiple of `step` nearest to `mm`, ties up: for what is seen. */
export function showNearest(mm: number, step: number): number {
	return tidy(Math.floor(mm / step + 0.5 + WHISKER) * step);
}

/** A count that rounds up, with the whisker: `countUp(3.0000000001)` is 3. */
export function countUp(x: number): number {
	return Math.ceil(x - WHISKER);
}

/** Sums of halves and sixteenths carry binary dust; the nearest micrometre of a micrometre is exact for both. */
export function tidy(mm: number): number {
	return Math.round(mm * 1e6) / 1e6;
}

/** Money is whole cents: the nearest, ties up. */
export function wholeCents(cents: number): number {
	return Math.round(cents);
}

/** Whether a length would be shown as nothing: a sentence then says so in words, or says nothing. */
export function isNothing(mm: number): boolean {
	return Math.abs(mm) < 0.05;
}
