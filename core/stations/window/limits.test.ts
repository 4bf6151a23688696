/** Where a window, a border, a lift is still right and where it no longer is, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan, type Plan } from '../../plan.ts';
import { decide } from '../../decide.ts';
import { readJob } from '../../job/read.ts';
import { plain } from '../../rule/term.ts';
import { builtInShop } from '../../shop/shop.ts';
import { patched } from '../../job/patch.ts';
import { floated } from './float-it.ts';
import { hasRoomForLift } from './lift-room.ts';
import { decidingLimit } from './ranges.ts';
import { faultsOf, has, planned, workedJob } from '../../../tests/jobs.ts';

const sheet = (width: number, height: number, more: JobFile['piece'] = {}): Partial<JobFile> => ({
	piece: { readings: { width, height }, ...more }
});
type Made = Pick<Plan, 'findings'>;
const findingOf = (made: Made, rule: string) => made.findings.find((finding) => finding.rule === rule)!;
const says = (made: Made, rule: string) => findingOf(made, rule).says;
const fixesOf = (made: Made, rule: string) => findingOf(made, rule).remedies.map(({ label }) => label);
/** Whether a rule finds something, case by case. */
const found = (rule: string, ...cases: Partial<JobFile>[]) => cases.map((changes) => has(planned(changes), rule));
const one = { mats: [{ board: 'cotton-4' }] };
const fit = (width: number, height: number, more: Partial<JobFile> = {}): Partial<JobFile> => ({
	...one,
	borders: { way: 'fit', pack: { width, height }, weight: 0 },
	...more
});

/** A shop whose 8-ply board is as thick as that. */
const thickOf = (thickness: number) => ({
	...builtInShop,
	boards: { ...builtInShop.boards, 'cotton-8': { ...builtInShop.boards['cotton-8']!, thickness } }
});

test('window.border-thin: from 300 mm of sheet on, under 40 mm of border, and not where nothing of it is left', () => {
	const even = (width: number, long = 551): Partial<JobFile> => ({
		...sheet(200, long),
		...one,
		borders: { way: 'even', width }
	});
	// 6 mm lie under the lip, 1.5 are seen of the air round the pack.
	assert.deepEqual(found('window.border-thin', even(44.5), even(44)), [false, true]);
	assert.deepEqual(found('window.border-thin', even(40, 300), even(40, 300.5)), [false, true]);
	assert.deepEqual(found('window.border-thin', even(4.5), even(5)), [false, true]);
	const own = planned({ ...one, borders: { way: 'own', top: 60, right: 60, bottom: 60, left: 30 } });
	assert.match(says(own, 'window.border-thin'), /^The left border shows 25\.5 mm; 40 mm is the least/);
	assert.deepEqual(fixesOf(own, 'window.border-thin'), ['Border 44.5 mm at the left']);
});

test('window.border-like-face: within 3 mm of the moulding’s face', () => {
	const even = (width: number): Partial<JobFile> => ({ ...one, borders: { way: 'even', width } });
	assert.deepEqual(found('window.border-like-face', even(23), even(23.5), even(29.5), even(30)), [false, true, true, false]);
	assert.deepEqual(fixesOf(planned(even(29.5)), 'window.border-like-face'), ['Border 30 mm']);
});

test('window.frame-too-small: from 15 mm of border on it is large enough', () => {
	// The window is 390 × 539.
	assert.deepEqual(found('window.frame-too-small', fit(420, 700), fit(419.5, 700), fit(700, 569), fit(700, 568)), [
		false,
		true,
		false,
		true
	]);
	assert.match(
		says(planned(fit(400, 700)), 'window.frame-too-small'),
		/leaves 5 mm of border at the right; 15 mm of border is the least/
	);
	assert.match(says(planned(fit(391, 700)), 'window.frame-too-small'), /leaves 0\.5 mm of border at the right/);
	assert.match(says(planned(fit(390, 700)), 'window.frame-too-small'), /leaves no border at the right/);
	assert.match(says(planned(fit(380, 700)), 'window.frame-too-small'), /is 5 mm too small for the window at the right/);
	assert.deepEqual(fixesOf(planned(fit(400, 700)), 'window.frame-too-small'), ['Pack A2']);
});

