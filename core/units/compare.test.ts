import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isAbove, isAtLeast, isAtMost, isBelow, isSame } from './compare.ts';

test('what the same length comes to by two ways is the same length, and a thousandth is not', () => {
	const [tape, sum] = [0.3, 0.1 + 0.2];
	assert.ok(isSame(tape, sum) && isSame(sum, tape));
	assert.ok(isAtLeast(tape, sum) && isAtLeast(sum, tape) && isAtMost(tape, sum) && isAtMost(sum, tape));
	assert.ok(!isBelow(tape, sum) && !isBelow(sum, tape) && !isAbove(tape, sum) && !isAbove(sum, tape));
	for (const [less, more] of [
		[5.999, 6],
		[-0.001, 0]
	] as const) {
		assert.ok(isBelow(less, more) && isAbove(more, less) && isAtMost(less, more) && isAtLeast(more, less));
		assert.ok(!isBelow(more, less) && !isAbove(less, more) && !isAtMost(more, less) && !isAtLeast(less, more));
		assert.ok(!isSame(less, more) && !isSame(more, less));
	}
});
