import assert from 'node:assert/strict';
import { test } from 'node:test';
import { explained, HANG_ONLY } from '../../../tests/as-it-comes.ts';
import { faultsIn, has, planned, planSingle, workedJob } from '../../../tests/jobs.ts';
import type { JobFile } from '../../job/definition.ts';
import { there } from '../../units/there.ts';

/** Outer 577 × 736, face 22, lip 6, 3.2 kg. */
const hangs = (hang: JobFile['hang'], given: JobFile['given'] = HANG_ONLY.given) =>
	there(planSingle({ ...HANG_ONLY, given: { ...HANG_ONLY.given, ...given }, hang }).hang, 'hang');
const near = (value: number, wanted: number, within = 0.05) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

test('a cleat: its rail from rail to rail, the wall’s shorter, its screws in the middle of the wall’s', () => {
	const cleat = hangs({ by: 'cleat' });
	assert.equal(cleat.drop, 10);
	assert.deepEqual(cleat.strip, { width: 573, height: 40 }, '577 less 2 mm bare at each side');
	assert.deepEqual(cleat.wallRail, { width: 523, height: 40 });
	assert.equal(cleat.hookCount, 3, '443 between the outer screws: two gaps of 221.5');
	assert.deepEqual(
		cleat.hooks.map(({ x }) => x),
		[-221.5, 0, 221.5]
	);
	// The frame’s rail from 10 to 50 below the top, bevel below; hooked in, its lowest edge lies 10 lower than the wall’s highest.
	assert.equal(cleat.wallRailEdge, 1500 + 368 - (10 + 40 - 10));
	assert.ok(cleat.hooks.every(({ height }) => height === 1828 - 20));
	assert.equal(cleat.lean, 0, 'a strip as thick along the bottom');
	near(cleat.pullN, (3.2 * 9.81) / 3, 1e-9);
	assert.equal(hangs({ by: 'cleat', drop: 80 }).drop, 80);
	assert.equal(hangs({ by: 'cleat' }, { outer: { width: 140, height: 200 } }).hookCount, 2, 'a short rail has its two ends');
});

test('a frame too narrow or too low for a cleat says so', () => {
	const of = (width: number, height: number) =>
		faultsIn({ ...HANG_ONLY, given: { outer: { width, height }, mass: 1 }, hang: { by: 'cleat' } }).join();
	assert.equal(of(134, 50), '', '130 of rail on the frame, 80 on the wall; 10 and 40 down');
	assert.match(of(133, 50), /^hang.by: .*too narrow/);
	assert.match(of(134, 49), /^hang.drop: .*Choose a shorter drop, or rings/);
});

test('security plates: two on the top rail clear of the mitres, one that locks below', () => {
	const plates = hangs({ by: 'security' });
	assert.equal(plates.drop, 8, 'the middle of the flat wood, 22 − 6');
	assert.equal(plates.inset, 577 / 4);
	assert.deepEqual(plates.hooks, [
		{ x: -577 / 4, height: 1500 + 368 - 8 },
		{ x: 0, height: 1500 - 368 + 8 },
		{ x: 577 / 4, height: 1500 + 368 - 8 }
	]);
});

test('a stand: leg, hinge and foot; it hangs nowhere and has no bumpers', () => {
	const small = planSingle({ ...HANG_ONLY, given: { outer: { width: 200, height: 300 }, mass: 0.8 }, hang: { by: 'stand' } });
	const { stand, hooks, lean } = there(small.hang, 'hang');
	const { hinge, leg, foot } = there(stand, 'stand');
	near(hinge, 200);
	const radians = Math.PI / 180;
	// Opened by 35° it would be longer than its hinge is high and stand out below when folded: it is shorter, and opens less.
	assert.ok(leg < hinge, `${leg} folded behind ${hinge}`);
	// The hinge as high above the table as the leg reaches: the triangle closes.
	const opens = Math.acos((hinge * Math.cos(15 * radians)) / leg);
	near(foot, hinge * Math.sin(15 * radians) + leg * Math.sin(opens), 1e-9);
	assert.ok(foot > hinge * Math.sin(15 * radians) + 20, 'its foot stands well behind the frame’s');
	assert.deepEqual([hooks, lean], [[], undefined]);
	assert.ok(!has(small, 'hang.stand-tips') && !has(small, 'hang.too-heavy'));
	const high = planSingle({ ...HANG_ONLY, given: { outer: { width: 300, height: 401 }, mass: 2.1 }, hang: { by: 'stand' } });
	assert.ok(has(high, 'hang.stand-tips') && has(high, 'hang.too-heavy'));
	assert.equal(planned({ hang: { by: 'stand' } }).back?.bumpers, 0);
});

