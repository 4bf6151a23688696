import { wasteOf } from './waste.ts';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { faultsOf } from '../../tests/nesting/checker.ts';
import { cuttingJob, planOf, plansOf } from '../../tests/nesting/means.ts';
import { framingMix, nearPerfect, zeroWaste } from '../../tests/nesting/mixes.ts';
import { runs } from '../../tests/thorough.ts';
import type { CuttingJob, CuttingPlan } from './figures.ts';

const side = fc.integer({ min: 20, max: 900 });
/** Jobs as they come: blades, trims, grain, offcuts, sheets of two costs, too few of them. */
const anyJob: fc.Arbitrary<CuttingJob> = fc.record({
	kerf: fc.constantFrom(0, 0, 3, 4.5),
	trim: fc.constantFrom(0, 0, 3, 10),
	minOffcut: fc.constantFrom(100, 200),
	seconds: fc.constant(0.03),
	sheets: fc
		.array(
			fc.record({
				id: fc.constant(''),
				width: fc.integer({ min: 500, max: 1600 }),
				height: fc.integer({ min: 400, max: 1100 }),
				count: fc.integer({ min: 0, max: 6 }),
				cost: fc.constantFrom(0, 1, 1, 1.75)
			}),
			{ minLength: 1, maxLength: 4 }
		)
		.map((sheets) => sheets.map((sheet, index) => ({ ...sheet, id: `sheet ${index}` }))),
	blanks: fc
		.array(
			fc.record({ id: fc.constant(''), width: side, height: side, count: fc.integer({ min: 0, max: 4 }), turn: fc.boolean() }),
			{ maxLength: 12 }
		)
		.map((blanks) => blanks.map((blank, index) => ({ ...blank, id: `blank ${index}` })))
});

test('waste is what is neither blank nor kept offcut, of 100 of the blanks', () => {
	const sheet = { placed: [{ blank: 'A', turned: false, left: 0, top: 0, width: 500, height: 800 }], cuts: [], sheet: 'S' };
	const plan = { sheets: [{ ...sheet, offcuts: [{ left: 500, top: 0, width: 400, height: 1000 }] }], used: { area: 1e6 } };
	assert.equal(wasteOf(plan as unknown as CuttingPlan), 50);
	assert.equal(wasteOf(plan as unknown as CuttingPlan, 1001), 150, 'a rest that is too short is no rest');
	assert.equal(wasteOf({ sheets: [], used: { area: 0 } } as unknown as CuttingPlan), 0);
});

test('every plan can be cut as it says: the checker finds nothing', () => {
	fc.assert(
		fc.property(anyJob, fc.integer({ min: 1, max: 1e9 }), (job, seed) => {
			assert.deepEqual(faultsOf(job, planOf(job, { seed })), []);
		}),
		{ numRuns: runs(1000) }
	);
});

test('plans on the way can be cut too, each better than the one before', () => {
	for (const seed of [3, 5, 8]) {
		const job = { ...framingMix(seed, 2, 20), seconds: 0.15 };
		const { before, plan } = plansOf(job);
		for (const one of [...before, plan]) assert.deepEqual(faultsOf(job, one), []);
		before.forEach((one, index) => assert.ok(index === 0 || one.used.cost <= (before[index - 1]?.used.cost ?? 0)));
	}
});

test('the same job and seed give the same plan', () => {
	const job = { ...framingMix(7, 2), seconds: 0.2 };
	assert.deepEqual(planOf(job), planOf(job));
});

test('sheets that were cut up without waste are put together again, and proven', () => {
	for (const seed of Array.from({ length: runs(8) }, (_, index) => index + 1)) {
		const { known, ...job } = zeroWaste(seed);
		const plan = planOf({ ...job, seconds: 40 });
		assert.deepEqual([seed, plan.used.sheets, plan.bound.sheets, plan.proven], [seed, known, known, true]);
		assert.deepEqual(faultsOf(job, plan), []);
	}
});

