/** Walls to a hair: columns and single pictures where they hang, limits of what is found, sun and mass as a job says. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../tests/jobs.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { pictureOf } from './of-job.ts';
import { planWall } from './plan-wall.ts';
import type { Group, Picture, Thing, Wall } from './wall.ts';

const of = (id: string, width: number, height: number, more: Partial<Picture> = {}): Picture => ({
	id,
	outer: { width, height },
	kg: 3,
	hooks: [],
	...more
});
const made = (
	pictures: Picture[],
	more: Partial<Wall> & { things?: Thing[]; kind?: Wall['wall']['kind'] } = {},
	reads: 'mm' | 'in' = 'mm'
) =>
	planWall(
		{
			wall: { width: 3000, height: 2400, kind: more.kind ?? 'masonry', things: more.things ?? [] },
			pictures,
			groups: more.groups ?? [],
			places: more.places ?? []
		},
		reads
	);
const group = (pictures: string[], more: Partial<Group>): Group => ({
	pictures,
	line: 'row',
	from: 100,
	to: 1100,
	align: 'centre',
	height: 1500,
	gap: 'equal',
	slope: 0,
	columns: 1,
	...more
});
const placesOf = (pictures: Picture[], more: Partial<Group>) =>
	made(pictures, {
		groups: [
			group(
				pictures.map(({ id }) => id),
				more
			)
		]
	}).pictures.map(({ left, bottom }) => [left, bottom]);

test('one alone: in the middle of its room whatever the gap is called, and half of what is left is its gap', () => {
	const alone = [of('a', 400, 200)];
	for (const gap of ['equal', 'between', 50] as const) assert.deepEqual(placesOf(alone, { gap }), [[400, 1400]]);
	const gaps = (gap: Group['gap']) => made(alone, { groups: [group(['a'], { gap })] }).gaps[0];
	assert.deepEqual([gaps('equal'), gaps('between'), gaps(50)], [300, 300, 50]);
});

test('a column from the ceiling down, to the digit, by each of its lines', () => {
	const two = [of('a', 400, 300), of('b', 200, 500)];
	const column = { line: 'column', from: 2200, to: 1000, height: 900 } as const;
	// 1200 − 800 = 400 left: a third each.
	const first = 2200 - 400 / 3 - 300;
	const second = 1000 + 400 / 3;
	const near = (found: number[][], lefts: number[]) =>
		found.forEach(([left, bottom], at) => {
			assert.equal(left, lefts[at]);
			assert.ok(Math.abs(bottom! - [first, second][at]!) < 1e-9, `${bottom}`);
		});
	near(placesOf(two, { ...column, align: 'left' }), [900, 900]);
	near(placesOf(two, { ...column, align: 'right' }), [500, 700]);
	near(placesOf(two, { ...column, align: 'centre' }), [700, 800]);
	assert.deepEqual(
		placesOf(two, { ...column, align: 'left', gap: 100 }).map(([, bottom]) => bottom),
		[1750, 1150],
		'900 long, in the middle of 1200'
	);
});

test('a grid of fewer pictures than columns is one row; by its top and its bottom', () => {
	const three = [of('a', 200, 300), of('b', 100, 100), of('c', 200, 200)];
	const grid = { line: 'grid', gap: 40, from: 0, to: 1000 } as const;
	assert.deepEqual(placesOf(three.slice(0, 1), { ...grid, columns: 4 }), [[400, 1350]]);
	const two = { ...grid, columns: 2 };
	// Cells of 200 × 300, 40 between: the grid is 440 × 640.
	assert.deepEqual(placesOf(three, { ...two, align: 'top', height: 2000 }), [
		[280, 1700],
		[570, 1800],
		[280, 1410]
	]);
	assert.deepEqual(placesOf(three, { ...two, align: 'bottom', height: 500 })[2], [280, 550]);
});

test('a group that is longer than its room says by how much, whatever its gaps', () => {
	const two = [of('a', 600, 100), of('b', 500, 100)];
	const says = (gap: Group['gap'], to = 1100) =>
		made(two, { groups: [group(['a', 'b'], { gap, to })] })
			.findings.filter(({ rule }) => rule === 'wall.no-room')
			.map((one) => [one.picture, one.says.match(/[\d.]+/)?.[0]]);
	assert.deepEqual(says('equal'), [['a', '100']]);
	assert.deepEqual(says('between'), [['a', '100']]);
	assert.deepEqual(says(50), [['a', '150']]);
	assert.deepEqual(says(50, 1250), [], 'just as long as its room');
	assert.deepEqual(says('between', 1200), []);
});

test('touching is no overlap; past the wall by half a millimetre is seen', () => {
	const rules = (places: Wall['places'], things: Thing[] = []) =>
		made([of('a', 400, 400), of('b', 400, 400)], { places, things }).findings.map(({ rule }) => rule);
	assert.deepEqual(
		rules([
			{ id: 'a', left: 0, centre: 1000 },
			{ id: 'b', left: 400, centre: 1000 }
		]),
		[]
	);
	assert.deepEqual(
		rules([
			{ id: 'a', left: 0, centre: 1000 },
			{ id: 'b', left: 0, centre: 1400 }
		]),
		[]
	);
	assert.deepEqual(
		rules([
			{ id: 'a', left: 0, centre: 1000 },
			{ id: 'b', left: 300, centre: 1500 }
		]),
		[],
		'beside and above'
	);
	assert.deepEqual(rules([{ id: 'a', left: -0.5, centre: 1000 }]), ['wall.outside']);
	const stove: Thing = { name: '', kind: 'heat', left: 400, bottom: 1200, width: 300, height: 300 };
	assert.deepEqual(rules([{ id: 'a', left: 500, centre: 900 }], [stove]), [], 'below it');
	assert.deepEqual(rules([{ id: 'a', left: 0, centre: 2000 }], [stove]), [], 'beside it');
	assert.deepEqual(
		rules([{ id: 'a', left: 500, centre: 1010 }], [stove]),
		['wall.overlap', 'wall.over-heat'],
		'stops come first'
	);
	const [found] = made([of('a', 400, 400)], { places: [{ id: 'a', left: 500, centre: 2000 }], things: [stove] }).findings;
	assert.match(found!.says, /the stove or radiator/);
});

test('a stud takes a screw 10 from its edges, a narrow one in its middle', () => {
	const hooked = (x: number, left: number, width: number, count = 1) =>
		made([of('a', 600, 600, { kg: 9, hooks: Array.from({ length: count }, () => ({ x, down: 50 })) })], {
			kind: 'plasterboard',
			things: [{ name: '', kind: 'stud', left, bottom: 0, width, height: 2400 }],
			places: [{ id: 'a', left: 1000, centre: 1500 }]
		}).findings.length;
	assert.deepEqual([hooked(0, 1290, 44), hooked(0, 1290.1, 44)], [0, 1]);
	assert.deepEqual([hooked(0, 1266, 44), hooked(0, 1265.9, 44)], [0, 1]);
	assert.deepEqual([hooked(0, 1292, 16), hooked(0, 1292.1, 16)], [0, 1], 'a lath: in its middle');
	assert.equal(hooked(0, 1290, 44, 0), 1, 'without hooks nothing holds');
});

test('sun and mass as the job says; inches are said in inches', () => {
	const hung = (changes: Partial<JobFile>) => {
		const file = workedJob(changes);
		return pictureOf('a', file, decide(readJob(file), builtInShop), plan(file, builtInShop))!;
	};
	assert.deepEqual([hung({}).inSun, hung({ place: { room: 'sun-patch' } }).inSun], [false, true]);
	assert.equal(hung({}).kg, plan(workedJob(), builtInShop).mass!.kg);
	const says = (reads: 'mm' | 'in') =>
		made([of('a', 400, 400)], { places: [{ id: 'a', left: -25.4, centre: 1000 }] }, reads).findings[0]!.says;
	assert.match(says('mm'), /runs 25\.4 mm past/);
	assert.match(says('in'), /runs 1 in past/);
	const { hooks } = made([of('a', 400, 400, { hooks: [{ x: 30, down: 50 }] })], {
		places: [{ id: 'a', left: 100, centre: 1000 }]
	});
	assert.deepEqual(hooks, [{ n: 1, picture: 'a', x: 330, height: 1150 }]);
});
