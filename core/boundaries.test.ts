/** Figures exactly at a boundary: on which side of it each belongs. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from './job/definition.ts';
import { plan } from './plan.ts';
import { HOUSE_MM } from './shop/house.ts';
import { builtInShop } from './shop/shop.ts';
import { tissueFor } from './stations/hold/hinges.ts';
import { isNothing } from './units/round.ts';
import { has, planSingle, workedJob, type SinglePlan } from '../tests/jobs.ts';

const sheet = (width: number, height: number, more: JobFile['piece'] = {}): JobFile =>
	workedJob({ piece: { readings: { width, height }, ...more } });

test('tissue: a tenth of the sheet’s weight is enough, and half of it is not too much', () => {
	assert.equal(tissueFor(110, [11, 20]), 11, 'exactly a tenth');
	assert.equal(tissueFor(22, [11, 20]), 11, 'exactly half');
	assert.equal(tissueFor(21.9, [11, 20]), null, 'just more than half');
});

test('what is stuck down dries at least as long as the board under it, and as long as its own adhesive where that is longer', () => {
	const stuck = (adhesive: string, dryMinutes: number) =>
		(
			plan(workedJob({ aim: 'show', hold: { kind: 'whole-surface', adhesive } }), {
				...builtInShop,
				adhesives: { ...builtInShop.adhesives, [adhesive]: { ...builtInShop.adhesives[adhesive]!, dryMinutes } }
			}) as SinglePlan
		).hold!.dryMinutes;
	assert.equal(stuck('dry-mount', 0), HOUSE_MM.boardDryMinutes);
	assert.equal(stuck('dry-mount', HOUSE_MM.boardDryMinutes + 1), HOUSE_MM.boardDryMinutes + 1);
});

test('a large gap begins above its length, not at it', () => {
	const need = (height: number) => planSingle(sheet(402, height)).pack!.gapNeed;
	assert.equal(need(HOUSE_MM.gapLargeFrom), HOUSE_MM.gapFlat);
	assert.equal(need(HOUSE_MM.gapLargeFrom + 0.5), HOUSE_MM.gapFlat + HOUSE_MM.gapLargeExtra);
});

test('a zone that begins at the sheet’s very edge was measured on another sheet; one a hair inside was not', () => {
	const zoned = (left: number, top: number) =>
		plan(sheet(402, 551, { zones: [{ id: 'name', kind: 'hide', left, top, width: 1, height: 1 }] }), builtInShop);
	for (const [left, top] of [
		[402, 10],
		[10, 551]
	] as const)
		assert.throws(() => zoned(left, top), /is (beyond|below) the sheet/);
	assert.ok(zoned(401.5, 10).window && zoned(10, 550.5).window);
});

test('a spacer is as thick as the lip surely hides; where that is all of the usual strip, or nothing, it is the usual strip', () => {
	const made = (lip: number) =>
		planSingle(
			workedJob({
				mats: [],
				window: { way: 'float' },
				guard: { spacer: { material: 'acrylic', thickness: 5 } },
				frame: { section: { face: 30, lip, depth: 40, rabbetDepth: 25, density: 600 } }
			})
		);
	const { frame, pack } = made(9);
	const half = Math.max(frame!.allowance.width, frame!.allowance.height) / 2;
	const { spacerWidth } = HOUSE_MM;
	assert.equal(pack!.spacer!.thick, spacerWidth);
	// Exactly as much as the strip is thick is hidden.
	assert.equal(made(spacerWidth + half).pack!.spacer!.thick, spacerWidth);
	assert.equal(made(spacerWidth + half - 0.5).pack!.spacer!.thick, spacerWidth - 0.5);
	assert.equal(made(half).pack!.spacer!.thick, spacerWidth, 'a lip that hides nothing: the strip is seen');
});

test('no grade is reached where even Show has a stop, and what stops Show is named', () => {
	const made = plan(workedJob({ piece: { readings: { width: 402, height: 551 }, dry: false, medium: ['oil'] } }), builtInShop);
	assert.equal(made.grade.reached, null);
	assert.ok(made.grade.heldBy.includes('ready.not-dry'));
	assert.ok(has(made, 'ready.not-dry'));
});

test('a length that is shown to a tenth is nothing below half of that', () => {
	assert.deepEqual([0, 0.049, -0.049].map(isNothing), [true, true, true]);
	assert.deepEqual([0.05, -0.05, 0.1, 0.15].map(isNothing), [false, false, false, false]);
});
