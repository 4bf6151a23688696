/**
 * What the sides of the blanks force: both sides of a blank are replaced by what a dual feasible function gives of their shares of the
 * sheet's sides; such functions keep what fits side by side within one, so that the areas of the replaced blanks are a bound again.
 * After Fekete and Schepers, “A general framework for bounds for higher-dimensional orthogonal packing problems” (2004).
 */
import { there } from '../units/there.ts';
import { fits, type BlankKind, type Instance } from './instance.ts';

/** Of a share of a side: what of one it counts as. */
type Counted = (share: number) => number;

/** Shares come of whole steps: less than this is their rounding. */
const TINY = 1e-9;
/** Lengths at which the functions step, and how many of each are tried at the most. */
const MOST_STEPS = 24;
const MOST_MULTIPLE = 6;

/** More than all but `step` of a side leaves nothing beside it; less than that is not counted. */
const greatAndSmall =
	(step: number): Counted =>
	(share) =>
		share > 1 - step + TINY ? 1 : share < step - TINY ? 0 : share;

/** Shares from `step` on are counted by how many of that length still lie beside them. */
const byWhatIsLeft = (step: number): Counted => {
	const whole = Math.floor(1 / step + TINY);
	return (share) => {
		if (share < step - TINY) return 0;
		if (Math.abs(share - 1 / 2) < TINY) return 1 / 2;
		return share > 1 / 2 ? 1 - Math.floor((1 - share) / step + TINY) / whole : 1 / whole;
	};
};

/** Shares are counted in parts of one, rounded down, but for those that divide it. */
const inParts =
	(parts: number): Counted =>
	(share) => {
		const times = (parts + 1) * share;
		return Math.abs(times - Math.floor(times + TINY)) < TINY ? share : Math.floor(times + TINY) / parts;
	};

/**
 * @returns sheets that every plan needs at least, not rounded up; 0 where the sheets are of several sizes, or the most that is looked at
 * is over. Areas are the case in which both functions change nothing.
 */
export function dualBound({ blanks, sheets }: Instance, goOn: () => boolean): number {
	const [sheet] = sheets;
	if (!sheet || sheets.length > 1) return 0;
	const ways = blanks.map((kind) => ({ count: kind.count, shares: sharesOf(kind, sheet) }));
	const steps = stepsOf(ways.flatMap(({ shares }) => shares.flat()));
	const functions: Counted[] = [
		(share) => share,
		...Array.from({ length: MOST_MULTIPLE }, (_, index) => inParts(index + 1)),
		...steps.flatMap((step) => [greatAndSmall(step), byWhatIsLeft(step)])
	];
	let best = 0;
	for (const along of functions)
		for (const across of functions) {
			if (!goOn()) return best;
			let sum = 0;
			for (const { count, shares } of ways) {
				// It lies in one of its ways: the least of them is what it counts as.
				let least = Infinity;
				for (const [w, h] of shares) least = Math.min(least, along(w) * across(h));
				sum += count * least;
			}
			best = Math.max(best, sum - TINY * blanks.length);
		}
	return best;
}

function sharesOf(kind: BlankKind, sheet: { w: number; h: number }): [number, number][] {
	const straight = { ...kind, turn: false };
	const turned = { ...kind, turn: false, w: kind.h, h: kind.w };
	const ways = kind.turn ? [straight, turned] : [straight];
	return ways.filter((way) => fits(way, sheet)).map(({ w, h }) => [w / sheet.w, h / sheet.h]);
}

/** Where a function of the shares can change: at them and at what they leave, evenly picked where there are many. */
function stepsOf(shares: number[]): number[] {
	const all = [...new Set(shares.flatMap((share) => [share, 1 - share]))].filter((share) => share > TINY && share <= 1 / 2);
	all.sort((one, other) => one - other);
	const every = Math.max(1, all.length / MOST_STEPS);
	return Array.from({ length: Math.min(all.length, MOST_STEPS) }, (_, index) => there(all[Math.floor(index * every)], 'step'));
}