test('never falsely proven: what is known to go on so many sheets is not said to need more', () => {
	for (const seed of Array.from({ length: runs(60) }, (_, index) => index + 1)) {
		const { known, ...job } = nearPerfect(seed, 12);
		const plan = planOf({ ...job, seconds: 0.5 });
		assert.ok(plan.bound.sheets <= known, `${seed}: ${plan.bound.sheets} of ${known}`);
		if (plan.proven) assert.ok(plan.used.sheets <= known, `${seed}: ${plan.used.sheets} of ${known}`);
	}
});

test('kinds that cost differently: what four small sheets cost less than is taken', () => {
	const blanks = [{ id: 'A', width: 500, height: 400, count: 8, turn: true }];
	const sheets = [
		{ id: 'small', width: 813, height: 1016, count: 9, cost: 9 },
		{ id: 'large', width: 1524, height: 1016, count: 9, cost: 20 }
	];
	// Four to a small sheet, seven to a large one: two small ones for 18.
	const plan = planOf(cuttingJob({ sheets, blanks }));
	assert.deepEqual(plan.used, { sheets: 2, cost: 18, area: 2 * 813 * 1016 });
	assert.equal(plan.proven, true);
	assert.equal(plan.bound.says, '2 full sheets, and no choice of sheets costs less.');
});

test('an offcut is used before a full sheet, and is not trimmed', () => {
	const blanks = [{ id: 'A', width: 420, height: 610, count: 1, turn: true }];
	const sheets = [
		{ id: 'S', width: 1524, height: 1016, count: 2, cost: 1 },
		{ id: 'off-12', width: 610, height: 420, count: 1, cost: 0 }
	];
	const plan = planOf(cuttingJob({ trim: 3, sheets, blanks }));
	assert.deepEqual(plan.used, { sheets: 0, cost: 0, area: 610 * 420 });
	assert.deepEqual(plan.sheets[0]?.cuts, []);
	assert.equal(plan.bound.says, 'No full sheet is used.');
});

test('a blade takes its width at each cut: two halves of a sheet do not come out of it', () => {
	const blanks = [{ id: 'half', width: 762, height: 1016, count: 2, turn: true }];
	assert.equal(planOf(cuttingJob({ blanks })).used.sheets, 1);
	assert.equal(planOf(cuttingJob({ kerf: 3, blanks })).used.sheets, 2);
	const narrower = [{ id: 'half', width: 760.5, height: 1016, count: 2, turn: true }];
	assert.equal(planOf(cuttingJob({ kerf: 3, blanks: narrower })).used.sheets, 1);
});

test('the trim goes off all four edges, the blade with it, by cuts that are listed', () => {
	const blanks = [{ id: 'A', width: 1518, height: 1010, count: 1, turn: false }];
	const [sheet] = planOf(cuttingJob({ kerf: 1, trim: 3, blanks })).sheets;
	assert.deepEqual(
		sheet?.cuts.map(({ axis, at }) => [axis, at]),
		[
			['x', 2],
			['y', 2],
			['x', 1521],
			['y', 1013]
		]
	);
	assert.deepEqual(sheet?.placed, [{ blank: 'A', left: 3, top: 3, width: 1518, height: 1010, turned: false }]);
	assert.equal(planOf(cuttingJob({ trim: 3, blanks: [{ ...blanks[0]!, width: 1518.5 }] })).unplaced.length, 1);
});

test('grain that is fixed is not turned', () => {
	const blanks = [{ id: 'A', width: 1000, height: 1500, count: 1, turn: false }];
	assert.deepEqual(planOf(cuttingJob({ blanks })).unplaced, [
		{ blank: 'A', count: 1, says: '1000 × 1500 mm, not to be turned, is larger than every sheet.' }
	]);
	assert.equal(planOf(cuttingJob({ blanks: [{ ...blanks[0]!, turn: true }] })).sheets[0]?.placed[0]?.turned, true);
});

