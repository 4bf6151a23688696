/** What several mats, their lifts and their print need, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { builtInShop } from '../../shop/shop.ts';
import { hasRoomForLift } from './lift-room.ts';
import { faultsOf, has, planned, workedJob } from '../../../tests/jobs.ts';
import { findingOf, fixesOf, found, says } from '../../../tests/findings.ts';

/** A shop whose 8-ply board is as thick as that. */
const thickOf = (thickness: number) => ({
	...builtInShop,
	boards: { ...builtInShop.boards, 'cotton-8': { ...builtInShop.boards['cotton-8']!, thickness } }
});

test('window.reveal-thin: a reveal as wide as the board is thick shows no flat strip; round an oval nine tenths of it count', () => {
	const reveal = (
		width: number,
		shape: 'rectangle' | 'oval' | 'circle' = 'rectangle',
		bevel: 'normal' | 'reverse' = 'normal'
	) => ({
		mats: [{ board: 'cotton-4' }, { board: 'cotton-8', bevel, reveal: width }],
		window: { shape, overlap: 6 }
	});
	assert.deepEqual(found('window.reveal-thin', reveal(3), reveal(3.5), reveal(3, 'rectangle', 'reverse')), [true, false, false]);
	assert.deepEqual(found('window.reveal-thin', reveal(3.5, 'oval'), reveal(3, 'oval')), [false, true]);
	// 3.3 mm of reveal are cut as 3.5: nine tenths of it are just more than the board.
	const round = (shape: 'oval' | 'circle') => plan(workedJob(reveal(3.5, shape)), thickOf(3.2));
	assert.ok(has(round('oval'), 'window.reveal-thin') && has(round('circle'), 'window.reveal-thin'));
	assert.ok(!has(plan(workedJob(reveal(3.5)), thickOf(3.2)), 'window.reveal-thin'));
	assert.deepEqual(fixesOf(plan(workedJob(reveal(3.5, 'oval')), thickOf(5)), 'window.reveal-thin'), ['Reveal 9 mm']);
	assert.deepEqual(fixesOf(planned(reveal(3)), 'window.reveal-thin'), ['Reveal 6 mm']);
	const uneven = { mats: [{ board: 'cotton-4' }, { board: 'cotton-8', reveal: { top: 6, right: 6, bottom: 6, left: 3 } }] };
	assert.ok(has(planned(uneven), 'window.reveal-thin'), 'its narrowest side');
	// Three more than its board is thick, where that is more than the house's.
	assert.deepEqual(fixesOf(plan(workedJob(reveal(3)), thickOf(5)), 'window.reveal-thin'), ['Reveal 8 mm']);
	assert.equal(
		says(planned(reveal(3)), 'window.reveal-thin'),
		'Mat 2 shows no flat strip: its reveal is 3 mm, its board 3 mm thick.'
	);
});

