/** Papers for the wall: each nail as far from its picture's middle as on it, whole papers on a page, none lost. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { runs } from '../../tests/thorough.ts';
import { there } from '../units/there.ts';
import { planWall } from './plan-wall.ts';
import { nailPages } from './template.ts';
import type { Picture, Wall } from './wall.ts';

const PAGE = { width: 190, height: 255 };

const framed = fc.record({
	width: fc.integer({ min: 100, max: 1200 }),
	height: fc.integer({ min: 100, max: 1200 }),
	apart: fc.integer({ min: 0, max: 600 }),
	down: fc.integer({ min: 5, max: 300 })
});

test('property: every nail has its cross, as far from its picture’s middle and from the next as on the wall', () => {
	fc.assert(
		fc.property(fc.array(framed, { minLength: 1, maxLength: 9 }), (frames) => {
			const pictures = frames.map(({ width, height, apart, down }, at): Picture => ({
				id: `p${at}`,
				outer: { width, height },
				kg: 2,
				hooks: apart === 0 ? [{ x: 0, down }] : [-1, 1].map((side) => ({ x: (side * apart) / 2, down }))
			}));
			const places = frames.map((_, at) => ({ id: `p${at}`, left: 100 * at, centre: 1500 }));
			const of: Wall = { wall: { width: 9000, height: 3000, kind: 'masonry', things: [] }, pictures, groups: [], places };
			const plan = planWall(of, 'mm');
			const pages = nailPages(plan, PAGE);
			assert.deepEqual(
				pages.flatMap(({ notes }) => notes.map(({ hook }) => hook.n)).sort((one, other) => one - other),
				plan.hooks.map(({ n }) => n)
			);
			for (const { scene, notes, names } of pages) {
				const alone = names.length === 1;
				assert.ok(alone || (scene.box.width <= PAGE.width && scene.box.height <= PAGE.height), 'nothing is cut off');
				for (const { x, hook } of notes) {
					const picture = there(
						plan.pictures.find(({ id }) => id === hook.picture),
						'picture'
					);
					const mates = notes.filter((note) => note.hook.picture === hook.picture);
					const middle = mates.reduce((sum, note) => sum + note.x, 0) / mates.length;
					assert.ok(Math.abs(x - middle - (hook.x - picture.left - picture.width / 2)) < 1e-9);
					assert.ok(x >= 12 - 1e-9 && x <= scene.box.width - 12 + 1e-9, 'paper all round it');
				}
			}
		}),
		{ numRuns: runs(300) }
	);
});

test('four small ones share a page; what has no nail has no paper', () => {
	const pictures = [1, 2, 3, 4, 5].map((n): Picture => ({
		id: `p${n}`,
		outer: { width: 300, height: 400 },
		kg: 2,
		hooks: n === 5 ? [] : [-62, 62].map((x) => ({ x, down: 100 }))
	}));
	const places = pictures.map(({ id }, at) => ({ id, left: 400 * at, centre: 1500 }));
	const plan = planWall({ wall: { width: 4000, height: 2500, kind: 'wood', things: [] }, pictures, groups: [], places }, 'mm');
	// 60 high each: four on a page of 255.
	assert.deepEqual(
		nailPages(plan, PAGE).map(({ names }) => names.length),
		[4]
	);
	assert.deepEqual(nailPages({ ...plan, hooks: [] }, PAGE), []);
});
