import assert from 'node:assert/strict';
import { planMeasure } from './measure.ts';
import { test } from 'node:test';
import fc from 'fast-check';
import { FaultError } from '../../job/faults.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { has, planned, workedJob } from '../../../tests/jobs.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const measured = (readings: Record<string, number>) => planned({ piece: { readings } }).measure!;

test('a leaning sheet: 402, 402, 551, 551, diagonals 683.9 and 680.2', () => {
	const measure = measured({ top: 402, bottom: 402, left: 551, right: 551, d1: 683.9, d2: 680.2 });
	near(measure.lean, 3.14);
	near(measure.share!, 0.99225, 0.00001);
	near(measure.usable.width, 398.89);
	near(measure.usable.height, 546.73);
	for (const side of ['left', 'right'] as const) near(measure.loses[side], 3.13);
	for (const side of ['top', 'bottom'] as const) near(measure.loses[side], 2.13);
	assert.equal(measure.leanTakenAsZero, false);
});

test('unequal sides without diagonals: 400, 404, 551, 551', () => {
	const measure = measured({ top: 400, bottom: 404, left: 551, right: 551 });
	near(measure.diagonals.d1, 682.056, 0.001);
	near(measure.share!, 0.99505, 0.00001);
	near(measure.usable.width, 400.01);
	near(measure.usable.height, 548.27);
	near(measure.loses.left, 2);
	near(measure.loses.top, 1.36);
	assert.equal(measure.leanTakenAsZero, true);
});

test('one width and one height: measurements themselves are usable', () => {
	const measure = measured({ width: 402, height: 551 });
	assert.deepEqual(measure.usable, { width: 402, height: 551, left: 0, top: 0 });
	assert.deepEqual(measure.loses, { top: 0, right: 0, bottom: 0, left: 0 });
	assert.deepEqual(measured({ top: 402, left: 551 }).usable, measure.usable);
});

test('within half a millimetre of square, the smaller readings are usable', () => {
	const measure = measured({ top: 402.4, bottom: 402, left: 551, right: 551.3 });
	assert.equal(measure.usable.width, 402);
	assert.equal(measure.usable.height, 551);
});

test('a leaning sheet spans more than its width', () => {
	near(measured({ top: 402, bottom: 402, left: 551, right: 551, d1: 683.9, d2: 680.2 }).largest.width, 405.14, 0.01);
});

test('movement: 551 across the grain over the house swing is 2.9 mm; along it a third', () => {
	near(planned().movement!.height, 2.893, 0.001);
	near(planned({ piece: { readings: { width: 402, height: 551 }, grain: 'along-height' } }).movement!.height, 0.964, 0.001);
	near(planned({ piece: { readings: { width: 402, height: 551 }, medium: ['chromogenic'] } }).movement!.width, 0.7035, 0.001);
});

test('readings that no sheet can have are refused with the likeliest slip', () => {
	const says = (readings: Record<string, number>) => {
		try {
			measured(readings);
		} catch (error) {
			return (error as FaultError).faults[0]!;
		}
		throw new Error('no fault');
	};
	const inches = says({ top: 402, bottom: 402, left: 551, right: 551, d1: 26.9 });
	assert.equal(inches.path, 'piece.readings');
	assert.match(inches.says, /first diagonal was measured in inches/);
	assert.match(says({ top: 402, bottom: 402, left: 551, right: 551, d1: 68.2 }).says, /centimetres/);
	assert.match(says({ top: 402, bottom: 40.2, left: 551, right: 40 }).says, /Perhaps|again/);
});

test('diagonals that miss the sides by more than a millimetre ask to measure again', () => {
	assert.ok(
		has(planned({ piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 686, d2: 683 } } }), 'measure.misfit')
	);
	assert.ok(
		!has(planned({ piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 683.1, d2: 681 } } }), 'measure.misfit')
	);
});

test('a lean is said beyond one millimetre', () => {
	const leans = plan(
		workedJob({ piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 683.1, d2: 681 } } }),
		builtInShop
	);
	assert.match(leans.findings.find((finding) => finding.rule === 'measure.lean')!.says, /1.8 mm to the right/);
	assert.ok(!has(planned(), 'measure.lean'));
});

test('a sheet a little wider at the top than at the bottom, its sides alike, is a sheet', () => {
	const readings = { top: 120.4, bottom: 120, left: 120.2, right: 120.2 };
	const { mean, lean, outline } = planMeasure({ readings, single: false }, 'piece.readings');
	assert.ok(Math.abs(mean.width - 120.2) < 1e-9);
	assert.equal(lean, 0);
	assert.ok(outline[1].x - outline[0].x > 120);
});

test('property: every sheet that exists is read as it is, nearly square ones too, whichever diagonals were read', () => {
	const off = fc.integer({ min: -8, max: 8 }).map((half) => half / 2);
	const corner = fc.record({ x: off, y: off });
	fc.assert(
		fc.property(
			fc.integer({ min: 60, max: 900 }),
			fc.integer({ min: 60, max: 900 }),
			fc.tuple(corner, corner, corner, corner),
			fc.boolean(),
			fc.boolean(),
			(width, other, shifts, square, both) => {
				const height = square ? width : other;
				const corners = [
					[0, 0],
					[width, 0],
					[width, height],
					[0, height]
				].map(([x, y], index) => ({ x: x! + shifts[index]!.x, y: y! + shifts[index]!.y }));
				const apart = (one: number, two: number) =>
					Math.hypot(corners[one]!.x - corners[two]!.x, corners[one]!.y - corners[two]!.y);
				const readings = { top: apart(0, 1), right: apart(1, 2), bottom: apart(2, 3), left: apart(3, 0) };
				const diagonals = both ? { d1: apart(0, 2), d2: apart(1, 3) } : { d2: apart(1, 3) };
				const { outline, misfit } = planMeasure({ readings: { ...readings, ...diagonals }, single: false }, 'piece.readings');
				assert.ok(misfit < 1e-6, String(misfit));
				const drawn = (one: number, two: number) =>
					Math.hypot(outline[one]!.x - outline[two]!.x, outline[one]!.y - outline[two]!.y);
				assert.ok(Math.abs(drawn(0, 2) - apart(0, 2)) < 1e-5, `${drawn(0, 2)} is not ${apart(0, 2)}`);
				assert.ok(Math.abs(drawn(1, 3) - apart(1, 3)) < 1e-5);
			}
		),
		{ numRuns: 500 }
	);
});

test('nearly square, each pair of neighbours as different as the other: a sheet, not one that is folded', () => {
	const readings = { top: 305, right: 304, bottom: 304.5, left: 305.5, d1: 431, d2: 431 };
	const { outline } = planMeasure({ readings, single: false }, 'piece.readings');
	assert.ok(outline[1].x - outline[0].x > 300 && outline[3].y - outline[0].y > 300);
});
