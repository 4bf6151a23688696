/** Standard sizes first: what works, in which order, and that taking one plans as it was said. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyWindowJob, planSingle, workedJob } from '../../tests/jobs.ts';
import { runs } from '../../tests/thorough.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { patched } from '../job/patch.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { readyPairs } from './ready-pairs.ts';

const pairsOf = (file: JobFile) =>
	readyPairs(file, { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop) }, builtInShop);
const sheet = (width: number, height: number, more: Partial<JobFile> = {}) =>
	workedJob({ piece: { readings: { width, height } }, mats: [{ board: 'cotton-4', colour: 'shell' }], ...more });

test('a sheet of a standard size: standard mats of its size, and mats cut to each frame that leaves borders', () => {
	const pairs = pairsOf(sheet(300, 400));
	const ready = pairs.filter(({ mat }) => mat !== null);
	assert.ok(ready.some(({ mat, frame }) => mat!.name.startsWith('30 × 40 cm') && frame.name === '40 × 50 cm'));
	for (const { borders } of pairs) assert.ok(Math.min(...Object.values(borders)) >= 15);
	assert.deepEqual(
		pairs.map(({ cents }) => cents).slice(0, 3),
		[...pairs.map(({ cents }) => cents).slice(0, 3)].sort((one, other) => one - other)
	);
	const cut = pairs.find(({ mat, frame }) => mat === null && frame.name === '40 × 50 cm')!;
	assert.deepEqual(cut.borders, { top: 51, right: 56, bottom: 61, left: 56 });
});

test('taking one plans as it was said: borders, opening, no mat on the cut list where it is bought', () => {
	const file = sheet(300, 400);
	const all = pairsOf(file);
	for (const pair of [all.find(({ mat }) => mat)!, all.find(({ mat }) => !mat)!]) {
		const made = planSingle(patched(file, pair.patch));
		assert.deepEqual(made.window!.mats[0]!.border, pair.borders);
		assert.deepEqual(made.window!.pack, pair.frame.pack);
		assert.deepEqual(made.window!.opening, pair.opening);
		assert.equal(
			made.cut.some(({ role }) => role === 'mat'),
			pair.mat === null
		);
	}
	// And from a mat at hand back to one that is cut.
	const bought = patched(file, all.find(({ mat }) => mat)!.patch);
	const cut = pairsOf(bought).find(({ mat }) => !mat)!;
	assert.deepEqual(planSingle(patched(bought, cut.patch)).window!.mats[0]!.border, cut.borders);
});

test('a standard mat that would hide a signature, or cover too little, is not among them', () => {
	const signed = sheet(300, 400, {
		piece: {
			readings: { width: 300, height: 400 },
			zones: [{ id: 'name', kind: 'show', left: 200, top: 392, width: 60, height: 6 }]
		}
	});
	assert.ok(pairsOf(signed).every(({ mat }) => mat === null));
	// An inch larger than a standard sheet: its mat would hide more than people leave spare.
	assert.ok(pairsOf(sheet(340, 440)).every(({ mat }) => mat === null));
	assert.deepEqual(pairsOf(sheet(300, 400, { window: { way: 'float' } })), []);
});

test('property: every pair that is offered can be taken, and nothing of fit stops its window', () => {
	fc.assert(
		fc.property(anyWindowJob, fc.nat(), (file, which) => {
			const pairs = pairsOf(file);
			const pair = pairs[which % Math.max(1, pairs.length)];
			if (!pair) return;
			const made = plan(patched(file, pair.patch), builtInShop);
			assert.ok(made.window, 'it is planned');
			assert.ok(!made.findings.some(({ rule }) => rule === 'mat.opening-large' || rule === 'window.frame-too-small'));
			if (pair.mat) assert.ok(!made.findings.some(({ rule }) => rule === 'window.overlap-thin'));
		}),
		{ numRuns: runs(200) }
	);
});

test('a border just as wide as its lift is set back leaves the strips no room: such a frame is not offered', () => {
	const file: JobFile = {
		...workedJob(),
		unit: 'in',
		piece: {
			readings: {
				top: 120,
				bottom: 117.3,
				left: 728.9011592801866,
				right: 728.9011592801866,
				d1: 738.5017941752071,
				d2: 738.9241503699822
			},
			image: { left: 6, top: 123.9, width: 108, height: 408.2 }
		},
		window: { way: 'reveal', reveal: { top: 11.8, right: 0, bottom: 19, left: 0 } },
		mats: [{ board: 'cotton-2', bevel: 'normal', lift: 1.5 }],
		borders: { way: 'fit', pack: { width: 600, height: 806.4 }, weight: 15.8 },
		guard: { glazing: 'glass', underMat: null, backing: null }
	};
	const pairs = pairsOf(file);
	assert.ok(pairs.length > 0);
	for (const { patch } of pairs) assert.ok(plan(patched(file, patch), builtInShop).window);
});
