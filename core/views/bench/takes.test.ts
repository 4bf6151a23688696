/** What steps take from stock: all that the job takes of it, each at one step, and as often as the step was done. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { anyJob, anyPieceJob, workedJob } from '../../../tests/jobs.ts';
import { runs } from '../../../tests/thorough.ts';
import { decide } from '../../decide.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { thingsOf } from '../../nesting/items.ts';
import { plan } from '../../plan.ts';
import { builtInShop } from '../../shop/shop.ts';
import { takenBy } from '../cost/materials.ts';
import type { Deed, RunEvent } from './run.ts';
import { boughtByName } from '../cost/by-name.ts';
import { planSteps } from './steps.ts';
import { takesOf, timesDone, usedBy } from './takes.ts';

function made(file: JobFile) {
	const planned = { file, job: decide(readJob(file), builtInShop), plan: plan(file, builtInShop), shop: builtInShop };
	const steps = planSteps(planned.job, planned.plan, builtInShop);
	return { planned, steps, takes: takesOf(planned, steps) };
}
const events = (...deeds: Deed[]): RunEvent[] => deeds.map((deed, at) => ({ ...deed, id: String(at), at, by: '' }));
const done = (step: 'seal' | 'hang' | 'wall'): Deed => ({ kind: 'done', step });

test('property: where there are steps, they take together just what the job takes of what is counted', () => {
	const counted = new Set(thingsOf(builtInShop).map(({ id }) => id));
	fc.assert(
		fc.property(fc.oneof(anyJob, anyPieceJob), fc.integer({ min: 1, max: 4 }), (job, copies) => {
			const { planned, steps, takes } = made({ ...job, copies });
			if (steps.length === 0) return;
			const sums: Record<string, number> = {};
			for (const { material, amount } of takes) sums[material] = (sums[material] ?? 0) + amount;
			const ids = new Set(steps.map(({ id }) => id));
			const wanted = [
				...takenBy(planned).filter(({ material, unit }) => counted.has(material) && unit !== 'm2'),
				...boughtByName(planned).filter(({ step }) => ids.has(step))
			];
			for (const { material, amount } of wanted) assert.ok(Math.abs((sums[material] ?? 0) - amount) < 1e-9, material);
			assert.equal(Object.keys(sums).length, wanted.length);
		}),
		{ numRuns: runs(100) }
	);
});

test('the wire and its rings at the hangers, hooks at the wall, the seal’s tape where it is laid', () => {
	const { takes } = made(workedJob({ hang: { by: 'wire' }, guard: { ...workedJob().guard, edgeSeal: 'aluminium-laminate' } }));
	const at = (step: string) => takes.filter((one) => one.step === step).map(({ material, unit }) => `${material} ${unit}`);
	assert.deepEqual(at('wall').length, 1);
	assert.ok(at('hang').some((one) => one.startsWith('wire-')) && at('hang').some((one) => one.startsWith('ring-')));
	assert.deepEqual(at('edge-seal'), ['aluminium-laminate m']);
	assert.deepEqual(
		takes.filter(({ spent }) => spent).map(({ step }) => step),
		['edge-seal']
	);
});

test('as often as a step was done: pressed twice it is once, taken back it is not, reopened tape is spent anew and rings are not', () => {
	const reopened: Deed = { kind: 'reopened', cause: 'dust', minutes: 4 };
	const all = (...deeds: Deed[]) => timesDone(events(...deeds)).get('seal')?.all ?? 0;
	assert.equal(all(done('seal'), done('seal')), 1);
	assert.equal(all(done('seal'), { kind: 'undone', step: 'seal' }), 0);
	assert.equal(all(done('seal'), reopened), 1);
	assert.equal(all(done('seal'), reopened, done('seal')), 2);
	assert.equal(all(done('seal'), reopened, done('seal'), { kind: 'undone', step: 'seal' }), 1);
	// Of four alike one is reopened: a quarter of the tape.
	assert.equal(all(done('seal'), { ...reopened, pieces: 4 }, done('seal')), 1.25);
	const twice = events(done('seal'));
	assert.equal(timesDone([...twice, ...twice]).get('seal')!.all, 1, 'an event counts once');
	const takes = [
		{ step: 'seal' as const, material: 'tape', name: 'Tape', amount: 2.5, unit: 'm' as const, spent: true },
		{ step: 'hang' as const, material: 'ring', name: 'Ring', amount: 2, unit: 'count' as const, spent: false },
		{ step: 'wall' as const, material: 'hook', name: 'Hook', amount: 2, unit: 'count' as const, spent: false }
	];
	assert.deepEqual(usedBy(takes, events(done('seal'), done('hang'), reopened, done('seal'), done('hang'))), [
		{ step: 'seal', material: 'tape', amount: 5 },
		{ step: 'hang', material: 'ring', amount: 2 }
	]);
});
