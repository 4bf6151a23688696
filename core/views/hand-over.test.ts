import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../../tests/jobs.ts';
import { decide } from '../decide.ts';
import type { JobFile } from '../job/definition.ts';
import { readJob } from '../job/read.ts';
import { planDecided } from '../plan.ts';
import { builtInShop } from '../shop/shop.ts';
import { planSteps } from './bench/steps.ts';
import { folded, type RunEvent } from './bench/run.ts';
import { notDoneYet } from './hand-over.ts';

const decided = (): JobFile => workedJob({ guard: { backing: 'alkaline-corrugated' }, hold: { kind: 't-hinge' } });

function said(file: JobFile, events: RunEvent[] | 'all' | null, now = 1e9): string[] {
	const job = decide(readJob(file), builtInShop);
	const plan = planDecided(file, job, builtInShop);
	const steps = planSteps(job, plan, builtInShop);
	const all = steps.map(({ id }, at): RunEvent => ({ kind: 'done', step: id, id: `e${at}`, at: 1000 * at, by: 'RT' }));
	return notDoneYet({ plan, job }, steps, events === null ? null : folded(events === 'all' ? all : events), now);
}

test('what is done is handed over without a word; what is not is said once, in the order in which it matters', () => {
	assert.deepEqual(said(decided(), 'all'), []);
	assert.match(said(workedJob(), 'all')[0]!, /so the grade reached is not known/);
	assert.deepEqual(said(decided(), null), ['It was never started at the bench.']);
	const glued: RunEvent[] = [
		{ kind: 'begun', rev: 1, id: 'b', at: 1, by: '' },
		{ kind: 'done', step: 'ready', id: 'a', at: 2, by: '' },
		{ kind: 'done', step: 'join-frame', id: 'c', at: 3, by: '', waits: { minutes: 720, what: 'Glue and clamp' } }
	];
	const open = said(decided(), glued, 60_000);
	assert.match(open[0]!, /^\d+ steps at the bench not done: “Gather”, “.*”, “.*”, and \d+ more\.$/);
	assert.deepEqual(open.slice(1), ['Still drying: Glue and clamp.']);
	assert.equal(said(decided(), glued, 1e9).length, 1, 'dry by now');
});

test('stops, and what is not known, are said', () => {
	const stopped = said(workedJob({ aim: 'rare', guard: { glazing: 'none' } }), 'all');
	assert.match(stopped[0]!, /findings? stops? this plan: /);
	assert.match(
		said({ ...workedJob(), piece: { ...workedJob().piece, readings: {} } }, 'all')[0]!,
		/^Not known yet: one width and one height/
	);
});
