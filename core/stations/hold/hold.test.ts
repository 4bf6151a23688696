import assert from 'node:assert/strict';
import { test } from 'node:test';
import { has, fixed, planned, severityOf, workedJob, planSingle } from '../../../tests/jobs.ts';
import { tissueFor } from './hinges.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const held = (width: number, height = 300) => planned({ piece: { readings: { width, height } } }).hold!;

test('hinge places: 402, 203, 400 and 900 wide', () => {
	assert.deepEqual(held(402).places, [50, 201, 352]);
	near(held(203).inset, 40.6);
	assert.equal(held(203).count, 2);
	assert.deepEqual(held(400).places, [50, 350]);
	const wide = held(900).places;
	for (const [index, place] of [50, 316.7, 583.3, 850].entries()) near(wide[index]!, place, 0.05);
});

test('load: 600 × 800 at 300 g/m² on three hinges of 25 × 8 is 2.35 kPa', () => {
	const hold = planned({ piece: { readings: { width: 600, height: 800 }, grammage: 300 }, hold: { count: 3 } }).hold!;
	near(hold.sheetGrams, 144);
	assert.deepEqual(hold.size, { width: 25, height: 8 });
	near(hold.loadKPa, 2.35);
});

test('tissue: the lightest of a tenth of the sheet’s weight, never above half', () => {
	assert.equal(tissueFor(100, [11, 20, 30, 45]), 11);
	assert.equal(tissueFor(180, [11, 20, 30, 45]), 20);
	assert.equal(tissueFor(300, [11, 20, 30, 45]), 30);
	assert.equal(tissueFor(600, [11, 20, 30, 45]), 45);
	assert.equal(tissueFor(20, [11, 20, 30, 45]), null);
	assert.equal(planned({ hold: { adhesive: 'gummed-paper' } }).hold!.tissue, null);
});

test('drying: paste 45 minutes, gummed 15', () => {
	assert.equal(planned().hold!.dryMinutes, 45);
	assert.equal(planned({ hold: { adhesive: 'gummed-linen' } }).hold!.dryMinutes, 15);
});

test('an overloaded hinge gets more of them', () => {
	const heavy = workedJob({ piece: { readings: { width: 900, height: 1200 }, grammage: 1200 }, hold: { count: 2 }, aim: 'rare' });
	assert.equal(severityOf(planSingle(heavy), 'hold.load'), 'stop');
	assert.ok(!has(fixed(heavy, 'hold.load').plan, 'hold.load'));
});

test('adhesives by grade: gummed stops Rare, hardware tape stops everything', () => {
	assert.equal(severityOf(planned({ aim: 'rare', hold: { adhesive: 'gummed-paper' } }), 'hold.grade'), 'stop');
	assert.ok(!has(planned({ hold: { adhesive: 'gummed-paper' } }), 'hold.grade'));
	const tape = workedJob({ aim: 'show', hold: { adhesive: 'hardware-tape' } });
	assert.equal(severityOf(planSingle(tape), 'hold.tape-on-piece'), 'stop');
	assert.equal(planSingle(tape).grade.reached, null);
	assert.equal(fixed(tape, 'hold.tape-on-piece').plan.grade.reached !== null, true);
	assert.equal(
		severityOf(
			planned({ aim: 'show', hold: { adhesive: 'spray' }, piece: { readings: { width: 402, height: 551 }, replaceable: true } }),
			'hold.adhesive-irreversible'
		),
		'caution'
	);
	assert.equal(severityOf(planned({ aim: 'show', hold: { adhesive: 'spray' } }), 'hold.adhesive-irreversible'), 'stop');
});

test('a hinge that is stronger than the sheet, one that falls on a zone, a sheet hung from the window', () => {
	const light = { readings: { width: 402, height: 551 }, grammage: 60 };
	assert.ok(has(planned({ piece: light, hold: { adhesive: 'gummed-paper' } }), 'hold.stronger-than-sheet'));
	assert.ok(!has(planned({ piece: light }), 'hold.stronger-than-sheet'));
	const stamped = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'stamp', kind: 'keep-off', left: 190, top: 0, width: 25, height: 20 }]
		}
	});
	assert.ok(has(planSingle(stamped), 'hold.keep-off'));
	assert.ok(!has(fixed(stamped, 'hold.keep-off').plan, 'hold.keep-off'));
	assert.equal(severityOf(planned({ schools: { 'hang-from': 'window-mat' } }), 'hold.to-mat'), 'caution');
	const single = workedJob({ schools: { 'hinge-count': 'one' } });
	assert.deepEqual(planSingle(single).hold!.places, [201]);
	assert.ok(!has(fixed(single, 'hold.too-much').plan, 'hold.too-much'));
});
