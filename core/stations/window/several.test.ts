import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SIDES } from '../../geometry/shapes.ts';
import type { JobFile } from '../../job/definition.ts';
import { FaultError } from '../../job/faults.ts';
import { each } from '../../units/one-or-each.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { anyWindowJob, fixed, has, planSingle, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

const piece = (width: number, height: number) => ({ piece: { readings: { width, height } } });
const several = (openings: object[], more: object = {}, changes: Partial<JobFile> = {}): JobFile =>
	workedJob({
		piece: { medium: ['watercolour'] },
		window: { overlap: 5, openings, ...more },
		mats: [{ board: 'cotton-4' }],
		borders: { way: 'even', width: 50 },
		...changes
	});
const planned = (file: JobFile) => plan(file, builtInShop);
const faultAt = (file: JobFile): string => {
	try {
		planned(file);
	} catch (error) {
		if (error instanceof FaultError) return error.faults[0]!.path;
		throw error;
	}
	return 'none';
};

test('a grid: columns as wide as their widest, rows as high as their highest, each window in the middle of its cell', () => {
	const { window, measure } = planned(
		several([piece(110, 130), piece(90, 100), piece(70, 130), piece(110, 80)], { grid: { columns: 2, rows: 2, gutter: 30 } })
	);
	// Windows 100×120, 80×90, 60×120, 100×70: columns 100 and 100, rows 120 and 120.
	assert.deepEqual(
		window!.openings!.map(({ at }) => [at.left, at.top]),
		[
			[0, 0],
			[140, 15],
			[20, 150],
			[130, 175]
		]
	);
	assert.deepEqual(window!.opening, { width: 230, height: 270 });
	assert.deepEqual(window!.pack, { width: 330, height: 370 });
	assert.equal(each(measure).length, 4);
	// Placement: the window's place in the blank, less the overlap.
	assert.deepEqual(window!.openings![1]!.placement, { left: 50 + 140 - 5, top: 50 + 15 - 5 });
});

test('places of their own are counted from the outermost window, whichever comes first', () => {
	const { window } = planned(
		several([
			{ ...piece(110, 130), at: { left: 150, top: 40 } },
			{ ...piece(110, 130), at: { left: 10, top: 0 } }
		])
	);
	assert.deepEqual(
		window!.openings!.map(({ at }) => at),
		[
			{ left: 140, top: 40 },
			{ left: 0, top: 0 }
		]
	);
	assert.deepEqual(window!.opening, { width: 240, height: 160 });
});

test('each window in every mat: its own stops, wider by the reveals behind, board left between', () => {
	const mats = [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 4, bevel: 'reverse' as const }];
	const { window, cut } = planned(
		several([piece(110, 130), piece(110, 130)], { grid: { columns: 2, rows: 1, gutter: 20 } }, { mats })
	);
	const [front, back] = window!.mats as [NonNullable<typeof window>['mats'][0], NonNullable<typeof window>['mats'][0]];
	assert.deepEqual(
		back.holes!.map(({ border }) => border.left),
		[54, 174]
	);
	assert.deepEqual(
		front.holes!.map(({ opening }) => opening.width),
		[108, 108]
	);
	near(front.holes![1]!.border.left - front.holes![0]!.border.left - 108, 12);
	near(back.holes![0]!.stop.left, 54 - 1.5);
	for (const mat of [front, back])
		for (const { border, opening } of mat.holes!) near(border.left + opening.width + border.right, window!.pack.width);
	assert.equal(cut.filter(({ role }) => role === 'mat').length, 2, 'one blank a mat');
});

test('windows that run into each other, a grid too small, a place that is missing, a float beside a cover: faults at their place', () => {
	const two = [piece(110, 130), piece(110, 130)];
	assert.equal(faultAt(several(two, { grid: { columns: 2, rows: 1, gutter: 0 } })), 'window.grid.gutter');
	assert.equal(
		faultAt(
			several([
				{ ...two[0]!, at: { left: 0, top: 0 } },
				{ ...two[1]!, at: { left: 60, top: 50 } }
			])
		),
		'window.openings[1].at'
	);
	assert.equal(faultAt(several([...two, ...two], { grid: { columns: 2, rows: 1 } })), 'window.grid');
	assert.equal(faultAt(several([{ ...two[0]!, at: { left: 0, top: 0 } }, two[1]!])), 'window.openings[1].at');
	assert.equal(faultAt(several([{ ...two[0]!, way: 'float' }, two[1]!])), 'window.openings[1].way');
	assert.equal(faultAt(workedJob({ window: { grid: { columns: 2, rows: 1 } } })), 'window.grid');
	assert.equal(faultAt(several(two, {}, { borders: { way: 'even', width: 50, centre: 'motif' } })), 'borders.centre');
	// Fifty windows in a row are past 5 m; in a grid they are planned.
	const fifty = Array.from({ length: 50 }, () => piece(110, 130));
	assert.equal(faultAt(several(fifty)), 'borders');
	assert.equal(faultAt(several(fifty, { grid: { columns: 10, rows: 5, gutter: 20 } })), 'none');
	assert.equal(faultAt(several(Array.from({ length: 101 }, () => piece(60, 60)))), 'window.openings');
});

test('what one sheet lacks is named by its number; what all share stands once', () => {
	const open = planned(several([piece(110, 130), {}])).open;
	assert.match(open[0]!.needs, /of piece 2/);
	const { findings } = planned(
		several([
			piece(110, 130),
			{
				piece: {
					readings: { width: 110, height: 130 },
					zones: [{ id: 'name', kind: 'show', left: 2, top: 60, width: 20, height: 8 }]
				}
			}
		])
	);
	const covered = findings.find(({ rule }) => rule === 'window.zone-covered')!;
	assert.match(covered.says, /^Window 2: The mat covers “name”/);
	assert.equal(covered.where, 'window.openings[1].overlap.left');
	assert.ok(covered.remedies.every(({ patch }) => patch.every(({ path }) => path.startsWith('/window/openings/1/'))));
});