test('turned a quarter: a second set as for a frame with its sides changed over', () => {
	const { turned } = hangs({ by: 'wire', turns: true });
	const other = hangs({ by: 'wire' }, { outer: { width: 736, height: 577 } });
	const { lean: _, ...same } = other;
	assert.deepEqual(turned, same);
	assert.equal(hangs({ by: 'wire' }).turned, undefined);
});

test('what has one way up is refused for two, and a strip carries one set', () => {
	for (const by of ['cleat', 'security', 'stand'] as const)
		assert.match(faultsIn({ ...HANG_ONLY, hang: { by, turns: true } }).join(), /^hang.turns: .*one way up/, by);
	assert.match(faultsIn({ ...HANG_ONLY, hang: { by: 'rings', turns: true, strip: true } }).join(), /^hang.strip: /);
});

test('a weight from a scale goes before the sum', () => {
	const computed = planned({});
	const weighed = planned({ hang: { weighed: 13 } });
	assert.equal(weighed.mass?.kg, 13);
	assert.equal(weighed.mass?.computed, computed.mass?.kg);
	assert.equal(weighed.hang?.by, 'rings', 'over 12 kg');
	assert.equal(computed.hang?.by, 'wire');
	const closed = planSingle({ ...HANG_ONLY, given: { outer: { width: 577, height: 736 } }, hang: { weighed: 3.2 } });
	assert.equal(closed.mass?.kg, 3.2);
	const unknown = planSingle({ ...HANG_ONLY, given: { outer: { width: 577, height: 736 } } });
	assert.deepEqual(unknown.open, [{ station: 'hang', needs: 'its weight: wire, rings and hooks depend on it' }]);
});

test('tall and narrow, or on a door: rings, unless a wire is asked for', () => {
	const narrow = { outer: { width: 200, height: 601 }, mass: 2 };
	assert.equal(hangs({}, narrow).by, 'rings');
	assert.equal(hangs({ by: 'wire' }, narrow).by, 'wire');
	assert.equal(hangs({}, { outer: { width: 200, height: 600 }, mass: 2 }).by, 'wire');
	assert.equal(there(planSingle({ ...HANG_ONLY, place: { door: true } }).hang, 'hang').by, 'rings');
});

test('over 25 kg: a cleat is offered, and with it nothing is found', () => {
	const heavy = { ...HANG_ONLY, given: { outer: { width: 900, height: 1200 }, mass: 26 } };
	const found = planSingle(heavy).findings.find(({ rule }) => rule === 'hang.too-heavy');
	assert.deepEqual(
		there(found, 'finding').remedies.map(({ label }) => label),
		['A cleat']
	);
	assert.ok(!has(planSingle({ ...heavy, hang: { by: 'cleat' } }), 'hang.too-heavy'));
});

test('lean: what holds its top off the wall, less the bumper, over the distance; none where four bumpers are higher', () => {
	const degrees = 180 / Math.PI;
	near(there(hangs({ by: 'wire' }).lean, 'lean'), Math.atan((6 - 3) / (736 - 736 / 3 - 8)) * degrees, 1e-9);
	const four = planned({ hang: { by: 'centre-hanger' }, back: { bumperHeight: 6 } });
	assert.equal(there(four.hang, 'hang').lean, 0);
	const none = there(planned({ hang: { by: 'rings' }, back: { bumpers: 0 } }).hang, 'hang');
	assert.ok(there(none.lean, 'lean') > 0);
});

test('every figure of each kind is explained, turned and standing too', () => {
	for (const by of ['wire', 'cord', 'rings', 'sawtooth', 'centre-hanger', 'tag'] as const)
		explained(workedJob({ hang: { by, turns: true, stands: true } }));
	for (const by of ['cleat', 'security', 'stand'] as const) explained(workedJob({ hang: { by } }));
	explained(workedJob({ hang: { weighed: 4 } }));
});
