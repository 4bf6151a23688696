/** Jobs of every kind come to what they came to before: what changes is named, job by job and station by station. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import sums from '../tests/known/sums.json' with { type: 'json' };
import { KNOWN, someKnown, sumsOf } from '../tests/known/sums.ts';

const known = sums as Record<string, Record<string, string>>;
const whole = new Set(someKnown().map(([name]) => name));

for (const name of Object.keys(KNOWN))
	test(`known job: ${name}`, () => {
		const { fixes: _, reasons: __, ...figures } = known[name]!;
		if (whole.has(name)) assert.deepEqual(sumsOf(name), known[name], 'npm run known says more');
		else assert.deepEqual(sumsOf(name, false), figures, 'npm run known says more');
	});

test('every known job has its sums, and no sums are left of one that is gone', () => {
	assert.deepEqual(Object.keys(known), Object.keys(KNOWN));
});
