import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../job/definition.ts';
import { FaultError } from '../../job/faults.ts';
import { has, fixed, planSingle, workedJob } from '../../../tests/jobs.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const board = 'cotton-4';
const image = { left: 30, top: 40, width: 340, height: 460 };
const reveal = (changes: JobFile['window'], piece: JobFile['piece'] = {}): JobFile =>
	workedJob({ piece: { readings: { width: 402, height: 551 }, image, ...piece }, window: { way: 'reveal', ...changes } });
const faultAt = (file: JobFile): string => {
	try {
		planSingle(file);
	} catch (error) {
		if (error instanceof FaultError) return error.faults[0]!.path;
		throw error;
	}
	return 'none';
};

test('reveal: the image and its margin, a wider one at the bottom; the paper beyond is the overlap', () => {
	const { window } = planSingle(reveal({ reveal: { top: 8, right: 8, bottom: 20, left: 8 } }));
	assert.deepEqual(window!.opening, { width: 356, height: 488 });
	assert.deepEqual(window!.sees, { left: 22, top: 32, width: 356, height: 488 });
	assert.deepEqual(window!.overlap, { left: 22, top: 32, right: 24, bottom: 31 });
	// From the sheet's corner to the window is what the mat hides; the mats stand round the window.
	near(window!.placement.left, 76 - 22);
	near(window!.placement.top, 76 - 32);
	// Off by more than the margin round it, the mat covers the image.
	assert.deepEqual(window!.free, { width: 8, height: 8 });
});

test('reveal: what rounding gives or takes is shared by both sides, in millimetres and sixteenths', () => {
	const odd = planSingle(reveal({ reveal: 5 }, { image: { ...image, width: 340.3 } })).window!;
	assert.equal(odd.opening.width, 350.5);
	near(odd.sees.left, 30 - 5 - 0.1);
	const inches = planSingle({ ...reveal({ reveal: '1/4' }), unit: 'in' }).window!;
	const sixteenth = 25.4 / 16;
	near(inches.opening.width / sixteenth, Math.round(inches.opening.width / sixteenth), 1e-6);
	near(inches.overlap.left + inches.opening.width + inches.overlap.right, 402);
});

test('reveal on a leaning sheet: image and zones are measured from the corner of its bounding box', () => {
	const lean = { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 683.9, d2: 680.2 } };
	const { window, measure } = planSingle(reveal({ reveal: 6 }, lean));
	near(window!.sees.left, 24);
	near(window!.overlap.left, 24 - measure!.usable.left);
	near(window!.placement.left, 76 - 24);
});

test('reveal without the image’s place is open, not a fault; with no paper left it is said and fixed', () => {
	const { open, window } = planSingle(workedJob({ window: { way: 'reveal' } }));
	assert.equal(window, undefined);
	assert.deepEqual(
		open.map(({ station }) => station),
		['window']
	);
	const beyond = reveal({ reveal: { top: 8, right: 40, bottom: 8, left: 8 } });
	const before = planSingle(beyond);
	assert.match(
		before.findings.find(({ rule }) => rule === 'window.no-paper-left')!.says,
		/^The paper ends 8 mm inside the window at the right/
	);
	assert.ok(!has(before, 'window.overlap-thin'), 'said once');
	const { plan: after } = fixed(beyond, 'window.no-paper-left');
	assert.ok(!has(after, 'window.no-paper-left'));
	assert.ok(after.window!.overlap.right >= after.window!.least.right);
});

test('zones in a reveal: what must show is fixed by more paper, what must hide by less', () => {
	const title = { id: 'title', kind: 'show' as const, left: 150, top: 505, width: 80, height: 10 };
	const covered = reveal({ reveal: 6 }, { zones: [title] });
	const { file, plan: shown } = fixed(covered, 'window.zone-covered');
	assert.ok(!has(shown, 'window.zone-covered'));
	assert.deepEqual(file.window!.reveal, { top: 6, right: 6, bottom: 17, left: 6 });
	const spot = { id: 'spot', kind: 'hide' as const, left: 18, top: 200, width: 4, height: 4 };
	const { plan: hidden } = fixed(reveal({ reveal: 12 }, { zones: [spot] }), 'window.zone-exposed');
	assert.ok(!has(hidden, 'window.zone-exposed'));
});

