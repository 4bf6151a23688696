import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { isItem, itemByName, nameOfOwn } from '../../nesting/items.ts';
import { planDecided } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { planSteps } from '../bench/steps.ts';
import { takesOf } from '../bench/takes.ts';
import { boughtByName } from './by-name.ts';

function made(file: JobFile) {
	const job = decide(readJob(file), builtInShop);
	const planned = { file, job, plan: planDecided(file, job, builtInShop), shop: builtInShop };
	return { wants: boughtByName(planned), takes: takesOf(planned, planSteps(job, planned.plan, builtInShop)) };
}

test('rail pairs of a kit, a mat and a sleeve are wanted by their names, and leave the stock at their step', () => {
	const { wants, takes } = made(
		workedJob({ frame: { kind: 'metal', moulding: 'metal-10' }, belongs: { papers: ['Certificate', 'Letter'] }, copies: 3 })
	);
	assert.ok(wants.length >= 2);
	assert.ok(wants.filter(({ name }) => name.startsWith('Pair of rails, ')).every(({ amount }) => amount >= 3));
	assert.deepEqual(wants.find(({ name }) => name === 'Polyester sleeve')!.amount, 3);
	for (const { material, step } of wants)
		assert.ok(
			takes.some((take) => take.material === material && take.step === step),
			material
		);
	const mat = made(
		workedJob({
			mats: [
				{ board: 'cotton-4', have: { opening: { width: 390, height: 539 }, outer: { width: 540, height: 700 }, price: 1200 } }
			],
			window: { way: 'cover' },
			borders: {}
		})
	);
	assert.deepEqual(
		mat.wants.map(({ name }) => name),
		['Ready-cut mat, 540 × 700, opening 390 × 539 mm']
	);
	const stuck = made(workedJob({ aim: 'show', hold: { kind: 'whole-surface', adhesive: 'adhesive-board' }, copies: 10 }));
	assert.deepEqual(
		stuck.wants.map(({ name, amount, step }) => [name, amount, step]),
		[['Adhesive board, at least 402 × 551 mm', 10, 'stick-down']]
	);
	assert.ok(stuck.takes.some(({ material, amount }) => material === stuck.wants[0]!.material && amount === 10));
	assert.deepEqual(made(workedJob()).wants, []);
});

test('a thing by its name can be ordered and kept; a name that is none cannot', () => {
	const item = itemByName('  Roll of felt ');
	assert.equal(nameOfOwn(item.material), 'Roll of felt');
	assert.ok(isItem(item, builtInShop));
	for (const material of ['own:', 'own:   ', 'felt']) assert.ok(!isItem({ kind: 'thing', material }, builtInShop), material);
});
