import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../tests/thorough.ts';
import { railsOnSticks } from './rails.ts';
import { randomFrom } from './random.ts';

const tries = (most: number) => {
	let tried = 0;
	return () => (tried += 1) <= most;
};

/** Each rail lies once, and no stick is shorter than what lies on it. */
function assertLaid(rails: readonly number[], sticks: readonly number[], on: readonly (readonly number[])[]) {
	assert.deepEqual(
		on.flat().sort((one, other) => one - other),
		rails.map((_, at) => at)
	);
	assert.equal(on.length, sticks.length);
	for (const [at, some] of on.entries()) assert.ok(some.reduce((sum, rail) => sum + rails[rail]!, 0) <= sticks[at]!);
}

test('property: sticks that were cut up are put together again, with a hundredth of each to spare', () => {
	fc.assert(
		fc.property(
			fc.array(
				fc.record({
					long: fc.constantFrom(2380, 2980),
					parts: fc.array(fc.integer({ min: 2, max: 6 }), { minLength: 2, maxLength: 5 })
				}),
				{ minLength: 1, maxLength: 16 }
			),
			fc.integer(),
			(cut, seed) => {
				const rails = cut.flatMap(({ long, parts }) => {
					const all = parts.reduce((sum, part) => sum + part, 0);
					return parts.map((part) => Math.floor((long * 0.99 * part) / all));
				});
				const sticks = cut.map(({ long }) => long);
				const on = railsOnSticks(rails, sticks, randomFrom(seed), tries(20_000));
				assert.ok(on, 'no way was found');
				assertLaid(rails, sticks, on);
			}
		),
		{ numRuns: runs(60), seed: 7 }
	);
});

test('what cannot go is not looked for; what may not be found is given up when told to', () => {
	assert.equal(railsOnSticks([1000, 1000, 500], [1200, 1200], randomFrom(1), tries(10)), null, 'longer in all');
	assert.equal(railsOnSticks([1300], [1200, 1200], randomFrom(1), tries(10)), null, 'longer than each');
	assert.equal(railsOnSticks([700, 700, 700], [1300, 1300], randomFrom(1), tries(10)), null, 'two do not share a stick');
	assert.deepEqual(
		railsOnSticks([600, 700, 1300], [1300, 1300], randomFrom(1), tries(10))
			?.map((on) => on.length)
			.sort(),
		[1, 2]
	);
});
