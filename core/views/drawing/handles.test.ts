import assert from 'node:assert/strict';
import { test } from 'node:test';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { readJob } from '../../job/read.ts';
import { addZone, middleZone } from '../../job/zones.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { workedJob } from '../../../tests/jobs.ts';
import { edgeHandles, hingeHandles, zoneHandles } from './handles.ts';

function handlesOf(file: JobFile, index = 0) {
	const job = decide(readJob(file), builtInShop);
	const made = plan(file, builtInShop);
	return { job, made, edges: edgeHandles(made, job, index), zones: zoneHandles(made, job, index, file) };
}

/** Pulls one edge by mm to the right or down, and gives the job and the same edge after it. */
function pulled(file: JobFile, id: string, by: number) {
	const edge = handlesOf(file).edges.find((one) => one.id === id)!;
	const next = patched(file, edge.write(file, edge.value + edge.grows * by));
	return { next, before: edge, after: handlesOf(next).edges.find((one) => one.id === id)! };
}

const along = (edge: { side: string; line: [{ x: number; y: number }, { x: number; y: number }] }) =>
	edge.side === 'left' || edge.side === 'right' ? edge.line[0].x : edge.line[0].y;

test('every edge that is pulled goes with the hand, seen from the sheet', () => {
	const ways: JobFile[] = [
		workedJob(),
		workedJob({ borders: { way: 'own', top: 60, right: 50, bottom: 80, left: 55 } }),
		workedJob({
			piece: { readings: { width: 402, height: 551 }, image: { left: 30, top: 40, width: 340, height: 460 } },
			window: { way: 'reveal', reveal: 10 }
		}),
		workedJob({ mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 5 }, { board: 'cotton-4', reveal: 7 }] })
	];
	for (const file of ways) {
		for (const { id, moves, side } of handlesOf(file).edges) {
			// Even and weighted borders move together: their opposite and their neighbours are not where the hand is.
			if (moves === 'border' && file.borders!.way !== 'own' && side !== 'left') continue;
			const { next, before, after } = pulled(file, id, 3);
			const sheet = (made: ReturnType<typeof handlesOf>['made']) =>
				side === 'left' || side === 'right' ? made.window!.placement!.left : made.window!.placement!.top;
			const [was, is] = [sheet(handlesOf(file).made), sheet(handlesOf(next).made)];
			// A shared rounding may take a quarter of a millimetre.
			assert.ok(Math.abs(along(after) - is - (along(before) - was) - 3) <= 0.26, `${id} (${moves}) does not follow the hand`);
			assert.equal(after.value, before.value + before.grows * 3, id);
		}
	}
});

test('weighted borders: the bottom moves its weight; a given pack and a solved window have nothing to pull', () => {
	const { next } = pulled(workedJob(), 'border-bottom', 5);
	assert.deepEqual(next.borders, { way: 'weighted', width: 70, weight: 15 });
	const fit = handlesOf(workedJob({ borders: { way: 'fit', pack: { width: 542, height: 701 }, weight: 10 } })).edges;
	assert.ok(!fit.some(({ id }) => id.startsWith('border')));
	assert.ok(!handlesOf(workedJob({ window: { overlap: 'solve' } })).edges.some(({ id }) => id.startsWith('window')));
});

test('where the file leaves mats and overlap to the house, a pull writes them out', () => {
	const bare: JobFile = { format: 'rare-keep/job', version: 1, piece: { readings: { width: 402, height: 551 } } };
	const { next } = pulled(bare, 'window-left', 2);
	assert.deepEqual(next.window!.overlap, { top: 6, right: 6, bottom: 6, left: 8 });
	assert.equal(plan(next, builtInShop).window!.opening.width, 388);
});

test('the edges of the second of two windows move that window alone', () => {
	const piece = { readings: { width: 100, height: 120 } };
	const file = workedJob({
		piece: {},
		window: { overlap: 5, openings: [{ piece }, { piece }], grid: { columns: 2, rows: 1, gutter: 40 } }
	});
	const edge = handlesOf(file, 1).edges.find(({ id }) => id === 'window-top')!;
	assert.equal(edge.name, 'Edge of window 2, top');
	const next = patched(file, edge.write(file, 9));
	assert.deepEqual(next.window!.openings![1]!.overlap, { top: 9, right: 5, bottom: 5, left: 5 });
	assert.equal(next.window!.openings![0]!.overlap, undefined);
});

test('a zone lies where it lies on the sheet, is moved in its place, and a new one gets a name of its own', () => {
	const file = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'zone 2', kind: 'show', left: 50, top: 60, width: 20, height: 10 }]
		}
	});
	const [zone] = handlesOf(file).zones;
	assert.deepEqual([zone!.left - zone!.origin.left, zone!.top - zone!.origin.top], [50, 60]);
	const moved = patched(file, zone!.write(file, { left: 55, top: 60, width: 20, height: 12 }));
	assert.deepEqual(moved.piece!.zones![0], { id: 'zone 2', kind: 'show', left: 55, top: 60, width: 20, height: 12 });
	const added = patched(file, addZone(file, null, 'hide', middleZone({ width: 402, height: 551 })));
	assert.deepEqual(added.piece!.zones![1], { id: 'zone 3', kind: 'hide', left: 181, top: 255, width: 41, height: 41 });
	assert.deepEqual(
		plan(added, builtInShop).findings.filter(({ rule }) => rule === 'window.zone-covered'),
		[]
	);
});

test('a zone beside the sheet is a fault that says so', () => {
	const at = (left: number, top: number) => () =>
		plan(
			workedJob({
				piece: { readings: { width: 402, height: 551 }, zones: [{ id: 'mark', kind: 'hide', left, top, width: 5, height: 5 }] }
			}),
			builtInShop
		);
	assert.throws(at(402, 10), /piece\.zones\[0\]\.left: “mark” is beyond the sheet/);
	assert.throws(at(10, 560), /piece\.zones\[0\]\.top: “mark” is below the sheet/);
	assert.doesNotThrow(at(398, 10));
});

test('a hinge on the back goes with the hand: to the right there is to the left of the front, never over its neighbour', () => {
	const file = workedJob({ hold: { count: 3 } });
	const of = (from: JobFile) => {
		const job = decide(readJob(from), builtInShop);
		return hingeHandles(plan(from, builtInShop), job, 0);
	};
	const [first, second, third] = of(file);
	assert.deepEqual(
		[first, second, third].map((hinge) => [hinge!.value, hinge!.grows]),
		[
			[50, -1],
			[201, -1],
			[352, -1]
		]
	);
	// Seen from the back the first from the left of the front lies farthest right.
	assert.ok(first!.line[0].x > second!.line[0].x && second!.line[0].x > third!.line[0].x);
	const moved = patched(file, second!.write(file, 180));
	assert.deepEqual([moved.hold!.places, moved.hold!.count], [[50, 180, 352], undefined]);
	const [, after] = of(moved);
	assert.ok(Math.abs(after!.line[0].x - second!.line[0].x - 21) < 1e-9);
	assert.deepEqual(patched(file, second!.write(file, 40)).hold!.places, [50, 77, 352], 'as far as its neighbour lets it');
	assert.deepEqual(patched(file, first!.write(file, -5)).hold!.places, [12.5, 201, 352], 'as far as the sheet goes');
	assert.deepEqual(of(workedJob({ hold: { kind: 'corners' }, window: { overlap: 10 } })), []);
});