test('float: the bounding box and the gap, received up; the support inside the usable sheet, cut down', () => {
	const file = workedJob({
		piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 683.9, d2: 680.2 } },
		window: { way: 'float', gap: 10, setBack: 6, support: 'foam-free' },
		mats: [{ board, lift: 8 }]
	});
	const { window, measure, hold } = planSingle(file);
	// A 402 wide sheet that leans 3 spans 405.
	near(measure!.largest.width, 405.14, 0.01);
	assert.deepEqual(window!.opening, { width: 425.5, height: 571 });
	assert.deepEqual(window!.support, { width: 386.5, height: 534.5 });
	near(window!.placement.left, 70 + (425.5 - measure!.largest.width) / 2);
	assert.deepEqual([window!.overlap, window!.least, window!.free], [undefined, undefined, undefined]);
	assert.equal(hold!.kind, 'pass-through');
});

test('float: sheet and support stand inside the depth of the mats; the air over them is what is left', () => {
	const floated = (lift: number, support = 'foam-free') =>
		planSingle(
			workedJob({
				window: { way: 'float', support },
				mats: [{ board, lift }],
				piece: { readings: { width: 402, height: 551 }, thickness: 5 }
			})
		);
	// Worked: 5 mm piece, support 5; mat 1.5 and lift 10.7 leave 2.2 of air.
	const made = floated(10.7);
	near(made.pack!.gap, 2.2);
	near(made.pack!.thickness, planSingle(workedJob({ mats: [{ board, lift: 10.7 }] })).pack!.thickness - 0.5, 1e-9);
	assert.ok(has(floated(2), 'gap.contact'), 'without depth it touches the glazing');
	assert.ok(
		planSingle({
			...workedJob({ window: { way: 'float', support: 'foam-free' }, mats: [{ board, lift: 10 }] }),
			aim: 'rare'
		}).findings.some(({ rule, says }) => rule === 'board.touch-acidic' && /Foam board/.test(says)),
		'a support touches the piece'
	);
});

test('float: a T-hinge would show, a support set back to nothing has no size', () => {
	assert.equal(faultAt(workedJob({ window: { way: 'float' }, hold: { kind: 't-hinge' } })), 'hold.kind');
	assert.equal(faultAt(workedJob({ window: { way: 'float', setBack: 250 } })), 'window.setBack');
	assert.equal(faultAt(workedJob({ window: { way: 'float' }, hold: { kind: 'v-hinge' } })), 'none');
});

test('what belongs to another way stays in the file and asks for nothing', () => {
	const file = workedJob({ window: { way: 'cover', overlap: 6, gap: 20, setBack: 6, reveal: 12, support: 'foam-free' } });
	assert.deepEqual(planSingle(file).window!.opening, planSingle(workedJob()).window!.opening);
});

test('the motif in the middle: what one side gives the other gets, at every way of the borders', () => {
	const motif = { left: 100, top: 150, width: 160, height: 220 };
	for (const borders of [
		{ way: 'even', width: 70 },
		{ way: 'weighted', width: 70, weight: 10 },
		{ way: 'own', top: 70, right: 60, bottom: 80, left: 60 },
		{ way: 'fit', pack: { width: 560, height: 720 }, weight: 10 }
	] as const) {
		const centred = planSingle(
			workedJob({ piece: { readings: { width: 402, height: 551 }, motif }, borders: { ...borders, centre: 'motif' } })
		).window!;
		const plain = planSingle(workedJob({ borders })).window!;
		assert.deepEqual(centred.pack, plain.pack, borders.way);
		// The motif's middle is as far from both edges as the borders' difference asks.
		const middle = centred.placement.left + motif.left + motif.width / 2;
		near(middle, (plain.mats[0]!.border.left - plain.mats[0]!.border.right) / 2 + plain.pack.width / 2, 0.26);
	}
	const far = { left: 380, top: 150, width: 20, height: 220 };
	assert.equal(
		faultAt(
			workedJob({
				piece: { readings: { width: 402, height: 551 }, motif: far },
				borders: { way: 'even', width: 70, centre: 'motif' }
			})
		),
		'borders.centre'
	);
	assert.equal(faultAt(workedJob({ borders: { way: 'even', width: 70, centre: 'motif' } })), 'borders.centre');
});