test('too large, too few, none: named, and the rest is planned', () => {
	const blanks = [
		{ id: 'door', width: 900, height: 2000, count: 1, turn: true },
		{ id: 'A', width: 1500, height: 1000, count: 3, turn: true }
	];
	const sheets = [{ id: 'S', width: 1524, height: 1016, count: 2, cost: 1 }];
	const plan = planOf(cuttingJob({ sheets, blanks }));
	assert.deepEqual(plan.unplaced, [
		{ blank: 'door', count: 1, says: '900 × 2000 mm is larger than every sheet.' },
		{ blank: 'A', count: 1, says: 'No sheet is left for it.' }
	]);
	assert.deepEqual([plan.used.sheets, plan.proven], [2, false]);
	const none = planOf(cuttingJob({ sheets: [], blanks }));
	assert.deepEqual([none.sheets, none.unplaced.map(({ says }) => says)], [[], ['No sheets available.', 'No sheets available.']]);
	assert.deepEqual(planOf(cuttingJob({ blanks: [] })).sheets, []);
});

test('what is left is left in one piece', () => {
	const blanks = [
		{ id: 'A', width: 500, height: 500, count: 2, turn: true },
		{ id: 'B', width: 500, height: 510, count: 2, turn: true }
	];
	const plan = planOf(cuttingJob({ seconds: 3, blanks }));
	const largest = Math.max(...plan.sheets.flatMap(({ offcuts }) => offcuts.map(({ width, height }) => width * height)));
	// Two columns of 500 and 500: the third of 524 is left from top to bottom.
	assert.equal(largest, 524 * 1016);
});

test('the first plan is there before the solver is asked', () => {
	let asked = 0;
	const { before } = plansOf(
		{ ...framingMix(12, 1), seconds: 0.1 },
		{
			solve: () => {
				asked += 1;
				return { state: 'open', value: 0, columns: [], duals: [] };
			}
		}
	);
	assert.ok(before.length > 0);
	assert.ok(asked > 0);
});

test('the checker finds planted faults', () => {
	const job = cuttingJob({
		kerf: 2,
		trim: 3,
		blanks: [
			{ id: 'A', width: 500, height: 400, count: 3, turn: false },
			{ id: 'B', width: 300, height: 450, count: 2, turn: true }
		]
	});
	const good = planOf(job);
	assert.deepEqual(faultsOf(job, good), []);
	const first = (plan: CuttingPlan) => plan.sheets[0]!;
	const planted: Record<string, (plan: CuttingPlan) => void> = {
		'is not cut to its size': (plan) => (first(plan).placed[0]!.width -= 1),
		overlap: (plan) =>
			Object.assign(first(plan).placed[0]!, { left: first(plan).placed[1]!.left, top: first(plan).placed[1]!.top }),
		'placed and': (plan) => first(plan).placed.pop(),
		'against its grain': (plan) => (first(plan).placed.find(({ blank }) => blank === 'A')!.turned = true),
		'which is not there': (plan) => (first(plan).cuts[5]!.from = '99'),
		'has the number': (plan) => (first(plan).cuts[4]!.order = 9),
		'no piece that the cuts give': (plan) => (first(plan).cuts[6]!.at += 1),
		'does not go through its piece': (plan) => (first(plan).cuts[6]!.at += 3000),
		'no piece that is left': (plan) => (first(plan).offcuts[0]!.left += 1),
		'not listed': (plan) => first(plan).offcuts.pop(),
		'not counted right': (plan) => (plan.used.sheets += 1),
		'is above what is used': (plan) => (plan.bound.sheets += 1),
		'More of S': (plan) => plan.sheets.push(...Array.from({ length: 20 }, () => structuredClone(first(plan)))),
		'too small to be kept': (plan) => (first(plan).offcuts[0]!.height = 10)
	};
	for (const [says, spoil] of Object.entries(planted)) {
		const plan = structuredClone(good);
		spoil(plan);
		assert.ok(
			faultsOf(job, plan).some((fault) => fault.includes(says)),
			`${says}: ${faultsOf(job, plan).join(' ')}`
		);
	}
});
