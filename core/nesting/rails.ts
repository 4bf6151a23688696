/**
 * Rails end to end on sticks that are given. Each stick in turn takes the set of rails that leaves least of it (minimum bin slack: Gupta and
 * Ho, 1999); then a few sticks are emptied and filled anew, again and again (Fleszar and Hindi, 2002), taken where it is no worse than a
 * while before (late acceptance: Burke and Bykov, 2017).
 */
import { nth } from '../units/there.ts';
import type { Random } from './random.ts';

/** Sets looked at for one stick. */
const MOST_SETS = 3000;
const EMPTIED = [2, 3, 3, 4];
/** Of the rails, so many are held back from a stick: what leaves least of one may leave nothing good for the others. */
const HELD_BACK = 0.12;
const WHILE_BEFORE = 60;

type Stick = { long: number; on: number[]; left: number };
type Filled = { sticks: Stick[]; out: number[]; worth: number };

/**
 * @param rails how long each is
 * @param sticks how long each is
 * @param goesOn asked after every try
 * @returns which rails lie on each stick; null where no way was found
 */
export function railsOnSticks(
	rails: readonly number[],
	sticks: readonly number[],
	random: Random,
	goesOn: () => boolean
): number[][] | null {
	const longest = Math.max(...sticks);
	const total = rails.reduce((sum, rail) => sum + rail, 0);
	if (total > sticks.reduce((sum, stick) => sum + stick, 0) || Math.max(...rails) > longest) return null;
	const all = rails.map((_, at) => at).sort((one, other) => nth(rails, other) - nth(rails, one));
	let now = filled(
		rails,
		sticks.map((long) => ({ long, on: [], left: long })),
		[],
		all,
		{ longest, random: null }
	);
	const past = new Array<number>(WHILE_BEFORE).fill(now.worth);
	for (let round = 0; now.out.length > 0; round += 1) {
		if (!goesOn()) return null;
		const many = Math.min(now.sticks.length, nth(EMPTIED, Math.floor(random() * EMPTIED.length)));
		const order = shuffled(now.sticks, random);
		const emptied = order.slice(0, many);
		const pool = [...now.out, ...emptied.flatMap(({ on }) => on)].sort((one, other) => nth(rails, other) - nth(rails, one));
		const next = filled(rails, emptied, order.slice(many), pool, { longest, random: round % 2 === 0 ? null : random });
		const at = round % WHILE_BEFORE;
		if (next.worth <= now.worth || next.worth <= nth(past, at)) now = next;
		past[at] = now.worth;
	}
	return sticks.map((long) => {
		const at = now.sticks.findIndex((stick) => stick.long === long);
		return nth(now.sticks.splice(at, 1), 0).on;
	});
}

function shuffled<T>(list: readonly T[], random: Random): T[] {
	const mixed = [...list];
	for (let at = mixed.length - 1; at > 0; at -= 1) {
		const other = Math.floor(random() * (at + 1));
		[mixed[at], mixed[other]] = [nth(mixed, other), nth(mixed, at)];
	}
	return mixed;
}

/** Empty sticks filled one after the other. What is left of few sticks is worth more than the same of many: a rail may go there yet. */
function filled(
	rails: readonly number[],
	empty: readonly Stick[],
	others: readonly Stick[],
	pool: readonly number[],
	{ longest, random }: { longest: number; /** Null: nothing is held back. */ random: Random | null }
): Filled {
	let out = pool;
	const done = empty.map(({ long }): Stick => {
		const on = fullest(rails, long, random ? out.filter(() => random() > HELD_BACK) : out);
		out = out.filter((rail) => !on.includes(rail));
		return { long, on, left: on.reduce((rest, rail) => rest - nth(rails, rail), long) };
	});
	const sticks = [...others, ...done];
	const lies = out.reduce((sum, rail) => sum + nth(rails, rail), 0);
	return { sticks, out: [...out], worth: lies - sticks.reduce((sum, { left }) => sum + (left / longest) * left, 0) / 2 };
}

/** The set of rails that leaves least of a stick. @param pool the longest first */
function fullest(rails: readonly number[], long: number, pool: readonly number[]): number[] {
	const after = new Array<number>(pool.length + 1).fill(0);
	for (let at = pool.length - 1; at >= 0; at -= 1) after[at] = nth(after, at + 1) + nth(rails, nth(pool, at));
	let best: number[] = [];
	let least = long;
	let looked = 0;
	const on: number[] = [];
	const goes = (from: number, rest: number): boolean => {
		looked += 1;
		if (rest < least) {
			least = rest;
			best = [...on];
		}
		if (least === 0 || looked > MOST_SETS) return false;
		let before = -1;
		for (let at = from; at < pool.length && rest - nth(after, at) < least; at += 1) {
			const rail = nth(pool, at);
			const w = nth(rails, rail);
			// One that is as long was tried in its place.
			if (w > rest || w === before) continue;
			before = w;
			on.push(rail);
			const more = goes(at + 1, rest - w);
			on.pop();
			if (!more) return false;
		}
		return true;
	};
	goes(0, long);
	return best;
}
