/** What is for many sheets: the bound by sides, and sheets of passed layouts put together anew. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf } from '../../tests/nesting/checker.ts';
import { countingClock, cuttingJob, planOf, solve } from '../../tests/nesting/means.ts';
import { framingMix, zeroWaste } from '../../tests/nesting/mixes.ts';
import { runs } from '../../tests/thorough.ts';
import { areaBound } from './area-bound.ts';
import { dualBound } from './dual-bound.ts';
import { instanceOf } from './instance.ts';
import { randomFrom } from './random.ts';
import { recombined, remembered } from './recombined.ts';
import { firstLayout, type Layout } from './search.ts';
import { blanksOf } from './slicing.ts';

const always = () => true;
const bound = (blanks: { width: number; height: number; count: number; turn?: boolean }[]): number =>
	dualBound(instanceOf(cuttingJob({ blanks: blanks.map((blank, at) => ({ turn: false, id: String(at), ...blank })) })), always);

test('the sides say more than the areas: what is longer than half of both sides lies alone, two in three parts of a side lie alone along it', () => {
	assert.equal(Math.ceil(bound([{ width: 800, height: 520, count: 7 }])), 7);
	// 400 × 1524 on 1524 × 1016, upright on no sheet: two one above the other.
	assert.equal(Math.ceil(bound([{ width: 1524, height: 400, count: 7 }])), 4);
	// However it is turned.
	assert.equal(Math.ceil(bound([{ width: 800, height: 770, count: 5, turn: true }])), 5);
	// Exactly half lies beside its like.
	assert.equal(Math.ceil(bound([{ width: 762, height: 1016, count: 4 }])), 2);
});

test('with sheets of several sizes, or with no time, the sides say nothing', () => {
	const job = framingMix(3, 2);
	assert.equal(dualBound(instanceOf(job), always), 0);
	assert.equal(
		dualBound(instanceOf(framingMix(3, 1)), () => false),
		0
	);
});

test('property: sheets that were cut up to the last millimetre are never fewer than the sides say', () => {
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 5000 }), fc.boolean(), (seed, turn) => {
			const job = zeroWaste(seed, 24);
			const blanks = turn ? job.blanks : job.blanks.map((blank) => ({ ...blank, turn: true }));
			const sides = dualBound(instanceOf({ ...job, blanks }), always);
			assert.ok(Math.ceil(sides) <= job.known, `${sides} of ${job.known}`);
			assert.ok(sides >= areaBound(instanceOf(job)).sheets - 1e-6, 'no less than the areas');
		}),
		{ numRuns: runs(40) }
	);
});

/** Forty sheets of a 900 and a 610 wide blank beside each other, of forty heights: only each with its own fills them. */
function pairs() {
	const blanks = Array.from({ length: 40 }, (_, at) => [
		{ id: `wide ${at}`, width: 900 + at, height: 1016, count: 1, turn: false },
		{ id: `narrow ${at}`, width: 624 - at, height: 1016, count: 1, turn: false }
	]).flat();
	const job = cuttingJob({ blanks, sheets: [{ id: 'S', width: 1524, height: 1016, count: 90, cost: 1 }] });
	return { job, instance: instanceOf(job) };
}

test('sheets that go together are put together, and what is left is searched', () => {
	const { instance } = pairs();
	const full = firstLayout(instance);
	assert.equal(full.laid.length, 40);
	const known = remembered(instance);
	known.add(full);
	assert.equal(known.sheets().length, 40);
	const alone: Layout = {
		laid: full.laid.flatMap(({ sheet, root }) => [root.first!, root.second!].map((one) => ({ sheet, root: one }))),
		out: [],
		cost: 80,
		outArea: 0
	};
	const means = { solve, random: randomFrom(1), now: countingClock(), until: 60_000, enough: 40, known };
	let last: Layout | null = null;
	for (const step of recombined(instance, alone, means)) if (step) last = step;
	assert.ok(last);
	assert.deepEqual([last.cost, last.laid.length, last.out], [40, 40, []]);
	assert.deepEqual(
		last.laid.flatMap(({ root }) => blanksOf(root)).sort((one, other) => one - other),
		instance.blanks.map((_, at) => at)
	);
	assert.ok(last.laid.every(({ sheet }) => sheet === instance.sheets[0]));
});

test('emptier sheets are not remembered, and a set of blanks once', () => {
	const { instance } = pairs();
	const known = remembered(instance);
	const full = firstLayout(instance);
	known.add(full);
	known.add({ ...full, laid: full.laid.map(({ sheet, root }) => ({ sheet, root: { ...root } })) });
	known.add({ ...full, laid: full.laid.map(({ sheet, root }) => ({ sheet, root: root.first! })) });
	assert.equal(known.sheets().length, 40);
});

test('many sheets: the plan is as sound as of few, and says what the sides force', () => {
	const job = { ...framingMix(5, 1, 400), seconds: 1.2 };
	const plan = planOf(job);
	assert.deepEqual(faultsOf(job, plan), []);
	assert.deepEqual(plan.unplaced, []);
	assert.ok(plan.sheets.length > 32, String(plan.sheets.length));
	assert.ok(plan.bound.sheets > areaBound(instanceOf(job)).sheets, plan.bound.says);
});