test('friable beside plain: the package is as careful as its most delicate sheet', () => {
	const { findings } = planned(
		several([{ piece: { readings: { width: 110, height: 130 }, medium: ['charcoal'] } }, piece(110, 130)])
	);
	assert.ok(findings.some(({ rule }) => rule === 'friable.no-trough' || rule === 'glazing.static-friable'));
});

test('property: every way adds up: mats, holes, stops and blanks, and nothing of an edge shows within the free range', () => {
	fc.assert(
		fc.property(anyWindowJob, fc.constantFrom(-1, 0, 1), fc.constantFrom(-1, 0, 1), (file, across, down) => {
			const made = planned(file);
			const { window } = made;
			if (!window) return;
			for (const mat of window.mats) {
				for (const { border, opening } of mat.holes ?? [mat]) {
					near(border.left + opening.width + border.right, window.pack.width);
					near(border.top + opening.height + border.bottom, window.pack.height);
				}
			}
			const measures = each(made.measure);
			for (const [index, opening] of (window.openings ?? [window as never]).entries()) {
				const { overlap, free, sees, opening: size } = opening;
				const usable = measures[index]!.usable;
				if (!overlap || !free) continue;
				near(overlap.left + size.width + overlap.right, usable.width);
				near(overlap.top + size.height + overlap.bottom, usable.height);
				// Shifted by the free range the window still lies in what is usable.
				const [x, y] = [sees.left + across * free.width, sees.top + down * free.height];
				if (SIDES.some((side) => overlap[side] < 0)) continue;
				assert.ok(x >= usable.left - 1e-6 && x + sees.width <= usable.left + usable.width + 1e-6);
				assert.ok(y >= usable.top - 1e-6 && y + sees.height <= usable.top + usable.height + 1e-6);
			}
		}),
		{ numRuns: runs(250) }
	);
});

test('fit: the pack comes out as given; a window too large for it is a stop with the next size as its fix', () => {
	const file = workedJob({ borders: { way: 'fit', pack: { width: '16 in', height: '20 in' }, weight: 10 } });
	const before = planSingle(file);
	near(before.window!.pack.width, 406.4);
	assert.ok(before.window!.mats[0]!.border.top < 0 && before.fits === false);
	const { plan: after } = fixed(file, 'window.frame-too-small');
	assert.equal(after.fits, true);
	near(after.window!.pack.width, 18 * 25.4);
	near(after.window!.pack.height, 24 * 25.4);
	const least = Math.min(...Object.values(after.window!.mats[0]!.border));
	assert.ok(least >= 15, String(least));
});

test('a ready-made frame: the borders follow what goes upright into its rabbet; own borders that do not fit are said; without measurements it is open', () => {
	const section = { face: 30, lip: 8, depth: 28, rabbetDepth: 14, density: 560 };
	const ready = (opening: object, borders: JobFile['borders'] = { way: 'fit', weight: 8 }): JobFile =>
		workedJob({ frame: { kind: 'ready-made', section, opening }, borders });
	const made = planSingle(ready({ width: 600, height: 750 }));
	assert.deepEqual(made.frame!.rabbet, { width: 600, height: 750 });
	// Allowance of the rabbet's sides: 600 × 0.0035 + 1 = 3.1 → 3.5; 750 × 0.0035 + 1 = 3.63 → 4.
	assert.deepEqual(made.window!.pack, { width: 596.5, height: 746 });
	assert.deepEqual(made.frame!.allowance, { width: 3.5, height: 4 });
	const even = planSingle(ready({ width: 600, height: 750 }, { way: 'even', width: 95 }));
	// The front opening is 402 × 551: 402 + 190 = 592 wide, and never grown to the frame.
	assert.equal(even.window!.pack.width, 592);
	const large = planSingle(ready({ width: 600, height: 750 }, { way: 'even', width: 110 }));
	const finding = large.findings.find(({ rule }) => rule === 'frame.does-not-fit')!;
	assert.match(finding.says, /25\.5 mm too wide/);
	assert.equal(finding.severity, 'stop');
	assert.ok(
		!has(fixed(ready({ width: 600, height: 750 }, { way: 'even', width: 110 }), 'frame.does-not-fit').plan, 'frame.does-not-fit')
	);
	assert.deepEqual(
		planSingle(ready({ width: 600 })).open.map(({ station }) => station),
		['window', 'frame']
	);
	assert.equal(faultAt(ready({ top: 600, right: 750, bottom: 600, left: 750, d1: 3000 })), 'frame.opening');
});

test('fit: a size that leaves exactly 15 mm all round is offered; one that rounding leaves less is not', () => {
	// A window of 370 × 470 in a pack of 400 × 500: 15 mm on every side, in millimetres.
	const piece = { readings: { width: 382, height: 482 } };
	const small = { way: 'fit' as const, pack: { width: 380, height: 480 }, weight: 0 };
	const file = workedJob({ piece, borders: small, mats: [{ board: 'cotton-4' }] });
	const { plan: after } = fixed(file, 'window.frame-too-small');
	assert.deepEqual(after.window!.pack, { width: 400, height: 500 });
	assert.deepEqual(after.window!.mats[0]!.border, { top: 15, right: 15, bottom: 15, left: 15 });
	// In sixteenths the left border would come out at 9⁄16 in, 14.3 mm.
	const inches = fixed({ ...file, unit: 'in' }, 'window.frame-too-small').plan.window!;
	assert.ok(Math.min(...Object.values(inches.mats[0]!.border)) >= 15);
});
