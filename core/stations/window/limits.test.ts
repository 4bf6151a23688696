/** Where a window is still right and where it no longer is, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plain } from '../../rule/term.ts';
import { builtInShop } from '../../shop/shop.ts';
import { patched } from '../../job/patch.ts';
import { floated } from './float-it.ts';
import { decidingLimit } from './ranges.ts';
import { faultsOf, has, planned, workedJob } from '../../../tests/jobs.ts';
import { fixesOf, found, says, sheet } from '../../../tests/findings.ts';

const one = { mats: [{ board: 'cotton-4' }] };
/** A shop whose 8-ply board is as thick as that. */
const thickOf = (thickness: number) => ({
	...builtInShop,
	boards: { ...builtInShop.boards, 'cotton-8': { ...builtInShop.boards['cotton-8']!, thickness } }
});

test('window.overlap-thin: as much as the movement asks for is enough; a reverse bevel takes its board’s thickness', () => {
	const least = planned().window!.least;
	assert.deepEqual(Object.keys(least).length, 4);
	const at = (overlap: number, bevel: 'normal' | 'reverse' = 'normal') =>
		has(planned({ mats: [{ board: 'cotton-4', bevel }], window: { overlap } }), 'window.overlap-thin');
	const most = Math.ceil(Math.max(...Object.values(least)) * 2) / 2;
	assert.deepEqual([at(most), at(most - 1)], [false, true]);
	assert.deepEqual([at(most + 1.5, 'reverse'), at(most + 1, 'reverse')], [false, true]);
	assert.match(says(planned({ window: { overlap: 0 } }), 'window.overlap-thin'), /The mat covers nothing on every side/);
	assert.match(says(planned({ window: { overlap: 1 } }), 'window.overlap-thin'), /The mat covers 1 mm on every side/);
});

test('float.support-shows: a support as large as the piece, unless it is bevelled', () => {
	const float = (setBack: number, supportEdge: 'square' | 'bevelled' = 'square') => ({
		window: { way: 'float' as const, gap: 12, setBack, supportEdge },
		mats: [{ board: 'cotton-8', lift: 6 }]
	});
	assert.deepEqual(found('float.support-shows', float(0), float(0.1), float(0, 'bevelled')), [true, false, false]);
	assert.deepEqual(fixesOf(planned(float(0)), 'float.support-shows'), ['Set it back 6 mm']);
	const flat = { ...float(0), window: { ...float(0).window, support: null } };
	assert.ok(!has(planned(flat), 'float.support-shows'), 'it has none');
	assert.match(faultsOf({ ...float(201) })[0]!, /window\.setBack: A support set back 201 mm on every side leaves nothing/);
	// A millimetre of support is one, on either side.
	assert.deepEqual([faultsOf(float(200.5)), faultsOf({ ...float(200.5), ...sheet(551, 402) })], [[], []]);
	assert.match(faultsOf({ ...float(201), ...sheet(551, 402) })[0]!, /leaves nothing/);
});

test('window.deckle-hidden: under a mat, not in a float and not without one', () => {
	const deckled = sheet(402, 551, { deckle: true });
	assert.deepEqual(
		found(
			'window.deckle-hidden',
			deckled,
			{},
			{ ...deckled, window: { way: 'float', gap: 12 }, mats: [{ board: 'cotton-8', lift: 6 }] },
			{ ...deckled, mats: [] }
		),
		[true, false, false, false]
	);
});

test('window.sheet-beyond-pack: a sheet as large as its boards lies between them', () => {
	const even = (width: number, overlap = 30) => ({ ...one, window: { overlap }, borders: { way: 'even' as const, width } });
	assert.deepEqual(found('window.sheet-beyond-pack', even(30), even(29.5)), [false, true]);
	const own = (sides: Partial<Record<'top' | 'right' | 'bottom' | 'left', number>>) =>
		planned({ ...one, window: { overlap: 30 }, borders: { way: 'own', top: 60, right: 60, bottom: 60, left: 60, ...sides } });
	for (const side of ['top', 'right', 'bottom', 'left'] as const)
		assert.equal(says(own({ [side]: 27 }), 'window.sheet-beyond-pack'), `The sheet reaches 3 mm past the boards at the ${side}.`);
	assert.deepEqual(
		fixesOf(own({ top: 27 }), 'window.sheet-beyond-pack'),
		['Border 42 mm at the top'],
		'a T-hinge wants 12 mm more'
	);
	assert.deepEqual(fixesOf(own({ left: 27 }), 'window.sheet-beyond-pack'), ['Border 30 mm at the left']);
	const weighted = planned({ ...one, window: { overlap: 80 }, borders: { way: 'weighted', width: 85, weight: 0 } });
	assert.ok(!has(weighted, 'window.sheet-beyond-pack'));
});

test('an arch is at least half as high as it is wide; a circle takes the smaller of both', () => {
	const arch = (height: number) => faultsOf({ ...sheet(412, height), window: { shape: 'arch', overlap: 6 } });
	assert.deepEqual(arch(212), []);
	assert.match(arch(211.5)[0]!, /window\.shape: An arch 400 × 199\.5/);
	const circle = (width: number, height: number) =>
		planned({ ...sheet(width, height), window: { shape: 'circle', overlap: 6 } }).window!;
	assert.deepEqual(
		[circle(412, 500).opening, circle(500, 412).opening],
		[
			{ width: 400, height: 400 },
			{ width: 400, height: 400 }
		]
	);
	assert.deepEqual(circle(412, 500).overlap, { top: 50, right: 6, bottom: 50, left: 6 });
});

