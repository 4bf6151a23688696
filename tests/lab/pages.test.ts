import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { pagesOf } from '../../src/lib/papers/pages.ts';
import { runs } from '../thorough.ts';

test('blocks on pages: as few as take them, and evenly', () => {
	for (const [heights, pages] of [
		[[], []],
		[[40], [[0]]],
		[[60, 40], [[0, 1]]],
		[
			[60, 41],
			[[0], [1]]
		],
		// Filled from the front the last page would hold 20.
		[
			[40, 30, 30, 20],
			[
				[0, 1],
				[2, 3]
			]
		],
		[
			[250, 10],
			[[0], [1]]
		],
		[
			[50, 50, 40],
			[[0], [1, 2]]
		]
	] as const)
		assert.deepEqual(pagesOf(heights, 100), pages, String(heights));
});

test('property: every block once and in order, no page over its room but for a block that is higher', () => {
	fc.assert(
		fc.property(fc.array(fc.integer({ min: 1, max: 140 }), { maxLength: 14 }), (heights) => {
			const pages = pagesOf(heights, 100);
			assert.deepEqual(
				pages.flat(),
				heights.map((_, index) => index)
			);
			for (const page of pages)
				assert.ok(page.length === 1 || page.reduce((sum, index) => sum + heights[index]!, 0) <= 100, String(heights));
			let greedy = 0;
			let left = 0;
			for (const height of heights) {
				if (height > left) [greedy, left] = [greedy + 1, 100];
				left -= height;
			}
			assert.ok(pages.length <= greedy, String(heights));
		}),
		{ numRuns: runs(1000) }
	);
});
