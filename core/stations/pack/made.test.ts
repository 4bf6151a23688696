/** Parts are what the shop can cut. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyPieceJob, anyWindowJob, planned, planSingle, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { lineDetail, lineName, lineSize } from '../cut/material-name.ts';
import type { JobFile } from '../../job/definition.ts';
import { plan } from '../../plan.ts';
import type { Board } from '../../shop/boards.ts';
import { builtInShop } from '../../shop/shop.ts';
import { nearestHeight, stackOf } from './made.ts';

const MM = { unit: 'mm', fraction: 16 } as const;
const guard = (changes: JobFile['guard']): Partial<JobFile> => ({ guard: { ...workedJob().guard, ...changes } });
const [two, four, eight, foam] = ['cotton-2', 'cotton-4', 'cotton-8', 'foam-free'].map((id) => builtInShop.boards[id]!) as [
	Board,
	Board,
	Board,
	Board
];

test('a height is the fewest layers that come within 0.3 mm', () => {
	assert.deepEqual(stackOf(3, [four, eight], 0.3), [{ board: 'cotton-8', layers: 1 }]);
	assert.deepEqual(stackOf(6, [four], 0.3), [{ board: 'cotton-4', layers: 4 }]);
	assert.deepEqual(stackOf(2.3, [four, two], 0.3), [
		{ board: 'cotton-4', layers: 1 },
		{ board: 'cotton-2', layers: 1 }
	]);
	assert.equal(stackOf(0.3, [four], 0.3), null);
	assert.equal(nearestHeight(7, [foam, four])!.height, 6.5);
});

test('property: what is made comes within 0.3 mm of its height, and each layer of each strip is on the cut list', () => {
	fc.assert(
		fc.property(fc.oneof(anyWindowJob, anyPieceJob), (file) => {
			const made = plan(file, builtInShop);
			for (const layer of made.pack!.layers) {
				if (!layer.made) continue;
				const height = layer.made.reduce((sum, { board, layers }) => sum + builtInShop.boards[board]!.thickness * layers, 0);
				assert.ok(Math.abs(height - layer.thickness) <= 0.3 + 1e-9, `${layer.role} ${layer.thickness} is made ${height}`);
				for (const { board, layers } of layer.made) {
					const lines = made.cut.filter(
						(cut) =>
							cut.role === (layer.role === 'back-spacer' ? 'back spacer' : layer.role) &&
							cut.material === board &&
							(layer.role !== 'lift' || cut.of === `mat ${layer.index! + 1}`)
					);
					const sides = { lift: 4, spacer: 4, 'back-spacer': 4, filler: 1 }[layer.role as 'lift'] ?? 1;
					const count = lines.reduce((sum, cut) => sum + cut.count, 0);
					assert.ok(count >= layers * Math.min(sides, 1) && lines.length > 0, `${layer.role} of ${board}: ${count}`);
				}
			}
		}),
		{ numRuns: runs(150) }
	);
});

test('each strip has its mat, its side and its layers; a filler is stacked from its own board first', () => {
	const cut = planned({ mats: [{ board: 'cotton-4', lift: 6 }] }).cut.filter(({ role }) => role === 'lift');
	assert.deepEqual(
		cut.map(({ of, side, layers, count }) => [of, side, layers, count]),
		['left', 'right', 'top', 'bottom'].map((side) => ['mat 1', side, 2, 2])
	);
	assert.deepEqual(
		planned(guard({ fillers: [{ board: 'foam-free', thickness: 6 }] }))
			.cut.filter(({ role }) => role === 'filler')
			.map(({ material, count }) => [material, count]),
		[
			['foam-free', 1],
			['cotton-2', 1]
		]
	);
	const chosen = planned({ mats: [{ board: 'cotton-4', lift: 5, liftBoard: 'foam-free' }] });
	assert.ok(chosen.cut.filter(({ role }) => role === 'lift').every(({ material }) => material === 'foam-free'));
});

test('a spacer shows length × height × thickness, its covering, and how much of it is seen', () => {
	const { spacer } = planned(guard({ spacer: { material: 'cotton', thickness: 6, lined: true } })).pack!;
	// A lip of 6 with 3 of allowance surely hides 4.5: 4 of strip and 0.4 of lining.
	assert.deepEqual([spacer!.high, spacer!.thick, spacer!.covering, spacer!.seen], [6, 4, 0.4, 0]);
	const line = planned(guard({ spacer: 6 })).cut.find(({ role }) => role === 'spacer')!;
	assert.equal(lineSize(line, MM), '542 × 6 high × 4.5 thick');
	const short = planned({
		...guard({ spacer: { material: 'wood-lined', thickness: 6 } }),
		frame: { section: { face: 22, lip: 1.5, depth: 40, rabbetDepth: 30, density: 680 } }
	}).pack!.spacer!;
	assert.ok(short.seen > 0, 'no strip is thin enough to hide behind such a lip');
});

test('each line of the cut list says what tells it apart: which mat, colour, opening', () => {
	const made = planSingle(
		workedJob({
			mats: [
				{ board: 'cotton-4', colour: { name: 'sea fog', code: '1042' } },
				{ board: 'cotton-4', reveal: 6, colour: 'slate' }
			]
		})
	);
	const mats = made.cut.filter(({ role }) => role === 'mat');
	assert.deepEqual(
		mats.map((cut) => `${lineName(cut)}: ${lineDetail(cut, MM)}`),
		['mat 1: sea fog 1042, opening 402 × 551', 'mat 2: slate, opening 390 × 539']
	);
	const lines = made.cut.map((cut) => [lineName(cut), cut.material, lineDetail(cut, MM), lineSize(cut, MM)].join());
	assert.equal(new Set(lines).size, lines.length, 'no two lines read alike');
});
