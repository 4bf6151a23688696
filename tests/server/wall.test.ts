/** A wall over HTTP: checked, its jobs looked up, planned; the file of the open interface as it stands there. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { WallPlan } from '../../core/wall/wall.ts';
import { postJob } from '../../src/lib/server/jobs.ts';
import { checkWall } from '../../src/lib/server/validation/wall.ts';
import { postWall } from '../../src/lib/server/wall.ts';
import { planned, workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

const HOOKS = [
	{ x: -93.5, down: 117.4 },
	{ x: 93.5, down: 117.4 }
];
const file = (second: object, more: object = {}) => ({
	format: 'rare-keep/wall',
	version: 1,
	unit: 'mm',
	wall: {
		width: 4200,
		height: 2500,
		kind: 'masonry',
		things: [{ name: 'stove', kind: 'heat', left: 300, bottom: 0, width: 500, height: 900 }]
	},
	pictures: [{ id: 'a', outer: { width: 577, height: 736 }, kg: 3.2, hooks: HOOKS }, second],
	groups: [{ pictures: ['a', 'b'], line: 'row', from: 200, to: 3000, align: 'centre', height: 1500, gap: 'equal', slope: 0 }],
	...more
});
const other = { id: 'b', outer: { width: 300, height: 400 } };

onEachDatabase((here) => {
	test('a job hangs as it is kept; without a frame it is said where it is named', async () => {
		const { number } = (await postJob(here.db, workedJob())).body as { number: string };
		const answer = await postWall(here.db, file({ id: 'b', job: number }));
		assert.equal(answer.status, 200, JSON.stringify(answer.body));
		const { pictures, hooks, gaps } = answer.body as WallPlan;
		const { frame, hang } = planned();
		assert.deepEqual([pictures[1]!.width, pictures[1]!.height], [frame!.outer.width, frame!.outer.height]);
		assert.ok(Math.abs(gaps[0]! - (2800 - 577 - frame!.outer.width) / 3) < 1e-9);
		assert.equal(hooks.filter(({ picture }) => picture === 'b').length, hang!.hooks.length);
		const { frame: _, ...bare } = workedJob();
		const unframed = (await postJob(here.db, bare)).body as { number: string };
		for (const job of [unframed.number, 'K-9999', 'nonsense']) {
			const { status, body } = await postWall(here.db, file({ id: 'b', job }));
			assert.equal(status, 400);
			assert.equal((body as { faults: { path: string }[] }).faults[0]!.path, 'pictures[1].job');
		}
	});
});

const faultsOf = (body: unknown): string[] => {
	const read = checkWall(body, new Map());
	return read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
};

test('what is left out: no things, no groups, a row by its centres with equal gaps, on the level', () => {
	const bare = checkWall(
		{
			format: 'rare-keep/wall',
			version: 1,
			wall: { width: 4200, height: 2500, kind: 'masonry' },
			pictures: [other],
			groups: [{ pictures: ['b'], line: 'row', from: 0, to: 1000, height: 1500 }]
		},
		new Map()
	);
	assert.ok(bare.ok);
	assert.deepEqual(
		[bare.wall.groups[0]!.align, bare.wall.groups[0]!.gap, bare.wall.groups[0]!.slope, bare.wall.pictures[0]!.kg],
		['centre', 'equal', 0, null]
	);
});

test('inches become millimetres, all', () => {
	const read = checkWall(
		file(
			{ id: 'b', outer: { width: 10, height: 20 }, hooks: [{ x: 1, down: 2 }] },
			{ unit: 'in', wall: { width: 100, height: 90, kind: 'wood' }, places: [] }
		),
		new Map()
	);
	assert.ok(read.ok);
	assert.deepEqual(
		[read.wall.wall.width, read.wall.pictures[1]!.outer.height, read.wall.pictures[1]!.hooks[0]!.down],
		[2540, 508, 50.8]
	);
	assert.ok(Math.abs(read.wall.groups[0]!.to - 3000 * 25.4) < 1e-9);
});

test('every fault with its path', () => {
	const group = file(other).groups[0]!;
	const groups = (changes: object) => file(other, { groups: [{ ...group, ...changes }] });
	for (const [body, says] of [
		[file(other, { wall: { width: 0, height: 2500, kind: 'masonry' } }), /^wall\.width: 0 must be more than 0/],
		[file(other, { wall: { width: 1, height: 2500, kind: 'brick' } }), /^wall\.kind: Enter one of .masonry/],
		[file(other, { walls: 1 }), /^walls: This key is not recognised/],
		[file({ id: 'a', outer: other.outer }), /^pictures\[1\]\.id: “a” is already in the list/],
		[file({ id: 'b' }), /^pictures\[1\]: Enter its outer size, or its job/],
		[file({ id: 'b', job: 'K-0101', outer: other.outer }), /^pictures\[1\]: Enter its outer size or its job, not both/],
		[file({ id: 'b', job: 'K-0101', kg: 3 }), /^pictures\[1\]: A job has its own/],
		[file({ ...other, kg: -1 }), /^pictures\[1\]\.kg/],
		[groups({ pictures: ['a', 'c'] }), /^groups\[0\]\.pictures\[1\]: No picture “c”/],
		[groups({ pictures: ['a', 'a'] }), /^groups\[0\]\.pictures\[1\]: “a” is already hung elsewhere/],
		[groups({ pictures: [] }), /^groups\[0\]\.pictures: A group needs at least one picture/],
		[groups({ from: 3000, to: 200 }), /^groups\[0\]\.to: It runs to the right/],
		[groups({ line: 'column', from: 800, to: 2200, slope: 0 }), /^groups\[0\]\.to: A column runs down/],
		[groups({ line: 'column', from: 2200, to: 800, slope: 0.2 }), /^groups\[0\]\.slope: Only a row has a slope/],
		[groups({ line: 'grid' }), /^groups\[0\]\.columns: This is missing/],
		[groups({ columns: 2 }), /^groups\[0\]\.columns: Only a grid has columns/],
		[groups({ align: 'left' }), /^groups\[0\]\.align: Enter one of .centre, top, bottom/],
		[groups({ gap: 'wide' }), /^groups\[0\]\.gap: Enter equal, between/],
		[groups({ gap: -5 }), /^groups\[0\]\.gap: /],
		[file(other, { places: [{ id: 'a', left: 0, centre: 1500 }] }), /^places\[0\]\.id: “a” is already hung elsewhere/],
		[{ ...file(other), version: 2 }, /^version: /],
		[null, /curly brackets/]
	] as const)
		assert.match(faultsOf(body)[0] ?? 'no fault', says, JSON.stringify(body));
});
