/** Sticks: what is proven is compared with every way in which few rails can be shared out. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf } from './checker.ts';
import { cuttingJob, planOf } from './means.ts';
import { runs } from '../thorough.ts';

const FACE = 22;
const sticks = [
	{ id: 'short', width: 2380, height: FACE, count: 9, cost: 2400 },
	{ id: 'long', width: 2980, height: FACE, count: 9, cost: 3000 },
	{ id: 'rest', width: 900, height: FACE, count: 1, cost: 0 }
];

/** The least that sticks cost for these rails: every set of rails that fits one stick, and every parting of the rails into such sets. */
function leastCost(rails: readonly number[], kerf: number): number {
	const all = 1 << rails.length;
	const longOf = Array.from({ length: all }, (_, set) =>
		rails.reduce((sum, rail, at) => (set & (1 << at) ? sum + rail + kerf : sum), -kerf)
	);
	// [without the rest, with it]
	const least = Array.from({ length: all }, () => [Infinity, Infinity] as [number, number]);
	least[0] = [0, 0];
	for (let set = 1; set < all; set += 1)
		for (let part = set; part > 0; part = (part - 1) & set) {
			const before = least[set ^ part]!;
			const now = least[set]!;
			const cost = Math.min(...sticks.filter(({ cost, width }) => cost > 0 && longOf[part]! <= width).map(({ cost }) => cost));
			now[0] = Math.min(now[0], before[0] + cost);
			now[1] = Math.min(now[1], before[1] + cost, longOf[part]! <= 900 ? before[0] : Infinity);
		}
	return Math.min(...least[all - 1]!);
}

test('property: a stick plan that is proven costs what the best of all ways costs', () => {
	fc.assert(
		fc.property(
			fc.array(fc.integer({ min: 300, max: 1500 }), { minLength: 1, maxLength: 8 }),
			fc.constantFrom(0, 3 * Math.SQRT2),
			(rails, kerf) => {
				const blanks = rails.map((width, at) => ({ id: `rail ${at}`, width, height: FACE, count: 1, turn: false }));
				const job = { ...cuttingJob({ sheets: sticks, blanks }), kerf, seconds: 1 };
				const plan = planOf(job);
				assert.deepEqual(faultsOf(job, plan), []);
				if (plan.proven) assert.ok(Math.abs(plan.used.cost - leastCost(rails, kerf)) < 1e-6);
			}
		),
		{ numRuns: runs(60) }
	);
});

test('sixty rails of fifteen frames: the best, and proven', () => {
	const blanks = Array.from({ length: 15 }, (_, frame) => [
		{ id: `${frame} across`, width: 400 + frame * 23, height: FACE, count: 2, turn: false },
		{ id: `${frame} down`, width: 520 + frame * 31, height: FACE, count: 2, turn: false }
	]).flat();
	const job = {
		...cuttingJob({ sheets: sticks.slice(0, 2).map((stick) => ({ ...stick, count: 60 })), blanks }),
		kerf: 3 * Math.SQRT2,
		seconds: 8
	};
	const plan = planOf(job);
	assert.deepEqual(faultsOf(job, plan), []);
	assert.equal(plan.unplaced.length, 0);
	assert.ok(plan.proven, `${plan.used.sheets} sticks: ${plan.bound.says}`);
});
