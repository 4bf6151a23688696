import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readJobNumber, showJobNumber } from './number.ts';

test('four digits at least, more where they are needed', () => {
	assert.deepEqual([2_000_000_001, 2_000_012_345].map(showJobNumber), ['T-0001', 'T-12345']);
	assert.deepEqual([1, 101, 9999, 10_000, 9_999_999].map(showJobNumber), ['K-0001', 'K-0101', 'K-9999', 'K-10000', 'K-9999999']);
});

test('property: a number is read as it is shown', () => {
	fc.assert(fc.property(fc.integer({ min: 1, max: 2_147_483_647 }), (number) => readJobNumber(showJobNumber(number)) === number));
});

test('written otherwise it is no job number', () => {
	for (const text of [
		'',
		'101',
		'K-',
		'K-101',
		'k-0101',
		'K-00101',
		'K-0000',
		'K-010000',
		'K-2147483648',
		'K-2000000001',
		'T-0000',
		'T-147483648',
		't-0001',
		'K-99999999999',
		' K-0101'
	])
		assert.equal(readJobNumber(text), null, text);
});