test('an overlap that leaves no window is refused', () => {
	const cover = (overlap: number) => faultsOf({ ...sheet(100, 140), window: { overlap } });
	assert.deepEqual(cover(49.5), []);
	assert.match(cover(50)[0]!, /window\.overlap: This overlap leaves no window on a sheet of 100 × 140 mm/);
	const lying = (overlap: number) => faultsOf({ ...sheet(140, 100), window: { overlap } });
	assert.deepEqual(lying(49.5), []);
	assert.match(lying(50)[0]!, /leaves no window/);
});

test('of two limits alike the first decides, and a reverse bevel takes its board’s thickness from the tolerance', () => {
	const tolerance = (board: string, bevel: 'normal' | 'reverse') =>
		planned({ mats: [{ board, bevel }] }).window!.tolerance!.width;
	assert.ok(Math.abs(tolerance('cotton-2', 'normal') - tolerance('cotton-2', 'reverse') - 0.8) < 1e-9);
	const even = (value: number) => ({ axis: 'width' as const, free: plain(value), right: plain(value) });
	const limits = [
		{ ...even(3), by: { edge: 'left' as const } },
		{ ...even(3), by: { edge: 'right' as const } }
	];
	assert.deepEqual(decidingLimit(limits, 'width', 'right')!.by, { edge: 'left' });
	assert.deepEqual(decidingLimit([{ ...even(4), by: { edge: 'left' } }, limits[1]!], 'width', 'free')!.by, { edge: 'right' });
	assert.equal(decidingLimit(limits, 'height', 'free'), undefined);
});

test('a sheet that is floated instead: the nearest mat is lifted as far as sheet, support and air need', () => {
	const liftOf = (changes: Partial<JobFile>, shop = thickOf(3)) => {
		const file = workedJob({ ...sheet(402, 551, { thickness: 1 }), ...changes });
		const job = decide(readJob(file), builtInShop);
		const after = patched(file, floated({ file, job, shop, plan: plan(file, builtInShop), grade: 'keep' })[0]!.patch);
		assert.equal(after.window!.way, 'float');
		return after.mats!.at(-1)!.lift;
	};
	// Support 3, sheet 1, and the 3 mm of air that the mats give now: 4 mm more than they are thick.
	assert.equal(liftOf({}), 4);
	const front = {
		mats: [
			{ board: 'cotton-4', lift: 3 },
			{ board: 'cotton-4', reveal: 6 }
		]
	};
	assert.equal(liftOf(front), 4, 'with 6 mm of depth there are 6 of air');
	// A lift that is there grows by as much: 4.5 and 4.
	const deep = {
		mats: [
			{ board: 'cotton-4', lift: 12 },
			{ board: 'cotton-4', reveal: 6, lift: 4.5 }
		]
	};
	assert.equal(liftOf(deep), 8.5);
	assert.equal(liftOf({}, thickOf(20)), 21);
});

test('window.no-paper-left: what is left behind the mat, and the reveal that leaves enough', () => {
	const made = (left: number, more: { image?: number; bevel?: 'normal' | 'reverse'; top?: number } = {}) => {
		const { image = 20, bevel = 'normal', top = 10 } = more;
		return planned({
			...sheet(402, 551, { image: { left: image, top: 20, width: 362, height: 500 } }),
			mats: [{ board: 'cotton-4', bevel }],
			window: { way: 'reveal', reveal: { top, right: 10, bottom: 10, left } }
		});
	};
	const rule = 'window.no-paper-left';
	assert.ok(!has(made(17), rule), '3 mm are left, and 3 are the least');
	assert.match(says(made(17.5), rule), /^Only 2\.5 mm of paper is left behind the mat at the left; 3 mm is the minimum\.$/);
	assert.match(says(made(19.5), rule), /^Only 0\.5 mm of paper/);
	assert.match(says(made(20), rule), /^No paper is left behind the mat at the left/);
	assert.match(says(made(22), rule), /^The paper ends 2 mm inside the window at the left/);
	assert.deepEqual(fixesOf(made(17.5), rule), ['Reveal 16.5 mm at the left']);
	// 0.8 mm are lacking: half a step may come back when the opening is rounded, so it is 16 and not 16.5.
	assert.deepEqual(fixesOf(made(17.5, { image: 19.7 }), rule), ['Reveal 16 mm at the left']);
	// A reverse bevel takes its board’s 1.5 mm.
	const reverse = (left: number) => made(left, { bevel: 'reverse' });
	assert.ok(!has(reverse(15.5), rule));
	assert.match(says(reverse(16), rule), /^Only 2\.5 mm of paper/);
	assert.match(says(reverse(19), rule), /^No paper is left/);
	assert.deepEqual(fixesOf(reverse(16), rule), ['Reveal 15 mm at the left']);
	// Of two sides alike the first is named, and both are mended; else the worse one.
	assert.match(says(made(17.5, { top: 17.5 }), rule), /at the top; 3 mm/);
	assert.match(says(made(18.5, { top: 17.5 }), rule), /at the left; 3 mm/);
	// A reveal may come to nothing, not to less.
	assert.deepEqual(fixesOf(made(1, { image: 3.5 }), rule), ['Reveal 0 mm at the left']);
	assert.deepEqual(fixesOf(made(1, { image: 3 }), rule), []);
});

test('window.sheets-overlap: windows of unlike size may stand a step nearer, and want as much more', () => {
	const gutter = (height: number, width = 150) =>
		fixesOf(
			planned({
				piece: {},
				...one,
				window: {
					overlap: 9,
					openings: [{ piece: { readings: { width: 150, height: 200 } } }, { piece: { readings: { width, height } } }],
					grid: { columns: 2, gutter: 14 }
				}
			}),
			'window.sheets-overlap'
		);
	assert.deepEqual([gutter(200), gutter(220), gutter(200, 160)], [['Gutter 18 mm'], ['Gutter 18.5 mm'], ['Gutter 18.5 mm']]);
});