test('window.lift-setback: 6 to 25 mm; over the under-mat 2 mm past the sheet', () => {
	const front = (setback: number) => ({
		mats: [
			{ board: 'cotton-4', lift: 3, setback },
			{ board: 'cotton-4', reveal: 6 }
		]
	});
	assert.deepEqual(found('window.lift-setback', front(6), front(5.9), front(25), front(25.1)), [false, true, false, true]);
	const last = (setback: number, overlap = 6) => ({ mats: [{ board: 'cotton-4', lift: 3, setback }], window: { overlap } });
	assert.deepEqual(found('window.lift-setback', last(8), last(7.9), last(10, 8), last(9.9, 8)), [false, true, false, true]);
	assert.deepEqual(fixesOf(planned(front(5)), 'window.lift-setback'), ['Set back 8 mm']);
	const behind = { mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 6, lift: 3, setback: 5 }] };
	assert.match(
		says(planned(behind), 'window.lift-setback'),
		/^The lift behind mat 2 is set back 5 mm; 8 mm to 25 mm works here\.$/
	);
	assert.deepEqual(fixesOf(planned(last(5, 8)), 'window.lift-setback'), ['Set back 10 mm']);
	// The narrowest border leaves it no place, or a sheet that is covered too far.
	const narrow = (width: number) => planned({ ...last(5), borders: { way: 'even', width } });
	assert.deepEqual(fixesOf(narrow(8.5), 'window.lift-setback'), ['Set back 8 mm']);
	assert.deepEqual(fixesOf(narrow(8), 'window.lift-setback'), []);
	assert.deepEqual(
		[fixesOf(planned(last(5, 23)), 'window.lift-setback'), fixesOf(planned(last(5, 23.5)), 'window.lift-setback')],
		[['Set back 25 mm'], []]
	);
	const usual = (overlap: number) => ({ mats: [{ board: 'cotton-4', lift: 3 }], window: { overlap } });
	assert.deepEqual(found('window.lift-setback', usual(23), usual(23.5)), [false, true]);
	assert.match(
		says(planned(usual(23.5)), 'window.lift-setback'),
		/Behind mat 1a lift has no good position: it clears the sheet 25\.5 mm/
	);
});

test('a lift’s strips: as wide as its border less the setback, and a border that leaves none is a fault', () => {
	const lift = (width: number, setback?: number) =>
		planned({
			mats: [{ board: 'cotton-4', lift: 3, ...(setback === undefined ? {} : { setback }) }],
			borders: { way: 'even', width }
		}).window!.mats[0]!.lift!;
	assert.deepEqual([lift(60, 8).uprights.left.width, lift(60, 8).crosses.top.height], [52, 52]);
	assert.equal(lift(60, 8).crosses.top.width, 390 + 120 - 104);
	assert.deepEqual([lift(60).setback, lift(60, 12).setback], [8, 12], '6 + 2 past the sheet, or as it was typed');
	const faults = (width: number, setback?: number) =>
		faultsOf({
			mats: [{ board: 'cotton-4', lift: 3, ...(setback === undefined ? {} : { setback }) }],
			borders: { way: 'even', width }
		});
	assert.deepEqual([faults(8.5), faults(12.5, 12)], [[], []]);
	assert.match(faults(8)[0]!, /borders: The border is too narrow for the lift behind mat 1: its strips need more than 8 mm/);
	assert.match(faults(12, 12)[0]!, /mats\[0\]\.setback: A setback of 12 mm leaves no room for the lift/);
});

test('mat.print-short: 5 mm past the blank on every side', () => {
	const { blank } = planned({ mats: [{ board: 'cotton-4' }] }).window!.mats[0]!;
	const print = (width: number, height: number) => ({ mats: [{ board: 'cotton-4', print: { width, height } }] });
	const [width, height] = [blank.width + 10, blank.height + 10];
	assert.deepEqual(found('mat.print-short', print(width, height), print(width - 0.1, height), print(width, height - 0.1)), [
		false,
		true,
		true
	]);
	const where = (wide: number, high: number) => findingOf(planned(print(wide, high)), 'mat.print-short')!.where;
	assert.deepEqual(
		[where(width - 1, height - 1), where(width, height - 1)],
		['window.mats[0].print.needs.width', 'window.mats[0].print.needs.height']
	);
	assert.deepEqual(fixesOf(planned(print(width - 1, height + 20)), 'mat.print-short'), [`Print ${width} × ${height + 20}`]);
});

