/** The runs of the demo are done as a bench would let them be done: each step is one of its package’s, and nothing locks it by then. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { decide } from '../../core/decide.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { readJob } from '../../core/job/read.ts';
import { plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { lockOf } from '../../core/views/bench/locks.ts';
import { folded, type Deed, type RunEvent } from '../../core/views/bench/run.ts';
import { planSteps } from '../../core/views/bench/steps.ts';

const MINUTE_MS = 60_000;
const read = <T>(path: string): T => JSON.parse(readFileSync(path, 'utf8')) as T;
const runs = read<Record<string, { by: string; events: [number, Deed][] }>>('demo/bench.json');

for (const [number, { by, events }] of Object.entries(runs))
	test(`${number} at the bench: every step that is done could be done then, and what dries is what its step says`, () => {
		const file = read<JobFile>(`demo/jobs/${number}.json`);
		const steps = planSteps(decide(readJob(file), builtInShop), plan(file, builtInShop), builtInShop);
		const happened = events.map(([ago, deed], at): RunEvent => ({ ...deed, id: `${at}`, at: -ago * MINUTE_MS, by }));
		for (const [at, event] of happened.entries()) {
			if (event.kind !== 'done') continue;
			const step = steps.find(({ id }) => id === event.step);
			assert.ok(step, `${event.step} is a step of it`);
			assert.equal(lockOf(event.step, folded(happened.slice(0, at)), steps, event.at), null, event.step);
			assert.deepEqual(event.waits, step.waitMinutes ? { minutes: step.waitMinutes, what: step.title } : undefined, event.step);
		}
	});
