import assert from 'node:assert/strict';
import { test } from 'node:test';
import { plan } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { workedJob } from '../../tests/jobs.ts';
import type { JobFile } from './definition.ts';
import { differences } from './compare.ts';
import type { FaultError } from './faults.ts';
import { drop, keysOf, patched, put } from './patch.ts';

function faults(file: unknown): { path: string; says: string }[] {
	try {
		plan(file, builtInShop);
	} catch (error) {
		return (error as FaultError).faults;
	}
	return [];
}

const paths = (file: unknown) => faults(file).map((fault) => fault.path);

test('every fault is named with its path, all at once', () => {
	const file = {
		...workedJob(),
		window: { overlap: { left: -4 } },
		mats: [{ bord: 'cotton-4' }],
		aim: 'best',
		piece: { readings: { width: '12 in mm', height: 551 }, cockle: 'x' }
	};
	assert.deepEqual(paths(file).sort(), ['aim', 'mats[0].bord', 'piece.cockle', 'piece.readings.width', 'window.overlap.left']);
	assert.match(faults(file).find((fault) => fault.path === 'window.overlap.left')!.says, /−4 mm is below 0/);
});

test('format and version come first; no group, no job', () => {
	assert.deepEqual(paths({ format: 'other', version: 1 }), ['format']);
	assert.deepEqual(paths({ format: 'rare-keep/job', version: 2 }), ['version']);
	for (const file of [null, [], 'job', 7]) assert.deepEqual(paths(file), ['']);
});

test('null means none where none is allowed, and is a fault elsewhere; x- keys are kept', () => {
	assert.deepEqual(
		paths({
			...workedJob(),
			guard: { barrier: null, edgeSeal: null, underMat: null, backing: null, spacer: null },
			back: { seal: null },
			'x-note': { any: 1 }
		}),
		[]
	);
	assert.deepEqual(paths({ ...workedJob(), guard: { glazing: null } }), ['guard.glazing']);
});

test('lists are bounded, ids stand once, keys that are no data are refused', () => {
	assert.deepEqual(paths({ ...workedJob(), mats: Array.from({ length: 101 }, () => ({})) }), ['mats']);
	const zone = { id: 'stamp', kind: 'show', left: 1, top: 1, width: 5, height: 5 };
	assert.deepEqual(paths({ ...workedJob(), piece: { readings: { width: 402, height: 551 }, zones: [zone, zone] } }), [
		'piece.zones[1].id'
	]);
	assert.deepEqual(
		paths(
			JSON.parse(
				'{"format":"rare-keep/job","version":1,"__proto__":{"aim":"rare"},"piece":{"constructor":1,"readings":{"width":1,"height":1}}}'
			)
		),
		['__proto__', 'piece.constructor']
	);
});

test('materials that the shop does not have, choices that contradict', () => {
	assert.deepEqual(paths({ ...workedJob(), mats: [{ board: 'cardboard' }] }), ['mats[0].board']);
	assert.deepEqual(paths({ ...workedJob(), piece: { readings: { width: 402, top: 402, height: 551 } } }), [
		'piece.readings.width'
	]);
	assert.deepEqual(paths({ ...workedJob(), borders: { way: 'even', width: 70, weight: 10 } }), ['borders.weight']);
	assert.deepEqual(paths({ ...workedJob(), frame: { section: { face: 6, lip: 6, depth: 30, rabbetDepth: 16, density: 680 } } }), [
		'frame.section.lip'
	]);
	assert.deepEqual(
		paths({
			...workedJob(),
			frame: { moulding: 'ash-22', section: { face: 22, lip: 6, depth: 30, rabbetDepth: 16, density: 680 } }
		}),
		['frame.section']
	);
	assert.deepEqual(paths({ ...workedJob(), hold: { adhesive: 'none' } }), ['hold.adhesive']);
	assert.deepEqual(paths({ ...workedJob(), hold: { count: 0 } }), ['hold.count']);
});

test('patches put values where groups are missing, and leave the old file alone', () => {
	const { hold: _, ...unheld } = workedJob();
	const file: JobFile = unheld;
	const next = patched(file, put(file, ['hold', 'count'], 4));
	assert.equal(next.hold!.count, 4);
	assert.equal(file.hold, undefined);
	assert.equal(patched(next, drop(next, ['mats', 1])).mats!.length, 1);
	assert.deepEqual(keysOf('/mats/1/a~1b'), ['mats', 1, 'a/b']);
	assert.deepEqual(drop(file, ['place', 'lux']), []);
});

test('two files differ at the pointers where they differ', () => {
	const mine = workedJob({ aim: 'rare', mats: [{ board: 'cotton-4' }] });
	const theirs = workedJob({ unit: 'in', borders: { way: 'weighted', width: 60, weight: 10 } });
	assert.deepEqual(differences(mine, theirs), ['/unit', '/aim', '/mats', '/borders/width']);
	assert.deepEqual(differences(mine, structuredClone(mine)), []);
});
