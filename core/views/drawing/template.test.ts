/** The template: parts that cover the whole, each register mark on the papers that meet there at one place; crosses where the plan says. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planned, workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { stickScene, templateScene } from './template.ts';
import { tilesOf } from './tiles.ts';

const PAGE = { width: 190, height: 255 };

test('property: the parts cover the whole, row by row, and no page is more than is needed', () => {
	const sides = fc.double({ min: 20, max: 2000, noNaN: true });
	fc.assert(
		fc.property(sides, sides, (width, height) => {
			const box = { left: -30, top: 12, width, height };
			const { rows, columns, tiles } = tilesOf(box, PAGE);
			assert.equal(tiles.length, rows * columns);
			const last = tiles.at(-1)!;
			assert.ok(last.left + last.width >= box.left + width - 1e-9 && last.top + last.height >= box.top + height - 1e-9);
			if (columns > 1) assert.ok(last.left + 12 < box.left + width + 1e-9, 'the last column holds something of its own');
			if (rows > 1) assert.ok(last.top + 12 < box.top + height + 1e-9);
			for (const { row, column, left, top } of tiles) {
				assert.ok(Math.abs(left - (box.left + column * 178)) < 1e-9 && Math.abs(top - (box.top + row * 243)) < 1e-9);
			}
			const seen = new Map<string, number>();
			for (const tile of tiles)
				for (const { x, y } of tile.marks) {
					assert.ok(x > tile.left && x < tile.left + tile.width && y > tile.top && y < tile.top + tile.height);
					const key = `${x.toFixed(6)} ${y.toFixed(6)}`;
					seen.set(key, (seen.get(key) ?? 0) + 1);
				}
			assert.ok(
				[...seen.values()].every((count) => count === 2),
				'each mark lies on the two papers that meet there'
			);
			assert.equal(seen.size, 2 * (rows * (columns - 1) + columns * (rows - 1)));
		}),
		{ numRuns: 200 }
	);
});

const made = (changes: Partial<JobFile> = {}) => {
	const file = workedJob(changes);
	return { plan: plan(file, builtInShop), job: decide(readJob(file), builtInShop) };
};

test('crosses stand at the rings and bumpers of the plan, as seen from behind', () => {
	const of = made();
	const scene = templateScene(of.plan, of.job, builtInShop)!;
	const { hang, frame } = planned();
	const rings = scene.shapes.filter(({ role }) => role === 'ring').map(({ circle }) => circle!);
	assert.deepEqual(
		rings.map(({ x, y }) => [x - scene.box.left, y - scene.box.top].map((mm) => Number(mm.toFixed(6)))),
		[
			[hang!.inset, hang!.drop],
			[frame!.outer.width - hang!.inset, hang!.drop]
		].map((pair) => pair.map((mm) => Number(mm.toFixed(6))))
	);
	const crosses = scene.shapes.filter(({ role }) => role === 'cut-line');
	assert.equal(crosses.length, 2 * (rings.length + of.plan.back!.bumpers));
	assert.deepEqual([scene.box.width, scene.box.height], [frame!.outer.width, frame!.outer.height]);
	assert.ok(
		scene.shapes.every(({ fill }) => fill === undefined || fill === 'none'),
		'ink is not wasted'
	);
	const { frame: _, ...bare } = workedJob();
	assert.equal(templateScene(plan(bare, builtInShop), decide(readJob(bare), builtInShop), builtInShop), null);
});

test('the story stick: the ring from the top and from the side; none for one hanger in the middle', () => {
	const { hang } = planned();
	const stick = stickScene(made().plan)!;
	const ring = stick.shapes.find(({ role }) => role === 'ring')!.circle!;
	assert.deepEqual([ring.x, ring.y], [hang!.inset, hang!.drop]);
	assert.ok(stick.box.height > hang!.drop);
	const wide = made({ frame: { kind: 'wood', section: { face: 120, lip: 6, depth: 40, rabbetDepth: 16, density: 600 } } }).plan;
	const far = stickScene(wide)!;
	assert.equal(far.shapes.find(({ role }) => role === 'ring')!.circle!.x, 57);
	assert.ok(far.box.width > 57, 'a broad moulding has its ring farther in than a narrow stick is wide');
	assert.equal(stickScene(made({ hang: { by: 'sawtooth' } }).plan), null);
});
