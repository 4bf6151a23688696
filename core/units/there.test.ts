import assert from 'node:assert/strict';
import { test } from 'node:test';
import { known, lastOf, nth, there } from './there.ts';

test('what is promised is handed on; what is missing is named at once', () => {
	assert.equal(there(0, 'drop'), 0);
	assert.throws(() => there(undefined, 'frame'), /no frame here/);
	assert.throws(() => there(null, 'frame'), /no frame here/);
	assert.equal(nth(['a', 'b'], 1), 'b');
	assert.equal(lastOf(['a', 'b']), 'b');
	assert.equal(nth([0], 0), 0);
	assert.throws(() => lastOf([]), RangeError);
	assert.throws(() => nth(['a'], 1), /Place 1 of a list of 1 is empty/);
	assert.equal(known({ oak: 30 }, 'oak'), 30);
	assert.throws(() => known({ oak: 30 }, 'ash'), /“ash” is not in the list/);
});
