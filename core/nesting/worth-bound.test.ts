/** What blanks are worth, as a bound: never more sheets than there were, and more than sides or areas say where cuts must waste. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf } from '../../tests/nesting/checker.ts';
import { cuttingJob, planOf, solve } from '../../tests/nesting/means.ts';
import { framingMix, nearPerfect, zeroWaste } from '../../tests/nesting/mixes.ts';
import { runs } from '../../tests/thorough.ts';
import { dualBound } from './dual-bound.ts';
import type { BlankWanted, CuttingJob } from './figures.ts';
import { instanceOf } from './instance.ts';
import { firstLayout } from './search.ts';
import { worthBounds } from './worth-bound.ts';

const PLENTY = 60;
function boundOf(job: CuttingJob, secondsLeft: () => number = () => PLENTY): number {
	const instance = instanceOf(job);
	let last = 0;
	for (const bound of worthBounds(instance, firstLayout(instance), solve, secondsLeft)) {
		if (bound === null) continue;
		assert.ok(bound > last, 'each is greater than the one before');
		last = bound;
	}
	return last;
}

const square = (blanks: Omit<BlankWanted, 'id'>[], count = 90): CuttingJob =>
	cuttingJob({
		blanks: blanks.map((blank, at) => ({ id: String(at), ...blank })),
		sheets: [{ id: 'S', width: 1000, height: 1000, count, cost: 1 }]
	});

test('four blanks round a hole lie on one sheet, but are cut from edge to edge from none: three a sheet', () => {
	const job = square([{ width: 600, height: 350, count: 12, turn: true }]);
	assert.equal(Math.ceil(dualBound(instanceOf(job), () => true)), 3, 'by their sides four a sheet');
	assert.equal(Math.ceil(boundOf(job)), 4);
});

test('kinds that fill each other up are counted together', () => {
	// A wide one leaves a strip for two narrow ones, and there are too few of these.
	const job = square([
		{ width: 700, height: 1000, count: 6, turn: false },
		{ width: 300, height: 500, count: 8, turn: false }
	]);
	assert.equal(Math.ceil(boundOf(job)), 6);
	const more = square([
		{ width: 700, height: 1000, count: 6, turn: false },
		{ width: 300, height: 500, count: 19, turn: false }
	]);
	// Seven beyond the twelve beside the wide ones, six on a sheet of their own.
	assert.equal(Math.ceil(boundOf(more)), 8);
});

test('property: sheets that were cut up, with waste or without, are never fewer than the worths say', () => {
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 5000 }), fc.boolean(), fc.boolean(), (seed, wasteful, straight) => {
			const { known, ...job } = wasteful ? nearPerfect(seed, 24) : zeroWaste(seed, 24);
			const blanks = straight ? job.blanks : job.blanks.map((blank) => ({ ...blank, turn: true }));
			const bound = boundOf({ ...job, blanks });
			assert.ok(Math.ceil(bound) <= known, `${bound} of ${known}`);
			assert.ok(bound > known - 1, `${bound} says too little of ${known}`);
		}),
		{ numRuns: runs(12) }
	);
});

test('with sheets of several sizes or with no time the worths say nothing', () => {
	assert.equal(boundOf(framingMix(3, 2)), 0);
	assert.equal(
		boundOf(framingMix(3, 1), () => 0),
		0
	);
});

test('strips that are thinner than a cell do not count, and take nothing from the bound of the rest', () => {
	const strips = { width: 2, height: 900, count: 50, turn: true };
	const mats = { width: 600, height: 350, count: 12, turn: true };
	assert.equal(Math.ceil(boundOf(square([mats, strips]))), 4);
	assert.equal(boundOf(square([strips])), 0);
});

test('many sheets: proven where neither areas nor sides are enough', () => {
	const job = { ...square([{ width: 600, height: 350, count: 120, turn: true }]), seconds: 3 };
	const plan = planOf(job);
	assert.deepEqual(faultsOf(job, plan), []);
	assert.equal(plan.used.sheets, 40);
	assert.deepEqual([plan.proven, plan.bound.sheets], [true, 40], plan.bound.says);
});
