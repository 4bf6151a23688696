import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planSingle } from '../../tests/jobs.ts';
import { suggestAim } from './suggest-aim.ts';

test('the aim follows from intake, with its reason', () => {
	const aims = (piece: Parameters<typeof suggestAim>[0]) => suggestAim(piece).aim;
	assert.equal(aims({}), 'keep');
	assert.equal(aims({ replaceable: true, year: '1780' }), 'show');
	assert.equal(aims({ replaceable: false }), 'rare');
	assert.equal(aims({ year: 'c. 1891' }), 'rare');
	assert.equal(aims({ year: '1978–80' }), 'keep');
	assert.equal(aims({ year: 'unknown' }), 'keep');
	assert.equal(aims({ bothSides: true }), 'rare');
	assert.equal(aims({ concerns: ['mould'] }), 'rare');
	assert.equal(aims({ concerns: ['protected'] }), 'keep', 'the law on trade is no reason of conservation');
	assert.match(suggestAim({ year: '1891' }).because, /1891/);
});

test('a job that names no aim takes the suggestion, and says that the house did', () => {
	const made = planSingle({
		format: 'rare-keep/job',
		version: 1,
		piece: { readings: { width: 402, height: 551 }, year: '1891' }
	});
	assert.equal(made.grade.aimed, 'rare');
	assert.deepEqual(
		made.assumed.find(({ path }) => path === 'aim'),
		{ path: 'aim', is: 'rare', by: 'intake' }
	);
});
