/** Sizes that a pack may be fitted to, and the smallest that leaves every border wide enough (handbook window#fit). */
import type { Context } from '../../rule/rule.ts';
import { mapAxes, type Size } from '../../geometry/shapes.ts';
import { fitted } from './borders.ts';
import { sideValues } from '../../rule/side-terms.ts';
import { sizeTerms } from '../../rule/term.ts';
import type { PackSize } from '../../shop/pack-sizes.ts';
import { MM_PER_INCH } from '../../units/length.ts';
import { receiveUp } from '../../units/round.ts';
import { nth, there } from '../../units/there.ts';

/** A size of the shop's lists, turned to suit. */
export type Fitting = { name: string; pack: Size };

/** The size of smallest area in either list, turned to suit, that leaves every border at `least` or more; null when none does. */
export function smallestPack({ plan, job, shop }: Context, least: number): Fitting | null {
	const outermost = sizeTerms('window.mats[0].opening', nth(there(plan.window, 'window').mats, 0).opening);
	// By the very rounding that the borders will have.
	const fitting = turnedEachWay(shop.packSizes).filter(
		({ pack }) => Math.min(...Object.values(sideValues(fitted(job, outermost, sizeTerms('window.pack', pack))))) >= least
	);
	fitting.sort((one, other) => one.pack.width * one.pack.height - other.pack.width * other.pack.height);
	return fitting[0] ?? null;
}

/** Each size upright and turned; a square one once, and what is as large as one before it not again. */
export function turnedEachWay(sizes: readonly PackSize[]): Fitting[] {
	const seen = new Set<string>();
	return sizes
		.flatMap(({ name, width, height }) => [
			{ name, pack: { width, height } },
			{ name: `${name}, turned`, pack: { width: height, height: width } }
		])
		.filter(({ pack }) => {
			const key = `${pack.width}x${pack.height}`;
			if (seen.has(key)) return false;
			seen.add(key);
			return true;
		});
}

/** The smallest of the sizes, turned to suit, that a pack goes into; null when none is large enough. */
export function smallestAround(sizes: readonly PackSize[], pack: Size): Size | null {
	const around = turnedEachWay(sizes)
		.map((one) => one.pack)
		.filter((one) => one.width >= pack.width && one.height >= pack.height);
	around.sort((one, other) => one.width * one.height - other.width * other.height);
	return around[0] ?? null;
}

/** Metal sections are sold by whole inches: the next size up, and the one after it, for each axis. */
export function wholeInches(pack: Size): Size[] {
	const next = mapAxes((axis) => receiveUp(pack[axis], MM_PER_INCH));
	const after = mapAxes((axis) => next[axis] + MM_PER_INCH);
	return [next, { width: after.width, height: next.height }, { width: next.width, height: after.height }, after];
}
