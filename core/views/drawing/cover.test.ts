/** The dust cover on the back: where it is trimmed, and the slits round hangers that are on already. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { nth, there } from '../../units/there.ts';
import { backScene } from './back.ts';

const backOf = (changes: Partial<JobFile>) => {
	const file = workedJob(changes);
	return there(backScene(plan(file, builtInShop), decide(readJob(file), builtInShop), builtInShop), 'back');
};
const trims = (changes: Partial<JobFile>) => backOf(changes).shapes.filter(({ role }) => role === 'trim');
const COVER = { back: { dustCover: true } };

test('cover first: its line alone, 3 mm inside the frame’s edge', () => {
	const { box } = backOf(COVER);
	const [line, ...others] = trims(COVER);
	assert.equal(others.length, 0);
	const corners = nth(there(line?.rings, 'rings'), 0);
	const [left, right] = [Math.min(...corners.map(({ x }) => x)), Math.max(...corners.map(({ x }) => x))];
	assert.ok(Math.abs(left - box.left - 3) < 1e-9 && Math.abs(box.left + box.width - right - 3) < 1e-9);
	assert.equal(trims({}).length, 0);
});

test('hardware first: a slit from the nearest edge to each ring, and a cut round it', () => {
	const first: Partial<JobFile> = { ...COVER, schools: { 'cover-order': 'hardware-first' } };
	const rings = backOf(first).shapes.filter(({ role }) => role === 'ring');
	const shapes = trims(first);
	const around = shapes.flatMap(({ circle }) => circle ?? []);
	assert.deepEqual(
		around.map(({ x, y }) => [x, y]),
		rings.map(({ circle }) => [circle!.x, circle!.y])
	);
	assert.ok(around.every(({ radius }, at) => radius === rings[at]!.circle!.radius + 2));
	// With rings farther in there is a way to go.
	const inward: Partial<JobFile> = { ...first, hang: { by: 'centre-hanger', drop: 60 } };
	const [slit] = trims(inward).filter(({ open }) => open);
	const [from, to] = nth(there(slit?.rings, 'slit'), 0);
	assert.equal(there(from, 'from').x, there(to, 'to').x, 'from the top, straight down');
	assert.ok(there(to, 'to').y > there(from, 'from').y);
});
