import assert from 'node:assert/strict';
import { test } from 'node:test';
import { circlesIn, climbingIn, importsIn } from './imports.ts';

const core = importsIn('core');
test('no import circle, types included', () => {
	assert.deepEqual(circlesIn(importsIn('core', 'src')), []);
});

test('a planted circle is found, through several files', () => {
	const planted = new Map(core);
	planted.set('core/units/round.ts', [...core.get('core/units/round.ts')!, 'core/plan.ts']);
	const circles = circlesIn(planted);
	assert.equal(circles.length, 1);
	assert.ok(circles[0]!.includes('core/plan.ts') && circles[0]!.includes('core/units/round.ts'));
	planted.set('core/units/round.ts', ['core/units/round.ts']);
	assert.deepEqual(circlesIn(planted), [['core/units/round.ts']], 'one that imports itself');
});

test('tiers import downward only', () => {
	assert.deepEqual(climbingIn(core), []);
});

test('a planted import that climbs is found', () => {
	const planted = new Map(core).set('core/stations/hold/hold.ts', ['core/advice/cheapest.ts']).set('core/elsewhere.ts', []);
	assert.deepEqual(climbingIn(planted), [
		'core/stations/hold/hold.ts imports core/advice/cheapest.ts',
		'core/elsewhere.ts stands in no tier'
	]);
});
