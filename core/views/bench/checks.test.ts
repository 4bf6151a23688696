import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { patched } from '../../job/patch.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { cutChecked, fromWhatWasCut, laidChecked, partsToMeasure, placesToLay } from './checks.ts';
import { differingSteps } from './differing.ts';
import { planSteps } from './steps.ts';

const made = (changes: Partial<JobFile> = {}) => madeOf(workedJob(changes));
const madeOf = (file: JobFile) => {
	const job = decide(readJob(file), builtInShop);
	const planned = plan(file, builtInShop);
	return { file, job, plan: planned, steps: planSteps(job, planned, builtInShop) };
};
const step = (of: ReturnType<typeof made>, id: string) => of.steps.find((one) => one.id === id)!;
const single: Partial<JobFile> = { mats: [{ board: 'cotton-4' }] };

test('what is cut is measured: every board and the glazing, each kind once, mats with their windows', () => {
	const of = made();
	assert.deepEqual(
		partsToMeasure(step(of, 'cut-boards')).map(({ part, planned, opening }) => [part, planned.width, opening?.width]),
		[
			['mat 1', 542, 402],
			['mat 2', 542, 390],
			['under-mat', 542, undefined],
			['backing', 542, undefined]
		]
	);
	assert.equal(partsToMeasure(step(of, 'cut-glazing')).length, 1);
	assert.deepEqual(partsToMeasure(step(of, 'centre')), []);
});

test('a blank may be off by 1, its diagonals differ by 1, a window be off by 0.5: more is recut', () => {
	const [mat] = partsToMeasure(step(made(), 'cut-boards'));
	const says = (changes: object) => cutChecked(mat!, { width: 542, height: 701, ...changes }, { unit: 'mm', fraction: 16 });
	assert.deepEqual(says({}), { good: true, says: 'As planned.' });
	assert.ok(says({ width: 543, height: 700, d1: 886, d2: 887, opening: { width: 402.5, height: 551 } }).good);
	assert.equal(says({ width: 543.1 }).says, 'Off: width 1.1 too large. Recut it.');
	assert.equal(says({ d1: 886, d2: 887.5 }).says, 'Off: its diagonals differ by 1.5. Recut it.');
	assert.equal(says({ opening: { width: 402, height: 550.2 } }).says, 'Off: window height 0.8 too small. Recut it.');
	assert.ok(says({ d1: 886 }).good, 'one diagonal alone says nothing');
});

test('the plan goes on from a mat as cut: its window moves, and only what follows from it', () => {
	const of = made(single);
	const [mat] = partsToMeasure(step(of, 'cut-boards'));
	const opening = { width: mat!.opening!.width - 2, height: mat!.opening!.height };
	const operations = fromWhatWasCut(of.file, of.job, of.plan, mat!, { ...mat!.planned, opening });
	const next = madeOf(patched(of.file, operations!));
	assert.deepEqual(next.plan.window!.mats[0]!.opening, opening);
	assert.deepEqual(next.plan.window!.pack, of.plan.window!.pack, 'the pack stays as cut');
	const moves = differingSteps(of.steps, next.steps).map((one) => `${one.step.id} ${one.how}`);
	assert.ok(moves.includes('cut-boards other') && moves.includes('centre other'), moves.join());
	assert.ok(!moves.includes('cut-glazing other'));
	// Two mats, or one whose window was not read: the plan cannot follow.
	assert.equal(fromWhatWasCut(of.file, of.job, of.plan, mat!, mat!.planned), null);
	const two = made();
	assert.equal(fromWhatWasCut(two.file, two.job, two.plan, mat!, { ...mat!.planned, opening }), null);
});

test('where the sheet lies is read before its hinges are wetted', () => {
	const of = made();
	const [place] = placesToLay(of.job, of.plan);
	const at = (left: number, top: number) => laidChecked(place!, { left, top }, { unit: 'mm', fraction: 16 });
	assert.deepEqual(at(place!.left, place!.top), { good: true, says: 'In position.' });
	assert.ok(at(place!.left + place!.within!.width, place!.top).good);
	const off = at(place!.left + place!.within!.width + 0.6, place!.top - place!.within!.height - 1);
	assert.equal(off.good, false);
	assert.match(off.says, /too far right and .* too high, as it lies\. Move it before wetting the hinges\.$/);
	const floats = made({ window: { way: 'float', gap: 12, support: 'cotton-8' }, mats: [{ board: 'cotton-4', lift: 9 }] });
	assert.deepEqual(placesToLay(floats.job, floats.plan), [], 'on its support it is laid edge by edge');
	const flat = made({
		window: { way: 'float', gap: 12, support: null },
		mats: [{ board: 'cotton-4', lift: 9 }],
		hold: { kind: 'v-hinge' }
	});
	assert.equal(placesToLay(flat.job, flat.plan)[0]!.within, null, 'a float is free all round');
});

test('two plans of one job: what is gone, what is new, what figures changed', () => {
	const [before, after] = [made().steps, made({ back: { dustCover: true, seal: null } }).steps];
	const differs = differingSteps(before, after).map((one) => `${one.step.id} ${one.how}`);
	assert.ok(differs.includes('seal gone') && differs.includes('dust-cover new'), differs.join());
	assert.deepEqual(differingSteps(before, made().steps), []);
});
