/**
 * Left and right, played: a hand that cuts the windows and lays the sheet by the printed words alone, and the front as it then is, held
 * against the front that was planned.
 */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { hingingScene, matBackScene, placingScene } from '../drawing/board.ts';
import { frontScene } from '../drawing/front.ts';
import type { Rect } from '../../geometry/shapes.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { planSteps, type Step } from './steps.ts';

const length = fc.integer({ min: 8, max: 180 }).map((halves) => halves / 2);
const sides = fc.record({ top: length, right: length, bottom: length, left: length });
const job = fc.record({
	borders: fc.record({
		top: fc.integer({ min: 30, max: 120 }),
		right: fc.integer({ min: 30, max: 120 }),
		bottom: fc.integer({ min: 30, max: 120 }),
		left: fc.integer({ min: 30, max: 120 })
	}),
	overlap: sides.map((one) => Object.fromEntries(Object.entries(one).map(([side, mm]) => [side, 4 + mm / 10]))),
	width: fc.integer({ min: 150, max: 500 }),
	height: fc.integer({ min: 150, max: 500 }),
	reveal: fc.integer({ min: 4, max: 12 }),
	bevel: fc.constantFrom('normal' as const, 'reverse' as const),
	hang: fc.constantFrom('under-mat' as const, 'window-mat' as const)
});

/** Numbers of a printed sentence, by the words before them. */
const read = (sentence: string, pattern: RegExp): number[] => {
	const found = pattern.exec(sentence);
	assert.ok(found, `${String(pattern)}: ${sentence}`);
	return found.slice(1).map(Number);
};
const stepOf = (steps: Step[], id: string) => steps.find((step) => step.id === id)!;
/** Printed figures are tenths. */
const PRINTED = 0.11;

test('property: the window cut and the sheet laid by the printed words lie where the front drawing shows them', () => {
	fc.assert(
		fc.property(job, ({ borders, overlap, width, height, reveal, bevel, hang }) => {
			const file: JobFile = workedJob({
				piece: { readings: { width, height } },
				window: { overlap },
				borders: { way: 'own', ...borders },
				mats: [
					{ board: 'cotton-4', bevel },
					{ board: 'cotton-4', bevel, reveal }
				],
				schools: { 'hang-from': hang }
			});
			const decided = decide(readJob(file), builtInShop);
			const made = plan(file, builtInShop);
			const steps = planSteps(decided, made, builtInShop);
			const { pack, mats, placement, opening } = made.window!;
			const t = decided.mats[0]!.board.thickness;

			// Each mat lies face down: the blade runs between the stops as printed. Then it is turned, left over right.
			const cutting = stepOf(steps, 'cut-boards').does;
			for (const [index, mat] of mats.entries()) {
				const line = cutting.find((one) => one.startsWith(`Cut mat ${index + 1}, `))!;
				const [left, right, top, bottom] = read(line, /stops left ([\d.]+), right ([\d.]+), top ([\d.]+), bottom ([\d.]+)/) as [
					number,
					number,
					number,
					number
				];
				const back: Rect = { left, top, width: pack.width - left - right, height: pack.height - top - bottom };
				// The bevel of a reverse cut runs outward from the line: what is seen is the face’s narrower edge.
				const grows = bevel === 'reverse' ? t : 0;
				const front: Rect = {
					left: pack.width - back.left - back.width + grows,
					top: back.top + grows,
					width: back.width - 2 * grows,
					height: back.height - 2 * grows
				};
				assert.ok(
					Math.abs(front.left - mat.border.left) < PRINTED,
					`mat ${index + 1} left: ${front.left}, planned ${mat.border.left}`
				);
				assert.ok(Math.abs(front.top - mat.border.top) < PRINTED, `mat ${index + 1} top`);
				assert.ok(
					Math.abs(front.width - mat.opening.width) < 2 * PRINTED && Math.abs(front.height - mat.opening.height) < 2 * PRINTED
				);
			}

			// The sheet is laid by its corner, on the under-mat face up or on the window mat's back face down.
			const laying = stepOf(steps, 'place').does.join(' ');
			const [fromLeft, fromTop] = read(laying, /corner.* ([\d.]+) from the left edge and ([\d.]+) from the top/) as [
				number,
				number
			];
			const backUp = /face down on the window mat/.test(laying);
			assert.equal(backUp, hang === 'window-mat');
			const lies = { left: backUp ? pack.width - fromLeft - width : fromLeft, top: fromTop };
			assert.ok(Math.abs(lies.left - placement!.left) < PRINTED, `laid at ${lies.left}, planned ${placement!.left}`);
			assert.ok(Math.abs(lies.top - placement!.top) < PRINTED);

			// Where the front drawing has them.
			const drawn = frontScene(made, decided)!;
			const edge = drawn.shapes.find(({ role }) => role === 'sheet-edge' || role === 'sheet')!.rings![0]!;
			const xs = edge.map(({ x }) => x);
			assert.ok(opening.width > 0 && Math.min(...xs) >= lies.left - PRINTED);

			// Tabs: counted from the left of the sheet as it lies, face down.
			const tabs = stepOf(steps, 'tabs').does.find((one) => /^Centres/.test(one))!;
			const centres =
				read(tabs, /Centres ([\d., ]+) from its left corner/).length &&
				/Centres ([\d., ]+) from/.exec(tabs)![1]!.split(', ').map(Number);
			const inFront = (centres as number[]).map((one) => width - one).sort((one, other) => one - other);
			const holds = Array.isArray(made.hold) ? made.hold[0]! : made.hold!;
			for (const [index, place] of (holds as { places: number[] }).places.entries())
				assert.ok(Math.abs(inFront[index]! - place) < PRINTED, `hinge ${index + 1}: ${inFront[index]}, planned ${place}`);
		}),
		{ numRuns: runs(150) }
	);
});

test('the small drawings say the same as the words: stops, corner and tabs as they lie', () => {
	const file = workedJob({
		borders: { way: 'own', top: 60, right: 40, bottom: 80, left: 100 },
		mats: [{ board: 'cotton-4' }],
		window: { overlap: { top: 5, right: 9, bottom: 6, left: 4 } },
		schools: { 'hang-from': 'window-mat' }
	});
	const decided = decide(readJob(file), builtInShop);
	const made = plan(file, builtInShop);
	const dimension = (scene: ReturnType<typeof matBackScene>, name: string) =>
		scene!.dimensions.find((one) => one.name === name)!.value;
	const mat = matBackScene(made, decided, 0);
	assert.deepEqual(
		[dimension(mat, 'stop left'), dimension(mat, 'stop right')],
		[40, 100],
		'the back’s left is the front’s right'
	);
	const placing = placingScene(made, decided, 0);
	assert.match(placing!.title, /Window mat, face down/);
	assert.equal(dimension(placing, 'from the left'), made.window!.pack.width - made.window!.placement!.left - 402);
	const steps = planSteps(decided, made, builtInShop);
	assert.ok(stepOf(steps, 'cut-boards').pictures!.length === 1 && stepOf(steps, 'place').pictures!.length === 1);
	assert.match(hingingScene(made, decided, 0)!.title, /face down/);
});
