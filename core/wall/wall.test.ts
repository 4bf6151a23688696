/** A wall: rows, columns and grids, gaps that add up, hooks that hang every picture where the plan says, and what is found. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { planned, workedJob } from '../../tests/jobs.ts';
import { decide } from '../decide.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { pictureOf } from './of-job.ts';
import { planWall } from './plan-wall.ts';
import type { Group, Picture, Thing, Wall } from './wall.ts';

const picture = (id: string, width: number, height: number, more: Partial<Picture> = {}): Picture => ({
	id,
	outer: { width, height },
	kg: 3,
	hooks: [
		{ x: -width / 6, down: 100 },
		{ x: width / 6, down: 100 }
	],
	...more
});
const row = (ids: string[], more: Partial<Group> = {}): Group => ({
	pictures: ids,
	line: 'row',
	from: 200,
	to: 3000,
	align: 'centre',
	height: 1500,
	gap: 'equal',
	slope: 0,
	columns: 1,
	...more
});
const wall = (
	pictures: Picture[],
	more: Partial<Omit<Wall, 'pictures' | 'wall'>> & { things?: Thing[]; kind?: Wall['wall']['kind'] } = {}
): Wall => ({
	wall: { width: 4200, height: 2500, kind: more.kind ?? 'masonry', things: more.things ?? [] },
	pictures,
	groups: more.groups ?? [],
	places: more.places ?? []
});
const near = (one: number, other: number, says = '') => assert.ok(Math.abs(one - other) < 1e-6, `${says} ${one} is not ${other}`);

test('a row: equal gaps everywhere, between alone, or a length with the row in the middle of its room', () => {
	const three = [picture('a', 400, 500), picture('b', 600, 800), picture('c', 300, 400)];
	const lefts = (gap: Group['gap']) => planWall(wall(three, { groups: [row(['a', 'b', 'c'], { gap })] }), 'mm');
	const equal = lefts('equal');
	near(equal.gaps[0]!, (2800 - 1300) / 4);
	near(equal.pictures[0]!.left, 200 + 375);
	near(3000 - (equal.pictures[2]!.left + 300), 375);
	const between = lefts('between');
	near(between.gaps[0]!, 750);
	assert.deepEqual([between.pictures[0]!.left, between.pictures[2]!.left + 300], [200, 3000]);
	const fixed = lefts(60);
	near(fixed.pictures[0]!.left, 200 + (2800 - 1300 - 120) / 2);
	assert.deepEqual(
		equal.pictures.map(({ bottom, height }) => bottom + height / 2),
		[1500, 1500, 1500]
	);
});

test('lines by top and bottom; along a stair the line climbs with each centre', () => {
	const two = [picture('a', 400, 500), picture('b', 400, 300)];
	const of = (more: Partial<Group>) => planWall(wall(two, { groups: [row(['a', 'b'], more)] }), 'mm').pictures;
	assert.deepEqual(
		of({ align: 'top' }).map(({ bottom, height }) => bottom + height),
		[1500, 1500]
	);
	assert.deepEqual(
		of({ align: 'bottom' }).map(({ bottom }) => bottom),
		[1500, 1500]
	);
	const [low, high] = of({ slope: 0.5 });
	const centres = [low!, high!].map(({ left, width, bottom, height }) => [left + width / 2, bottom + height / 2] as const);
	near((centres[1]![1] - centres[0]![1]) / (centres[1]![0] - centres[0]![0]), 0.5);
	near(centres[0]![1], 1500 + 0.5 * (centres[0]![0] - 200));
});

test('a column runs from the ceiling down; a grid has cells of the largest, each picture in the middle of its own', () => {
	const four = [picture('a', 400, 500), picture('b', 300, 400), picture('c', 200, 300), picture('d', 400, 200)];
	const column = planWall(
		wall(four, { groups: [row(['a', 'b'], { line: 'column', from: 2200, to: 800, height: 1000, align: 'left' })] }),
		'mm'
	);
	near(column.gaps[0]!, (1400 - 900) / 3);
	assert.ok(column.pictures[0]!.bottom > column.pictures[1]!.bottom);
	assert.deepEqual(
		column.pictures.map(({ left }) => left),
		[1000, 1000]
	);
	const grid = planWall(
		wall(four, { groups: [row(['a', 'b', 'c', 'd'], { line: 'grid', columns: 2, gap: 50 })] }),
		'mm'
	).pictures;
	const centre = (at: number) => [grid[at]!.left + grid[at]!.width / 2, grid[at]!.bottom + grid[at]!.height / 2] as const;
	near(centre(1)[0] - centre(0)[0], 450);
	near(centre(0)[1] - centre(2)[1], 550);
	near((centre(0)[1] + centre(2)[1]) / 2, 1500, 'the grid’s own middle');
	near((centre(0)[0] + centre(1)[0]) / 2, 1600);
});

test('property: nothing overlaps where there is room, gaps and pictures add up to the room', () => {
	const sizes = fc.array(fc.record({ width: fc.integer({ min: 80, max: 900 }), height: fc.integer({ min: 80, max: 900 }) }), {
		minLength: 1,
		maxLength: 7
	});
	fc.assert(
		fc.property(
			sizes,
			fc.constantFrom<Group['gap']>('equal', 'between', 35),
			fc.constantFrom('centre', 'top', 'bottom'),
			(all, gap, align) => {
				const pictures = all.map(({ width, height }, at) => picture(String(at), width, height));
				const made = planWall(
					wall(pictures, {
						groups: [
							row(
								pictures.map(({ id }) => id),
								{ gap, align: align as 'top' }
							)
						]
					}),
					'mm'
				);
				const sum = all.reduce((total, { width }) => total + width, 0);
				const g = made.gaps[0]!;
				if (gap === 'equal') near(sum + g * (all.length + 1), 2800);
				if (gap === 'between' && all.length > 1) near(sum + g * (all.length - 1), 2800);
				const fails = made.findings.some(({ rule }) => rule === 'wall.no-room');
				assert.equal(fails, sum + (gap === 35 ? 35 * (all.length - 1) : 0) > 2800 + 1e-9);
				for (let at = 1; at < made.pictures.length; at += 1)
					near(made.pictures[at]!.left - made.pictures[at - 1]!.left - made.pictures[at - 1]!.width, g);
			}
		),
		{ numRuns: 200 }
	);
});

test('hooks are numbered from the left, at one x from the top, each where its picture wants it', () => {
	const one = [{ x: 0, down: 50 }];
	const made = planWall(
		wall([picture('low', 300, 300, { hooks: one }), picture('high', 300, 300, { hooks: one }), picture('right', 300, 300)], {
			places: [
				{ id: 'low', left: 100, centre: 1000 },
				{ id: 'high', left: 100, centre: 1800 },
				{ id: 'right', left: 600, centre: 1500 }
			]
		}),
		'mm'
	);
	assert.deepEqual(made.hooks, [
		{ n: 1, picture: 'high', x: 250, height: 1900 },
		{ n: 2, picture: 'low', x: 250, height: 1100 },
		{ n: 3, picture: 'right', x: 700, height: 1550 },
		{ n: 4, picture: 'right', x: 800, height: 1550 }
	]);
});

test('a job hangs by its own nails: at the height of its own plan they are the nails of that plan', () => {
	const file = workedJob();
	const { frame, hang } = planned();
	const job = decide(readJob(file), builtInShop);
	const own = pictureOf('a', file, job, plan(file, builtInShop))!;
	const made = planWall(wall([own], { places: [{ id: 'a', left: 1000, centre: job.hang.centreHeight }] }), 'mm');
	made.hooks.forEach(({ x, height }, at) => {
		near(x, 1000 + frame!.outer.width / 2 + hang!.hooks[at]!.x);
		near(height, hang!.hooks[at]!.height);
	});
	const { frame: _, ...bare } = file;
	assert.equal(pictureOf('a', bare, decide(readJob(bare), builtInShop), plan(bare, builtInShop)), null);
});

test('found: overlap, past the wall, no room, above the stove, water, in the sun', () => {
	const thing = (kind: Thing['kind'], left: number, bottom: number, width: number, height: number, name = ''): Thing => ({
		kind,
		left,
		bottom,
		width,
		height,
		name
	});
	const at = (left: number, centre: number, things: Thing[] = [], more: Partial<Picture> = {}) =>
		planWall(wall([picture('a', 400, 500, more)], { things, places: [{ id: 'a', left, centre }] }), 'mm').findings.map(
			({ rule, severity }) => `${severity} ${rule}`
		);
	assert.deepEqual(at(1000, 1500), []);
	assert.deepEqual(at(-10, 1500), ['stop wall.outside']);
	assert.deepEqual(at(3900, 2400), ['stop wall.outside', 'stop wall.outside'], 'right and top');
	assert.deepEqual(at(3800, 2250), [], 'flush with both is on it');
	const stove = thing('heat', 1100, 0, 500, 900, 'stove');
	assert.deepEqual(at(1000, 1500, [stove]), ['caution wall.over-heat']);
	assert.deepEqual(at(1000, 900, [stove]), ['stop wall.overlap', 'caution wall.over-heat']);
	assert.deepEqual(at(700, 1500, [stove]), [], 'beside it');
	assert.deepEqual(at(1000, 1500, [thing('water', 900, 0, 600, 850)]), ['caution wall.over-water']);
	assert.deepEqual(at(1000, 1500, [thing('window', 1300, 900, 900, 1200)]), ['stop wall.overlap']);
	assert.deepEqual(at(1000, 1500, [thing('socket', 1100, 1400, 80, 80)]), []);
	assert.deepEqual(at(1000, 1500, [], { inSun: true }), ['caution wall.in-sun']);
	const pair = planWall(
		wall([picture('a', 400, 500), picture('b', 400, 500)], {
			places: [
				{ id: 'a', left: 0, centre: 1500 },
				{ id: 'b', left: 399, centre: 1500 }
			]
		}),
		'mm'
	);
	assert.deepEqual(
		pair.findings.map(({ says }) => says),
		['a and b overlap.']
	);
	const tight = planWall(
		wall([picture('a', 2000, 300), picture('b', 1500, 300)], { groups: [row(['a', 'b'], { gap: 'between' })] }),
		'mm'
	);
	assert.ok(
		tight.findings.some(({ rule, says }) => rule === 'wall.no-room' && says.includes('700 mm longer')),
		JSON.stringify(tight.findings)
	);
});

test('plasterboard bears little by itself: a small light one, or hooks in studs; above 25 kg an installer everywhere', () => {
	const stud = (x: number): Thing => ({ kind: 'stud', name: '', left: x - 22, bottom: 0, width: 44, height: 2500 });
	const load = (of: Picture, kind: Wall['wall']['kind'] = 'plasterboard', things: Thing[] = []) =>
		planWall(wall([of], { kind, things, places: [{ id: of.id, left: 1000, centre: 1500 }] }), 'mm').findings.map(
			({ says }) => says
		);
	assert.deepEqual(load(picture('a', 300, 400, { kg: 4 })), []);
	assert.deepEqual(load(picture('a', 400, 300, { kg: 4 })), [], 'either way up');
	assert.match(load(picture('a', 300, 401, { kg: 3 }))[0]!, /too large for a nail hook/);
	assert.match(load(picture('a', 300, 400, { kg: 4.1 }))[0]!, /too heavy/);
	assert.match(load(picture('a', 300, 400, { kg: null }))[0]!, /not known, .*Weigh it/);
	assert.deepEqual(load(picture('a', 600, 800, { kg: 9 }), 'masonry'), []);
	const hooks = [
		{ x: -200, down: 100 },
		{ x: 200, down: 100 }
	];
	const wide = picture('a', 600, 800, { kg: 9, hooks });
	assert.deepEqual(load(wide, 'plasterboard', [stud(1100), stud(1500)]), []);
	assert.equal(load(wide, 'plasterboard', [stud(1100)]).length, 1, 'one of two is not enough');
	assert.equal(load(wide, 'plasterboard', [stud(1117), stud(1500)]).length, 1, 'at the stud’s edge it splits');
	assert.match(load(picture('a', 600, 800, { kg: 26 }), 'masonry')[0]!, /licensed installer/);
	assert.deepEqual(load(picture('a', 600, 800, { kg: null }), 'masonry'), []);
});
