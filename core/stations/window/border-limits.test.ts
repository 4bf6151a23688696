/** How large a border, a frame and what is offered for them must be, each figure of the house at its very limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { faultsOf, has, planned, workedJob } from '../../../tests/jobs.ts';
import { fixesOf, found, says, sheet } from '../../../tests/findings.ts';

const one = { mats: [{ board: 'cotton-4' }] };
const fit = (width: number, height: number, more: Partial<JobFile> = {}): Partial<JobFile> => ({
	...one,
	borders: { way: 'fit', pack: { width, height }, weight: 0 },
	...more
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
	assert.match(says(own, 'window.border-thin'), /^The left border shows 25\.5 mm; 40 mm is the minimum/);
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
		/leaves 5 mm of border at the right; 15 mm of border is the minimum/
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
	const [front, lifted] = second(4);
	assert.equal(offered([{ ...front!, setback: 25 }, lifted!], 8), 'Pack 17', 'a mat that is not lifted has no strips');
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

test('borders that fit: left and top rounded to the nearest, the rest at the right and bottom; the extra at the bottom', () => {
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
	assert.match(even(506)[0]!, /borders: These borders make a pack of 1402 × 5000 mm\. Keep the pack under 5 m/);
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
	assert.match(centred(2)[0]!, /^borders\.centre: Several windows have no single motif/);
	assert.match(faultsOf({ ...one, borders: { way: 'even', width: 60, centre: 'motif' } })[0]!, /Enter the motif’s limits/);
});