test('a size that is offered leaves every lift’s strips two steps of width', () => {
	const sizes = [16.5, 17, 20.5, 21, 30].map((border) => ({
		name: String(border),
		width: 390 + 2 * border,
		height: 539 + 2 * border
	}));
	const offered = (mats: JobFile['mats'], outer = 0) =>
		fixesOf(
			plan(workedJob(fit(400 + outer, 700, { mats })), {
				...builtInShop,
				packSizes: sizes.map(({ name, width, height }) => ({ name, width: width + outer, height: height + outer }))
			}),
			'window.frame-too-small'
		)[0];
	assert.equal(offered([{ board: 'cotton-4', lift: 3, setback: 20 }]), 'Pack 21');
	// Behind the second mat the border is wider by its reveal, by 4 mm at its narrowest.
	const second = (reveal: number | { top: number; right: number; bottom: number; left: number }) => [
		{ board: 'cotton-4' },
		{ board: 'cotton-4', reveal, lift: 3, setback: 20 }
	];
	assert.equal(offered(second(4), 8), 'Pack 17');
	assert.equal(offered(second({ top: 4, right: 8, bottom: 8, left: 4 }), 12), 'Pack 17');
});

test('a size that is offered leaves the strips of a lift their width', () => {
	// 18 × 24 in leave borders of 33 and 35 mm.
	const lifted = (setback: number) =>
		planned(fit(400, 700, { mats: [{ board: 'cotton-4', lift: 3, setback }], guard: { ...workedJob().guard! } }));
	const packOf = (setback: number) => fixesOf(lifted(setback), 'window.frame-too-small')[0];
	assert.equal(packOf(20), 'Pack 18 × 24 in');
	assert.notEqual(packOf(36), 'Pack 18 × 24 in');
});

test('borders that fit: left and top rounded to the nearest, the rest at the right and bottom; the weight at the bottom', () => {
	const border = (width: number, height: number, weight: number) =>
		planned({ ...one, borders: { way: 'fit', pack: { width, height }, weight } }).window!.mats[0]!.border;
	assert.deepEqual(border(490, 649, 10), { top: 50, right: 50, bottom: 60, left: 50 });
	assert.deepEqual(border(490.5, 649.5, 10), { top: 50.5, right: 50, bottom: 60, left: 50.5 });
	assert.deepEqual(border(490.3, 649, 0), { top: 55, right: 50.3, bottom: 55, left: 50 });
});

test('pairs of a metal section: half of what they are larger at the left and top, the rest at the right and bottom', () => {
	const made = planned({ ...one, borders: { way: 'even', width: 60 }, frame: { moulding: 'metal-10', pairStep: 25 } }).window!;
	// 390 + 120 = 510 becomes 525, 539 + 120 = 659 becomes 675.
	assert.deepEqual(made.pack, { width: 525, height: 675 });
	assert.deepEqual(made.mats[0]!.border, { top: 68, right: 67.5, bottom: 68, left: 67.5 });
	const there = planned({ ...one, borders: { way: 'even', width: 60 }, frame: { moulding: 'metal-10', pairStep: 15 } }).window!;
	assert.deepEqual([there.pack, there.mats[0]!.border.left], [{ width: 510, height: 660 }, 60]);
});

test('a motif that is off centre goes to the middle as far as a border is left', () => {
	const motif = (left: number, width = 40) =>
		faultsOf({
			...sheet(402, 551, { motif: { left, top: 255.5, width, height: 40 } }),
			...one,
			borders: { way: 'even', width: 60, centre: 'motif' }
		});
	// Its middle may lie 59.5 mm from the window's, not 60.
	assert.deepEqual([motif(181 + 59.5), motif(181 - 59.5)], [[], []]);
	assert.match(motif(181 + 60)[0]!, /borders\.centre: The motif is too far off centre/);
	assert.match(motif(181 - 60)[0]!, /borders\.centre/);
	const { border } = planned({
		...sheet(402, 551, { motif: { left: 191, top: 250.5, width: 40, height: 40 } }),
		...one,
		borders: { way: 'even', width: 60, centre: 'motif' }
	}).window!.mats[0]!;
	assert.deepEqual(border, { top: 65, right: 70, bottom: 55, left: 50 });
	// In the middle already, even borders that leave nothing are their own finding, not the motif's.
	const centred = { ...sheet(402, 551, { motif: { left: 181, top: 255.5, width: 40, height: 40 } }), ...one };
	assert.deepEqual(
		faultsOf({ ...centred, borders: { way: 'fit', pack: { width: 390, height: 700 }, weight: 0, centre: 'motif' } }),
		[]
	);
});

