import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isEmptyJob } from './is-empty.ts';

const begun = { format: 'rare-keep/job', version: 1, unit: 'in' } as const;

test('a piece that was begun and left holds nothing', () => {
	assert.equal(isEmptyJob(begun), true);
	assert.equal(isEmptyJob({ ...begun, piece: { readings: {} }, title: '', mats: [] }), true);
});

test('a title, a reading, an aim, a key of another program: something', () => {
	for (const more of [
		{ title: 'Tide chart' },
		{ piece: { readings: { width: 402 } } },
		{ aim: 'rare' as const },
		{ mats: [{}, { reveal: 0 }] },
		{ frame: { deepen: false } } as object,
		{ 'x-own': 1 }
	])
		assert.equal(isEmptyJob({ ...begun, ...more }), false, JSON.stringify(more));
});
