import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from '../../decide.ts';
import { FaultError } from '../../job/faults.ts';
import { readJob } from '../../job/read.ts';
import type { JobFile } from '../../job/definition.ts';
import { builtInShop } from '../../shop/shop.ts';
import { decidingLimit, limitsOf } from './ranges.ts';
import { has, fixed, planned, workedJob, planSingle } from '../../../tests/jobs.ts';
import type { PlacedOpening } from '../../figures/window.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);
const board = 'cotton-4';

test('guide stops: normal at the border, reverse less the board’s thickness', () => {
	const { mats } = planned().window!;
	assert.deepEqual(mats[0]!.stop, { top: 70, right: 70, bottom: 80, left: 70 });
	assert.deepEqual(mats[1]!.stop, { top: 76, right: 76, bottom: 86, left: 76 });
	const pulp = { board: 'pulp-4', bevel: 'reverse' as const };
	const reverse = planned({ mats: [pulp, { ...pulp, reveal: 6 }] }).window!.mats;
	assert.deepEqual(reverse[0]!.stop, { top: 68.6, right: 68.6, bottom: 78.6, left: 68.6 });
	assert.deepEqual(reverse[1]!.stop, { top: 74.6, right: 74.6, bottom: 84.6, left: 74.6 });
});

test('four mats: the outer opening grows by every reveal, each strip is seen less its bevel', () => {
	const { window } = planned({
		mats: [
			{ board },
			{ board, reveal: 5 },
			{ board, reveal: { top: 4, right: 4, bottom: 7, left: 4 } },
			{ board, reveal: 6, bevel: 'reverse' }
		]
	});
	assert.equal(window!.mats[0]!.opening.width, 390 + 2 * (5 + 4 + 6));
	assert.equal(window!.mats[0]!.opening.height, 539 + 2 * 5 + 4 + 7 + 12);
	assert.equal(window!.mats[1]!.seen!.left, 3.5);
	assert.equal(window!.mats[3]!.seen!.left, 6);
	assert.equal(window!.mats[3]!.border.bottom, 80 + 5 + 7 + 6);
});

test('borders: even, weighted, own', () => {
	assert.deepEqual(planned({ borders: { way: 'even', width: 60 } }).window!.pack, { width: 402 + 120, height: 551 + 120 });
	assert.deepEqual(planned({ borders: { way: 'own', top: 50, right: 40, bottom: 66, left: 45 } }).window!.pack, {
		width: 402 + 85,
		height: 551 + 116
	});
});

test('the opening is cut down to the step, and what remains is shared with the difference asked for', () => {
	const { window } = planned({
		piece: { readings: { width: 402.3, height: 551 } },
		window: { overlap: { top: 6, right: 4, bottom: 6, left: 8 } }
	});
	assert.equal(window!.opening.width, 390);
	near(window!.overlap.left, 6.15 + 2);
	near(window!.overlap.right, 6.15 - 2);
});

test('in inches the opening is a whole number of sixteenths', () => {
	const { window } = planned({
		unit: 'in',
		piece: { readings: { width: '15 13/16', height: '21 11/16' } },
		window: { overlap: '1/4' },
		borders: { way: 'even', width: '2 3/4' }
	});
	near(window!.opening.width, 15.3125 * 25.4, 1e-6);
	near(window!.mats[0]!.border.left, 2.75 * 25.4, 1e-6);
	near(window!.pack.width / (25.4 / 16), Math.round(window!.pack.width / (25.4 / 16)), 1e-6);
});

test('minimum overlap: 3, 3, 3 and 3.89 at the bottom; 1000 high asks 6.25, which the house’s 6 fails', () => {
	const { least } = planned().window!;
	assert.deepEqual([least.top, least.left, least.right], [3, 3, 3]);
	near(least.bottom, 3.89);
	const tall = workedJob({ piece: { readings: { width: 402, height: 1000 } } });
	const before = planSingle(tall);
	near(before.window!.least.bottom, 6.25);
	assert.ok(has(before, 'window.overlap-thin'));
	const { plan: after } = fixed(tall, 'window.overlap-thin');
	assert.ok(!has(after, 'window.overlap-thin'));
	near(after.window!.overlap.bottom, 6.5);
	assert.ok(!has(planned(), 'window.overlap-thin'));
});

test('with a reverse bevel the overlap counts less the board', () => {
	assert.ok(has(planned({ window: { overlap: 4 }, mats: [{ board, bevel: 'reverse' }] }), 'window.overlap-thin'));
	assert.ok(!has(planned({ window: { overlap: 5.5 }, mats: [{ board, bevel: 'reverse' }] }), 'window.overlap-thin'));
});

test('placement of a leaning sheet is that of its bounding box', () => {
	const { window, measure } = planned({
		piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 683.9, d2: 680.2 } }
	});
	near(window!.placement.left, 76 - window!.overlap.left - measure!.usable.left);
	near(measure!.usable.left, 3.13);
});