test('windows overlap where no board stands between them in the front mat, which opens wider by every reveal', () => {
	const reveal = { top: 2, right: 5, bottom: 7, left: 4 };
	const faults = (left: number, top: number, mats: JobFile['mats'] = [{ board: 'cotton-4' }, { board: 'cotton-4', reveal }]) =>
		faultsOf({
			piece: {},
			mats,
			window: {
				overlap: 6,
				openings: [
					{ piece: { readings: { width: 162, height: 212 } }, at: { left: 0, top: 0 } },
					{ piece: { readings: { width: 162, height: 212 } }, at: { left, top } }
				]
			}
		});
	// Openings of 150 × 200 are 159 × 209 in the front mat.
	assert.deepEqual([faults(159.5, 0), faults(0, 209.5), faults(159.5, 100)], [[], [], []]);
	assert.match(faults(159, 0)[0]!, /^window\.openings\[1\]\.at: Window 1 and window 2 overlap .* or make the reveals smaller\.$/);
	assert.match(faults(100, 209)[0]!, /overlap/);
	assert.deepEqual(faults(150.5, 0, [{ board: 'cotton-4' }]), []);
	assert.match(faults(150, 0, [{ board: 'cotton-4' }])[0]!, /Set them farther apart\.$/);
	const above = { ...reveal, left: 0 };
	assert.match(faults(150, 0, [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: above }])[0]!, /Set them farther apart\.$/);
	const barely = { ...reveal, left: 0.5 };
	assert.match(
		faults(150, 0, [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: barely }])[0]!,
		/or make the reveals smaller\.$/
	);
	// The first and the third, with the second far from both.
	const three = faultsOf({
		piece: {},
		mats: [{ board: 'cotton-4' }],
		window: {
			overlap: 6,
			openings: [0, 400, 100].map((left) => ({ piece: { readings: { width: 162, height: 212 } }, at: { left, top: 0 } }))
		}
	});
	assert.match(three[0]!, /^window\.openings\[2\]\.at: Window 1 and window 3 overlap/);
	const grid = faultsOf({
		piece: {},
		mats: [{ board: 'cotton-4' }],
		window: {
			overlap: 6,
			openings: [1, 2, 3].map(() => ({ piece: { readings: { width: 162, height: 212 } } })),
			grid: { columns: 2, gutter: 0 }
		}
	});
	assert.match(grid[0]!, /^window\.grid\.gutter: Window 1 and window 2/);
});

test('a lift in borders that fit: under 15 mm its strips are the narrowest there are, from there on a setback must leave room', () => {
	const fitted = (width: number, setback: number) => ({
		mats: [{ board: 'cotton-4', lift: 3, setback }],
		borders: { way: 'fit' as const, pack: { width, height: 700 }, weight: 0 }
	});
	assert.match(faultsOf(fitted(420, 15))[0]!, /mats\[0\]\.setback: A setback of 15 mm leaves no room/);
	assert.deepEqual(faultsOf(fitted(419, 15)), []);
	assert.equal(planned(fitted(419, 15)).window!.mats[0]!.lift!.uprights.left.width, 0.5);
});

test('strips have room where the border is more than the setback and a step', () => {
	const file = workedJob({ mats: [{ board: 'cotton-4', lift: 3, setback: 20 }] });
	const made = plan(file, builtInShop);
	const room = (width: number) => {
		const border = { top: 70, right: 70, bottom: 70, left: width };
		const [mat] = made.window!.mats;
		const window = { ...made.window!, mats: [{ ...mat!, border }] };
		const job = decide(readJob(file), builtInShop);
		return hasRoomForLift({ file, job, shop: builtInShop, plan: { ...made, window }, grade: 'keep' }, 0);
	};
	assert.deepEqual([room(21), room(20.5), room(20)], [true, false, false]);
});

test('round an arch a reveal is the same at three sides', () => {
	const arch = (reveal: { top: number; right: number; bottom: number; left: number }) =>
		faultsOf({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal }], window: { shape: 'arch', overlap: 6 } });
	assert.deepEqual(arch({ top: 6, right: 6, bottom: 9, left: 6 }), []);
	for (const uneven of [
		{ top: 6, right: 7, bottom: 6, left: 6 },
		{ top: 6, right: 6, bottom: 6, left: 7 },
		{ top: 7, right: 6, bottom: 6, left: 6 }
	])
		assert.match(arch(uneven)[0]!, /^mats\[1\]\.reveal: On an arch the reveal must be equal left, top and right/);
});
