import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readOwnSteps, SAYS_MOST, TITLE_MOST } from './own-steps.ts';

test('read: trimmed, minutes as typed; each fault with its place', () => {
	assert.deepEqual(readOwnSteps([{ step: 'seal', title: ' ', says: [' a ', ''], minutes: '2,5' }]), {
		ok: true,
		steps: [{ step: 'seal', says: ['a'], minutes: 2.5 }]
	});
	for (const [list, says] of [
		['none', /must be a list/],
		[[{ step: 'glue-it', says: [] }], /steps\[0\]\.step: “glue-it” is not a bench step/],
		[[{ step: 'own:seal:1', says: [] }], /steps\[0\]\.title: .*needs a title/],
		[[{ step: 'seal', title: 'x'.repeat(61) }], /steps\[0\]\.title: .*at most 60/],
		[[{ step: 'seal', says: 'one' }], /steps\[0\]\.says: Enter up to 6/],
		[[{ step: 'seal', says: Array.from({ length: 7 }, () => 'a') }], /steps\[0\]\.says/],
		[[{ step: 'seal', minutes: 'soon' }], /steps\[0\]\.minutes: .*0 to 600/],
		[[{ step: 'seal', minutes: -1 }], /steps\[0\]\.minutes/],
		[[{ step: 'seal', waitMinutes: 5 }], /steps\[0\]\.waitMinutes: .*follows/],
		[[{ step: 'own:seal:1', title: 'a', waitMinutes: 1e9 }], /steps\[0\]\.waitMinutes/],
		[[{ step: 'seal' }, { step: 'seal' }], /steps\[1\]\.step: .*twice/],
		[Array.from({ length: 121 }, () => ({})), /At most 120/]
	] as const) {
		const read = readOwnSteps(list);
		assert.match(read.ok ? '' : read.faults.map(({ path, says: what }) => `${path}: ${what}`).join('\n'), says);
	}
});

test('read: each to its limit', () => {
	const ok = (one: object) => readOwnSteps([{ step: 'own:seal:1', title: 'a', ...one }]).ok;
	assert.ok(ok({ title: 'x'.repeat(TITLE_MOST) }) && ok({ says: ['x'.repeat(SAYS_MOST)] }));
	assert.ok(!ok({ says: ['x'.repeat(SAYS_MOST + 1)] }) && !ok({ says: [7] }) && !ok({ title: 7 }));
	assert.ok(ok({ says: Array.from({ length: 6 }, () => 'a') }) && ok({ says: [...Array.from({ length: 6 }, () => 'a'), ' '] }));
	assert.ok(ok({ minutes: 0 }) && ok({ minutes: 600 }) && ok({ minutes: ' 2.5 ' }) && ok({ minutes: '' }));
	assert.ok(!ok({ minutes: 600.5 }) && !ok({ minutes: '2.5.1' }) && !ok({ minutes: null }) && !ok({ minutes: Number.NaN }));
	assert.ok(ok({ waitMinutes: 43_200 }) && !ok({ waitMinutes: 43_201 }));
	assert.equal(readOwnSteps(Array.from({ length: 120 }, (_, at) => ({ step: `own:seal:${at + 1}`, title: 'a' }))).ok, true);
	for (const none of [null, 'seal', 7, { step: null }, { step: 7 }]) assert.equal(readOwnSteps([none]).ok, false);
	assert.deepEqual(readOwnSteps([{ step: 'seal', waitMinutes: '' }]), { ok: true, steps: [{ step: 'seal', says: [] }] });
});
