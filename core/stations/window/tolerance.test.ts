import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyWindowJob, has, planSingle, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { openingsOf } from '../../figures/window.ts';

const sheet = { readings: { width: 402, height: 551 } };
const near = (value: number, wanted: number) => assert.ok(Math.abs(value - wanted) < 0.05, `${value} is not ${wanted}`);

test('worked case: free ± 6 and ± 6, tolerance ± 3 and ± 2.1', () => {
	const { free, tolerance } = planSingle(workedJob()).window!;
	assert.deepEqual(free, { width: 6, height: 6 });
	near(tolerance!.width, 3);
	near(tolerance!.height, 2.1);
});

test('what bounds it: a zone less 2 mm, the reveal, pockets, strips, the board’s thickness of a reverse bevel', () => {
	const zones = [{ id: 'name', kind: 'show' as const, left: 20, top: 9, width: 30, height: 20 }];
	// Its top is 9 on the sheet, the window shows from 6: 3 inside, 1 right.
	const named = planSingle(workedJob({ piece: { ...sheet, zones } })).window!;
	assert.deepEqual([named.free.height, named.tolerance!.height], [3, 1]);
	const image = { left: 30, top: 40, width: 340, height: 460 };
	const reveal = planSingle(workedJob({ piece: { ...sheet, image }, window: { way: 'reveal', reveal: 5 } })).window!;
	assert.deepEqual(reveal.free, { width: 5, height: 5 });
	assert.deepEqual(reveal.tolerance, { width: 5, height: 5 });
	// Overlaps of 10 hide a leg of 20; the pocket chosen is 19.
	const pockets = planSingle(workedJob({ window: { overlap: 10 }, hold: { kind: 'corners' } })).window!;
	assert.equal(pockets.free.width, 1);
	const strips = planSingle(workedJob({ window: { overlap: 6 }, hold: { kind: 'strips' } })).window!;
	assert.equal(strips.free.width, 1, 'overlap 6 − reach 5');
	const bevelled = planSingle(workedJob({ mats: [{ board: 'cotton-4', bevel: 'reverse' }] })).window!;
	assert.equal(bevelled.tolerance!.width, 1.5);
	assert.equal(planSingle(workedJob({ window: { way: 'float' } })).window!.tolerance, undefined);
});

test('property: a sheet within its tolerance is right, never more than free, never below 0', () => {
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			for (const { free, tolerance, overlap, least } of openingsOf(plan(file, builtInShop).window!)) {
				if (!free || !tolerance) continue;
				for (const axis of ['width', 'height'] as const) {
					assert.ok(tolerance[axis] >= 0 && tolerance[axis] <= free[axis] + 1e-9);
					const sides = axis === 'width' ? (['left', 'right'] as const) : (['top', 'bottom'] as const);
					for (const side of sides) if (tolerance[axis] > 0) assert.ok(overlap![side] - tolerance[axis] >= least![side] - 1e-6);
				}
			}
		}),
		{ numRuns: runs(150) }
	);
});

test('zones: each margin to the window is there before anything fails; at the sheet’s edge a reveal or a float comes before giving up', () => {
	const zones = [
		{ id: 'name', kind: 'show' as const, left: 300, top: 505, width: 80, height: 30 },
		{ id: 'stain', kind: 'hide' as const, left: 0, top: 100, width: 4, height: 20 }
	];
	const made = planSingle(workedJob({ piece: { ...sheet, zones } }));
	// The window shows to 545 and 396: 10 below the name, 16 beside it; the stain is 2 behind the mat.
	assert.deepEqual(
		made.window!.zones!.map(({ margin }) => margin),
		[10, 2]
	);
	assert.ok(!has(made, 'window.zone-covered'));
	const edge = [{ id: 'seal', kind: 'show' as const, left: 0, top: 200, width: 30, height: 30 }];
	const finding = planSingle(workedJob({ piece: { ...sheet, zones: edge } })).findings.find(
		({ rule }) => rule === 'window.zone-covered'
	)!;
	const labels = finding.remedies.map(({ label }) => label.split(', and ')[0]!);
	assert.ok(
		labels.some((label) => /[Ff]loat|[Rr]eveal/.test(label)),
		labels.join(' | ')
	);
	const givesUp = labels.findIndex((label) => /Drop/.test(label));
	assert.notEqual(givesUp, 0, 'giving up is not the first');
});

test('a reveal is judged as it is cut, a setback that nobody typed is never blamed', () => {
	// 1.6 is cut as 1.5, the board’s thickness: no flat strip.
	const cut = planSingle(workedJob({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 1.6 }] }));
	assert.ok(has(cut, 'window.reveal-thin'));
	assert.ok(
		!has(planSingle(workedJob({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 1.8 }] })), 'window.reveal-thin')
	);
	fc.assert(
		fc.property(anyWindowJob, (file) => {
			const mats = file.mats?.map(({ setback: _, ...mat }) => mat);
			const found = plan({ ...file, mats }, builtInShop).findings.find(({ rule }) => rule === 'window.lift-setback');
			assert.doesNotMatch(found?.says ?? '', /is set back/);
		}),
		{ numRuns: runs(80) }
	);
});