test('fit: faults and stops say which: no size, half a size, a border too thin', () => {
	assert.equal(faultAt(workedJob({ borders: { way: 'fit' } })), 'borders.pack');
	assert.equal(faultAt(workedJob({ borders: { way: 'fit', pack: { width: 500 } } })), 'borders.pack');
	assert.equal(faultAt(workedJob({ borders: { way: 'fit', pack: { width: 500, height: 700 }, top: 5 } })), 'borders.top');
	const thin = planSingle(
		workedJob({ borders: { way: 'fit', pack: { width: 430, height: 590 }, weight: 0 }, mats: [{ board }] })
	);
	assert.deepEqual([thin.window!.mats[0]!.border.left, thin.fits], [20, true]);
	const thinner = planSingle(
		workedJob({ borders: { way: 'fit', pack: { width: 416, height: 590 }, weight: 0 }, mats: [{ board }] })
	);
	assert.deepEqual([thinner.window!.mats[0]!.border.left, thinner.fits], [13, false]);
});

test('fit with a lift: in a frame that is too small its strips stay on the cut list and in the mass, and the frame is what is said', () => {
	const file = workedJob({ borders: { way: 'fit', pack: { width: 410, height: 570 }, weight: 0 }, mats: [{ board, lift: 3 }] });
	const made = planSingle(file);
	assert.ok(has(made, 'window.frame-too-small'));
	assert.equal(made.window!.mats[0]!.lift!.height, 3);
	assert.ok(made.cut.some(({ role }) => role === 'lift') && made.mass!.parts.some(({ part }) => /lift/.test(part)));
	assert.ok(
		made.cut.every(({ width, height }) => width >= 0 && height >= 0),
		'no negative length on the cut list'
	);
});

test('a printed mat: its least print, the blank with the clamp’s strip, a line on the cut list, a step at the bench', () => {
	const file = workedJob({
		mats: [
			{ board, print: { width: 600, height: 800 } },
			{ board, reveal: 6 }
		]
	});
	const { window, cut } = planSingle(file);
	assert.deepEqual(window!.mats[0]!.print, { needs: { width: 552, height: 711 }, board: { width: 558, height: 701 } });
	assert.deepEqual(
		cut.filter(({ role }) => role === 'mat').map(({ width }) => width),
		[558, 542]
	);
	assert.equal(faultAt(workedJob({ mats: [{ board, print: { width: 600 } }] })), 'mats[0].print');
});

test('six mats: each strip seen, each border grown, a mat of cardboard still refused', () => {
	const mats = Array.from({ length: 6 }, (_, index) => ({ board, ...(index > 0 ? { reveal: 4 } : {}) }));
	const { window } = planSingle(workedJob({ mats }));
	assert.deepEqual(
		window!.mats.map(({ border }) => border.left),
		[70, 74, 78, 82, 86, 90]
	);
	assert.deepEqual(
		window!.mats.map(({ opening }) => opening.width),
		[430, 422, 414, 406, 398, 390]
	);
	assert.ok(window!.mats.slice(1).every(({ seen }) => seen!.left === 2.5));
	assert.equal(faultAt(workedJob({ mats: [{ board: 'cardboard' }] })), 'mats[0].board');
});