test('free range: the overlap, or less where a zone must show', () => {
	assert.deepEqual(planned().window!.free, { width: 6, height: 6 });
	const signature = { id: 'signature', kind: 'show' as const, left: 300, top: 505, width: 93, height: 30 };
	near(planned({ piece: { readings: { width: 402, height: 551 }, zones: [signature] } }).window!.free.width, 3);
});

test('a signature that the mat covers, a stain that it leaves in sight: each fixed by its remedy', () => {
	const zones = [{ id: 'signature', kind: 'show' as const, left: 310, top: 505, width: 87, height: 30 }];
	const covered = workedJob({ piece: { readings: { width: 402, height: 551 }, zones } });
	const before = planSingle(covered);
	assert.equal(before.fits, false);
	assert.equal(before.grade.reached, planSingle(workedJob()).grade.reached, 'a fault of fit does not lower the grade');
	assert.ok(!has(fixed(covered, 'window.zone-covered').plan, 'window.zone-covered'));
	const stain = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'stain', kind: 'hide', left: 0, top: 200, width: 9, height: 60 }]
		}
	});
	const { plan: hidden } = fixed(stain, 'window.zone-exposed');
	assert.ok(!has(hidden, 'window.zone-exposed'));
	near(hidden.window!.overlap.left, 10);
});

test('reveal-thin and lift-setback fire and are fixed', () => {
	const thin = workedJob({ mats: [{ board }, { board, reveal: 1.5 }] });
	assert.ok(has(planSingle(thin), 'window.reveal-thin'));
	assert.ok(!has(planned({ mats: [{ board }, { board, reveal: 2 }] }), 'window.reveal-thin'));
	assert.ok(!has(fixed(thin, 'window.reveal-thin').plan, 'window.reveal-thin'));
	const lifted = workedJob({ mats: [{ board, lift: 3, setback: 4 }] });
	assert.ok(has(planSingle(lifted), 'window.lift-setback'));
	assert.ok(!has(fixed(lifted, 'window.lift-setback').plan, 'window.lift-setback'));
	assert.ok(!has(planned({ mats: [{ board, lift: 3 }] }), 'window.lift-setback'));
});

test('lift strips: two uprights as high as the pack, cross strips between them', () => {
	const { lift, border } = planned({ mats: [{ board, lift: 3 }] }).window!.mats[0]!;
	assert.equal(lift!.uprights.left.width, border.left - 8);
	assert.equal(lift!.uprights.left.height, 539 + 70 + 80);
	assert.equal(lift!.crosses.top.width, 390 + 140 - 2 * 62);
});

test('thin borders and a border like the moulding’s face are noted', () => {
	assert.ok(has(planned({ borders: { way: 'even', width: 40 } }), 'window.border-thin'));
	assert.ok(!has(planned({ borders: { way: 'even', width: 45 } }), 'window.border-thin'));
	assert.ok(has(planned({ borders: { way: 'even', width: 26 } }), 'window.border-like-face'));
	assert.ok(!has(planned({ borders: { way: 'even', width: 32 } }), 'window.border-like-face'));
});

test('no window left, a pack past 5 m, a lift wider than the border: faults at their place', () => {
	const fault = (changes: Parameters<typeof planned>[0]) => {
		try {
			planned(changes);
		} catch (error) {
			return (error as FaultError).faults[0]!.path;
		}
		return 'none';
	};
	assert.equal(fault({ window: { overlap: 201 } }), 'window.overlap');
	assert.equal(fault({ borders: { way: 'even', width: 2400 } }), 'borders');
	assert.equal(fault({ mats: [{ board, lift: 3, setback: 90 }] }), 'mats[0].setback');
	assert.equal(fault({ mats: [{ board, reveal: 4 }] }), 'mats[0].reveal');
	const several = {
		openings: [{ piece: { readings: { width: 90, height: 120 } } }, { piece: { readings: { width: 90, height: 120 } } }]
	};
	assert.equal(fault({ mats: [], window: several }), 'mats');
});

test('what first stops a shifted sheet: an edge, or a zone that must show', () => {
	/** What decides each axis. */
	const deciding = (changes: Partial<JobFile>) => {
		const made = planned(changes);
		const job = decide(readJob(workedJob(changes)), builtInShop);
		const { window, measure, hold } = made;
		const opening = { ...window!, at: { left: 0, top: 0 } } as PlacedOpening;
		const of = { piece: job.piece, choice: job.window, measure: measure!, opening, hold: hold! };
		const limits = limitsOf({ ...of, mat: job.mats.at(-1) ?? null, setback: null, house: builtInShop.house });
		return (['width', 'height'] as const).flatMap((axis) => decidingLimit(limits, axis, 'right')?.by ?? []);
	};
	assert.deepEqual(deciding({ window: { overlap: { top: 6, bottom: 8, left: 5, right: 6 } } }), [
		{ edge: 'left' },
		{ edge: 'top' }
	]);
	const zones = [{ id: 'signature', kind: 'show' as const, left: 390, top: 300, width: 4, height: 20 }];
	assert.deepEqual(deciding({ piece: { readings: { width: 402, height: 551 }, zones } }), [
		{ zone: 'signature' },
		{ edge: 'bottom' }
	]);
	assert.deepEqual(deciding({ window: { way: 'float' } }), []);
});
