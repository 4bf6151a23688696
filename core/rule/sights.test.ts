import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { readJob } from '../job/read.ts';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { named, sightsOf, which } from './sights.ts';
import { workedJob } from '../../tests/jobs.ts';
import { pieceKeys, windowKeys } from '../job/keys.ts';

test('an expression for one window, named for one of several', () => {
	assert.equal(named(null, 'window.overlap.left'), 'window.overlap.left');
	assert.equal(named(2, 'window.overlap.left'), 'window.openings[1].overlap.left');
	assert.equal(
		named(3, 'down(measure.usable.width - job.window.overlap.left, job.step)'),
		'down(measure[2].usable.width - job.windows[2].overlap.left, job.step)'
	);
	// What all windows share keeps its name.
	for (const shared of [
		'window.mats[1].border.left',
		'window.pack.width',
		'window.openings[0].at.left',
		'shop.house.overlap',
		'mass.kg'
	])
		assert.equal(named(2, shared), shared);
	assert.equal(named(1, 'job.piece.zones[2].left - movement.width'), 'job.pieces[0].zones[2].left - movement[0].width');
});

test('where a window and a part of its piece stand in the file', () => {
	assert.deepEqual(windowKeys({ number: null }), ['window']);
	assert.deepEqual(windowKeys({ number: 2 }), ['window', 'openings', 1]);
	const file: JobFile = {
		piece: { thickness: 0.4 },
		window: { openings: [{ piece: { readings: { width: 90, height: 120 }, thickness: 0.3 } }, {}] }
	};
	assert.deepEqual(pieceKeys(file, null, 'thickness'), ['piece']);
	assert.deepEqual(pieceKeys(file, 1, 'thickness'), ['window', 'openings', 0, 'piece'], 'its own');
	assert.deepEqual(pieceKeys(file, 2, 'thickness'), ['piece'], 'what all share');
	assert.deepEqual(pieceKeys(file, 2, 'readings'), ['window', 'openings', 1, 'piece'], 'nobody has it yet');
});

test('sights: one alone, several in the order of the file, none before there is a window', () => {
	const of = (file: JobFile) => sightsOf(decide(readJob(file), builtInShop), plan(file, builtInShop));
	const [only, ...none] = of(workedJob());
	assert.deepEqual([only!.number, none.length, which(only!)], [null, 0, '']);
	const piece = (width: number) => ({ piece: { readings: { width, height: 120 } } });
	const three = of(workedJob({ piece: {}, window: { overlap: 5, openings: [piece(90), piece(100), piece(80)] } }));
	assert.deepEqual(
		three.map(({ number, measure }) => [number, measure.mean.width]),
		[
			[1, 90],
			[2, 100],
			[3, 80]
		]
	);
	assert.equal(which(three[1]!), 'Window 2: ');
	// A list of one is a list too: its figures stand in lists.
	const [one] = of(workedJob({ piece: {}, window: { overlap: 5, openings: [piece(90)] } }));
	assert.equal(one!.number, 1);
	assert.deepEqual(of({ format: 'rare-keep/job', version: 1 }), []);
});

test('what an opening leaves out, piece and window at the top say for all', () => {
	const file = workedJob({
		piece: { medium: ['watercolour'], grammage: 190, thickness: 0.4 },
		window: {
			overlap: 4,
			shape: 'oval',
			openings: [
				{ piece: { readings: { width: 90, height: 120 } } },
				{ piece: { readings: { width: 90, height: 120 }, medium: ['charcoal'], grammage: 300 }, shape: 'rectangle', overlap: 7 }
			]
		}
	});
	const job = decide(readJob(file), builtInShop);
	assert.deepEqual(
		job.windows.map(({ shape, overlap }) => [shape, overlap.left]),
		[
			['oval', 4],
			['rectangle', 7]
		]
	);
	assert.deepEqual(
		job.pieces.map(({ grammage, friable }) => [grammage, friable]),
		[
			[190, false],
			[300, true]
		]
	);
	assert.equal(job.piece.friable, true, 'together they are as delicate as the most delicate');
	assert.deepEqual(job.piece.media.map(({ id }) => id).sort(), ['charcoal', 'watercolour']);
});
