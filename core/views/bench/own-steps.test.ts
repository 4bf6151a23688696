/** The shop's own words at a step, its minutes, and steps of its own between: what locks what stays as it is. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, anyPieceJob, workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import type { OwnStep } from '../../shop/own-steps.ts';
import { afterOf, isOwnStep, STEP_NAMES, STEP_ORDER } from '../../shop/step-names.ts';
import { builtInShop, withSteps } from '../../shop/shop.ts';
import { BEFORE, beforeOf } from './before.ts';
import { lockOf } from './locks.ts';
import { folded, isUndoneBy, type RunEvent } from './run.ts';
import { planSteps } from './steps.ts';

const stepsOf = (own: OwnStep[], file: JobFile = workedJob()) => {
	const shop = withSteps(builtInShop, own);
	return planSteps(decide(readJob(file), shop), plan(file, shop), shop);
};
const OWN: OwnStep[] = [
	{ step: 'seal', title: 'Tape it', says: ['Press it down with the bone.'], minutes: 5 },
	{ step: 'own:seal:1', title: 'Stamp the tape', says: ['The shop’s stamp at the bottom right.'], minutes: 1.5, waitMinutes: 10 },
	{ step: 'own:join-metal:1', title: 'Wipe the rails', says: [] }
];

test('own words stand after those with the job’s figures, own minutes in place of the house’s, an own step right after its step', () => {
	const as = stepsOf([]);
	const own = stepsOf(OWN);
	const seal = own.find(({ id }) => id === 'seal')!;
	const before = as.find(({ id }) => id === 'seal')!;
	assert.deepEqual([seal.title, seal.minutes, seal.because], ['Tape it', 5, before.because]);
	assert.deepEqual(seal.does, [...before.does, 'Press it down with the bone.']);
	const at = own.indexOf(seal);
	assert.deepEqual(
		[own[at + 1]!.id, own[at + 1]!.title, own[at + 1]!.minutes, own[at + 1]!.waitMinutes],
		['own:seal:1', 'Stamp the tape', 1.5, 10]
	);
	assert.equal(own.length, as.length + 1, 'a wooden frame has no rails to join, so nothing after that');
});

test('of a batch own minutes count for each piece', () => {
	const own = stepsOf(OWN, workedJob({ copies: 4 }));
	assert.deepEqual(
		own.filter(({ id }) => id === 'seal' || id === 'own:seal:1').map(({ minutes, pieces }) => [minutes, pieces]),
		[
			[20, 4],
			[6, 4]
		]
	);
});

test('property: with own steps after every step the others stand in their order and are locked as before', () => {
	const everywhere = STEP_ORDER.map((id): OwnStep => ({ step: `own:${id}:1`, title: `After ${id}`, says: [] }));
	fc.assert(
		fc.property(fc.oneof(anyJob, anyPieceJob), (file) => {
			const as = stepsOf([], file);
			const own = stepsOf(everywhere, file);
			assert.deepEqual(
				own.filter(({ id }) => !isOwnStep(id)).map(({ id }) => id),
				as.map(({ id }) => id)
			);
			assert.equal(own.length, 2 * as.length);
			const nothing = folded([]);
			for (const { id } of as) {
				assert.deepEqual(lockOf(id, nothing, own, 0)?.by.id, lockOf(id, nothing, as, 0)?.by.id);
				assert.equal(lockOf(`own:${id}:1` as never, nothing, own, 0)?.by.id, id, 'only what it stands after');
			}
		}),
		{ numRuns: 60 }
	);
});

test('reopened, an own step is done again with the step that it comes after', () => {
	assert.ok(isUndoneBy('points-moved', 'own:seal:1', () => true) && isUndoneBy('points-moved', 'own:fit-all:2', () => true));
	assert.ok(!isUndoneBy('points-moved', 'own:fit-first:1', () => true));
	const done = (step: RunEvent & { kind: 'done' }): RunEvent => step;
	const run = folded([
		done({ kind: 'done', step: 'own:seal:1', id: 'a', at: 0, by: '' }),
		{ kind: 'reopened', cause: 'dust', minutes: 1, id: 'b', at: 1, by: '' }
	]);
	assert.equal(run.done.size, 0);
});

test('names: every step has one and its interlocks, in one order; an own id says what it stands after', () => {
	assert.deepEqual(Object.keys(BEFORE), STEP_ORDER);
	assert.ok(STEP_ORDER.every((id) => STEP_NAMES[id] !== ''));
	assert.equal(afterOf('own:last-look:12'), 'last-look');
	for (const no of ['seal', 'own:seal', 'own:seal:0', 'own:glue:1', 'own:constructor:1', 'own:own:seal:1', 'OWN:seal:1'])
		assert.equal(afterOf(no), null, no);
	assert.deepEqual(
		beforeOf('own:seal:1').map(({ step }) => step),
		['seal']
	);
});