test('a pack stays under 5 m', () => {
	const even = (width: number) => faultsOf({ ...sheet(402, 4000), ...one, borders: { way: 'even', width } });
	assert.deepEqual(even(505.5), []);
	assert.match(even(506)[0]!, /borders: These borders make a pack of 1402 × 5000 mm\. A pack stays under 5 m/);
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
		/^The lift behind mat 2 is set back 5 mm; 8 mm to 25 mm is right here\.$/
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
		/Behind mat 1 a lift has no good place: it clears the sheet 25\.5 mm/
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
	const where = (wide: number, high: number) => findingOf(planned(print(wide, high)), 'mat.print-short').where;
	assert.deepEqual(
		[where(width - 1, height - 1), where(width, height - 1)],
		['window.mats[0].print.needs.width', 'window.mats[0].print.needs.height']
	);
	assert.deepEqual(fixesOf(planned(print(width - 1, height + 20)), 'mat.print-short'), [`Print ${width} × ${height + 20}`]);
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
	assert.match(faultsOf({ ...float(201) })[0]!, /window\.setBack: A support set back 201 mm on every side has no size left/);
	// A millimetre of support is one, on either side.
	assert.deepEqual([faultsOf(float(200.5)), faultsOf({ ...float(200.5), ...sheet(551, 402) })], [[], []]);
	assert.match(faultsOf({ ...float(201), ...sheet(551, 402) })[0]!, /has no size left/);
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

test('windows run into each other where no board stands between them in the front mat, which opens wider by every reveal', () => {
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
	assert.match(
		faults(159, 0)[0]!,
		/^window\.openings\[1\]\.at: Window 1 and window 2 run into each other .* or make the reveals smaller\.$/
	);
	assert.match(faults(100, 209)[0]!, /run into each other/);
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
	assert.match(three[0]!, /^window\.openings\[2\]\.at: Window 1 and window 3 run into each other/);
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
	assert.match(says(made(17.5), rule), /^Only 2\.5 mm of paper is left behind the mat at the left; 3 mm is the least\.$/);
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

test('window.frame-too-small: a piece without a mat, by as much as it lacks', () => {
	const inOpening = (width: number) =>
		planned({
			...sheet(402, 551, { kind: 'panel', thickness: 8 }),
			mats: [],
			frame: {
				kind: 'ready-made',
				section: { face: 30, lip: 7, depth: 25, rabbetDepth: 16, density: 600 },
				opening: { width, height: 600 }
			}
		});
	let width = 420;
	while (!has(inOpening(width), 'window.frame-too-small')) width -= 0.5;
	assert.match(says(inOpening(width), 'window.frame-too-small'), /The piece is 402 mm wide, .* it is 0\.5 mm too large\.$/);
	assert.match(says(inOpening(width - 1), 'window.frame-too-small'), /it is 1\.5 mm too large\.$/);
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
		assert.match(arch(uneven)[0]!, /^mats\[1\]\.reveal: Round an arch a reveal is the same at the left, the top and the right/);
});

test('several windows have no one motif', () => {
	const opening = { piece: { readings: { width: 150, height: 200 }, motif: { left: 50, top: 60, width: 40, height: 50 } } };
	const centred = (count: number) =>
		faultsOf({
			piece: {},
			...one,
			borders: { way: 'even', width: 60, centre: 'motif' },
			window: { openings: Array(count).fill(opening) }
		});
	assert.deepEqual(centred(1), []);
	assert.match(centred(2)[0]!, /^borders\.centre: Several windows have no one motif/);
	assert.match(faultsOf({ ...one, borders: { way: 'even', width: 60, centre: 'motif' } })[0]!, /Give the motif’s extremes/);
});
