/**
 * The best grade and size under a price (handbook cut#cost): from the highest grade down, first as it is, then with the cheapest materials
 * that the grade admits, then with narrower borders, as little narrower as will do.
 */
import { patched, put } from '../../job/patch.ts';
import { FaultError } from '../../job/faults.ts';
import type { Finding } from '../../rule/rule.ts';
import { GRADES } from '../../shop/grades.ts';
import { shopFor } from '../../shop/shop.ts';
import { SIDES } from '../../geometry/shapes.ts';
import { cutDown } from '../../units/round.ts';
import { showLength, showWithUnit } from '../../units/show.ts';
import { offerAt, offerOf, plannedWith, type Asked, type Offer } from './beside.ts';
import type { Planned } from './materials.ts';

export type Under = {
	/** Null where nothing is under the price. */
	offer: Offer | null;
	/** What is otherwise than as it stands: materials, borders. Where its grade is lower or the same, that is what was given up. */
	changes: string[];
	/** The cheapest that was found: what it costs, where nothing is under the price. */
	least: number;
};

/** @param cents the most that the customer pays, tax in it */
export function bestUnder(asked: Asked, cents: number): Under {
	const now = plannedWith(asked);
	const { reached } = now.plan.grade;
	let least = Infinity;
	const bears = bearing(asked);
	const isUnder = (offer: Offer): boolean => {
		// What the new weight asks too much of is not offered, however cheap.
		if (!bears(offer)) return false;
		least = Math.min(least, offer.cost.sums.total);
		return offer.cost.sums.total <= cents;
	};
	const found = (offer: Offer, more: string[] = []): Under => ({ offer, changes: [...offer.changes, ...more], least });
	for (const grade of GRADES) {
		const stands = grade === reached ? offerOf(asked, grade, [], []) : null;
		if (stands && isUnder(stands)) return found(stands);
		for (const cheap of [false, true]) {
			const offer = offerAt(asked, grade, cheap);
			if ('barredBy' in offer) break;
			if (isUnder(offer)) return found(offer);
			const narrow = cheap ? narrower(asked, now, offer, isUnder) : null;
			if (narrow) return found(narrow.offer, [narrow.says]);
		}
	}
	return {
		offer: null,
		changes: [],
		least: Number.isFinite(least) ? least : offerOf(asked, now.job.aim, [], []).cost.sums.total
	};
}

/** Rules of what carries it: a section, a ring, a hook. */
const CARRIES = ['frame.weak', 'hang.ring-none', 'hang.wire-none', 'hang.too-heavy', 'hang.wood-thin'];

/** Whether an offer asks no more of section, ring and hook than the job as it stands, and brings no stop. */
function bearing(asked: Asked): (offer: Offer) => boolean {
	const countOf = (found: readonly Finding[]) =>
		found.filter(({ severity, rule }) => severity === 'stop' || CARRIES.includes(rule)).length;
	const now = countOf(plannedWith(asked).plan.findings);
	return ({ patch }) => countOf(plannedWith({ ...asked, file: patched(asked.file, patch) }).plan.findings) <= now;
}

/** The widest borders under the price, in steps that a tape lays; null where borders are given, or the narrowest are too dear. */
function narrower(
	asked: Asked,
	now: Planned,
	cheap: Offer,
	isUnder: (offer: Offer) => boolean
): { offer: Offer; says: string } | null {
	const { borders, mats, reader, cutIn } = now.job;
	const { house } = shopFor(asked.shop, cutIn);
	if (mats.length === 0 || borders.way === 'fit' || borders.way === 'have' || now.job.frameIsThere) return null;
	const step = reader.unit === 'mm' ? 1 : 25.4 / 8;
	const widest = Math.max(...SIDES.map((side) => borders.asked[side]));
	const at = (less: number): Offer | null => {
		const file = patched(asked.file, cheap.patch);
		const sides = SIDES.map((side) => [side, Math.max(house.thinBorder, cutDown(borders.asked[side] - less, step))] as const);
		const changed =
			borders.way === 'own'
				? { ...file.borders, ...Object.fromEntries(sides) }
				: { ...file.borders, way: borders.way, width: Math.max(house.thinBorder, cutDown(borders.width - less, step)) };
		try {
			return offerOf(asked, cheap.grade, [...cheap.patch, ...put(file, ['borders'], changed)], cheap.changes);
		} catch (error) {
			if (error instanceof FaultError) return null;
			throw error;
		}
	};
	// The least that is taken off: the price falls as borders do.
	let [low, high] = [0, Math.ceil((widest - house.thinBorder) / step)];
	let best: { offer: Offer; less: number } | null = null;
	while (low < high) {
		const middle = Math.floor((low + high) / 2);
		const offer = at((middle + 1) * step);
		if (offer && isUnder(offer)) [best, high] = [{ offer, less: (middle + 1) * step }, middle];
		else low = middle + 1;
	}
	if (!best) return null;
	const before = showLength(borders.way === 'own' ? widest : borders.width, reader, 'mark').text;
	const after = Math.max(house.thinBorder, cutDown((borders.way === 'own' ? widest : borders.width) - best.less, step));
	return { offer: best.offer, says: `Borders ${before} → ${showWithUnit(after, reader, 'mark')}` };
}
