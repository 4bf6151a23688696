/** Reopened: what comes off, from the outside in, and only that; nothing is done inside before it is open. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../../tests/jobs.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import type { AnyStepId } from '../../stations/step.ts';
import type { Cause } from './causes.ts';
import { lockOf, nextStep } from './locks.ts';
import { stepsOfRun } from './opening.ts';
import { folded, type Deed } from './run.ts';
import { planSteps } from './steps.ts';

const LATER = 1e15;

/** A run of a package in which everything was done up to a step, and that was reopened then. */
function opened(cause: Cause, upTo: AnyStepId, changes: Partial<JobFile> = {}, ...then: Deed[]) {
	const file = workedJob(changes);
	const of = { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop), shop: builtInShop };
	const steps = planSteps(of.job, of.plan, builtInShop);
	const done = steps.slice(0, steps.findIndex(({ id }) => id === upTo) + 1);
	const deeds: Deed[] = [
		...done.map(({ id }): Deed => ({ kind: 'done', step: id })),
		{ kind: 'reopened', cause, minutes: 1 },
		...then
	];
	const run = folded(deeds.map((deed, at) => ({ ...deed, id: String(at), at, by: '' })));
	const after = stepsOfRun(steps, run, of);
	return { run, steps: after, opening: after.find(({ id }) => id === 'open-again'), order: after.map(({ id }) => id) };
}

test('after the last look: hangers, cover, tape, points and edge seal come off, in that order, before dust is looked for', () => {
	const { opening, order, steps, run } = opened('dust', 'wall', {
		back: { dustCover: true },
		guard: { ...workedJob().guard, edgeSeal: 'paper' }
	});
	assert.deepEqual(
		opening!.does.map((line) => line.replace(/\d+/, 'n')),
		[
			'Remove wire and hangers first.',
			'Cut the dust cover.',
			'Dampen the tape, wait, peel.',
			'Lift n points out with a tool.',
			'Slit the edge seal.',
			'Record what you remove, and why.'
		]
	);
	assert.equal(order[order.indexOf('open-again') + 1], 'dust-first');
	assert.equal(nextStep(run, steps, LATER)?.id, 'open-again');
	assert.match(lockOf('dust-first', run, steps, LATER)!.because, /Open a closed pack first/);
});

test('only what was closed comes off: off centre before any tape, nothing but points; hardware, nothing but hangers', () => {
	assert.equal(opened('dust', 'close-pack').opening, undefined);
	const pinned = opened('points-moved', 'centre').opening!;
	assert.equal(pinned.does.length, 2);
	assert.match(pinned.does[0]!, /^Lift \d+ points out/);
	assert.deepEqual(opened('hardware', 'wall').opening!.does, ['Remove the hangers.', 'Record what you remove, and why.']);
	assert.equal(opened('off-centre', 'centre').opening, undefined, 'nothing is over it yet');
	assert.deepEqual(opened('off-centre', 'seal').opening!.does[0], 'Dampen the tape, wait, peel.');
});

test('done, it stays in the list; opened once more it is done once more', () => {
	const done: Deed = { kind: 'done', step: 'open-again' };
	const once = opened('dust', 'wall', {}, done);
	assert.ok(once.run.done.has('open-again'));
	assert.equal(nextStep(once.run, once.steps, LATER)?.id, 'dust-first');
	const twice = opened(
		'dust',
		'wall',
		{},
		done,
		{ kind: 'done', step: 'dust-first' },
		{ kind: 'reopened', cause: 'dust', minutes: 1 }
	);
	assert.ok(!twice.run.done.has('open-again'));
	assert.equal(twice.opening, undefined, 'it was not closed meanwhile');
	assert.equal(nextStep(twice.run, twice.steps, LATER)?.id, 'dust-first');
});

test('a run that was never reopened has the steps of its package', () => {
	const file = workedJob();
	const of = { job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop), shop: builtInShop };
	const steps = planSteps(of.job, of.plan, builtInShop);
	assert.deepEqual(stepsOfRun(steps, folded([]), of), steps);
});
