/** What steps at the bench take from stock: once, whole pieces and metres counted off, given back when a step is taken back. */
import assert from 'node:assert/strict';
import { randomUUID } from 'node:crypto';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { readJobNumber } from '../../core/job/number.ts';
import type { Deed } from '../../core/views/bench/run.ts';
import { postBench } from '../../src/lib/server/bench.ts';
import { partsLeft } from '../../src/lib/server/cutting.ts';
import { insertJob, selectJob } from '../../src/lib/server/db/jobs.ts';
import { selectThings, type KeptMovement } from '../../src/lib/server/db/stock.ts';
import { getMovements, postStock } from '../../src/lib/server/stock.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';
import { bytesOf } from './bytes-of.ts';

const WIRED: JobFile = {
	hang: { by: 'wire' },
	back: { seal: null, dustCover: true },
	guard: { ...workedJob().guard, edgeSeal: null }
};
const TAPED: JobFile = { guard: { ...workedJob().guard, edgeSeal: 'aluminium-laminate' } };

onEachDatabase((here) => {
	const newJob = async (changes: JobFile) => readJobNumber(await here.kept(workedJob(changes)))!;
	const arrive = async (material: string, count: number, place = '') =>
		((await postStock(here.db, { kind: 'thing', material, count, place })).body as { id: number }).id;
	const post = async (job: number, ...deeds: Deed[]) => {
		const events = deeds.map((deed) => ({ id: randomUUID(), by: 'OB', deed }));
		const answer = await postBench(here.db, job, bytesOf({ events }), 0);
		assert.equal(answer.status, 200, JSON.stringify(answer.body));
		return events;
	};
	const begun: Deed = { kind: 'begun', rev: 1 };
	const there = async (material: string) =>
		(await selectThings(here.db)).filter((one) => one.material === material).map(({ present }) => present);
	const movements = async (id: number) =>
		((await getMovements(here.db, id)).body as { movements: KeptMovement[] }).movements.map(
			({ kind, present, job }) => `${kind} ${present}${job === null ? '' : ` ${job}`}`
		);
	/** What the job still wants of what is counted. */
	async function wants(job: number): Promise<Record<string, number>> {
		const [asked] = await partsLeft(here.db, [{ number: job, file: (await selectJob(here.db, job, null))!.spec }]);
		return Object.fromEntries(asked!.things.map(({ material, amount }) => [material, amount]));
	}

	test('rings at the hangers, hooks at the wall: once, however often it is sent; taken back they lie there again', async () => {
		const job = await newJob(WIRED);
		const wanted = await wants(job);
		const ring = Object.keys(wanted).find((id) => id.startsWith('ring-'))!;
		assert.equal(wanted[ring], 2);
		const id = await arrive(ring, 5, 'drawer 4');
		const events = await post(job, begun, { kind: 'done', step: 'hang' });
		assert.deepEqual(await there(ring), [3]);
		await postBench(here.db, job, bytesOf({ events }), 0);
		await post(job, { kind: 'done', step: 'hang' });
		assert.deepEqual(await there(ring), [3]);
		assert.equal((await wants(job))[ring], undefined, 'what is screwed on is wanted no more');
		await post(job, { kind: 'undone', step: 'hang' });
		assert.deepEqual(await there(ring), [5]);
		assert.equal((await wants(job))[ring], 2);
		await post(job, { kind: 'done', step: 'hang' });
		assert.deepEqual(await movements(id), ['arrived 5', `used -2 ${job}`, `returned 2 ${job}`, `used -2 ${job}`]);
		// Reopened they are screwed off and on: no new ones.
		await post(job, { kind: 'reopened', cause: 'dust', minutes: 4 }, { kind: 'done', step: 'hang' });
		assert.deepEqual(await there(ring), [3]);
	});

	test('what did not lie there is not given back: of two that were wanted the one there is', async () => {
		const job = await newJob(WIRED);
		const ring = Object.keys(await wants(job)).find((id) => id.startsWith('ring-'))!;
		const before = (await there(ring)).reduce((sum, count) => sum + count, 0);
		// Everything that lies there but one is taken by somebody else.
		const other = await newJob(WIRED);
		await arrive(ring, before % 2 === 0 ? 1 : 0);
		for (let left = (await there(ring)).reduce((sum, count) => sum + count, 0); left > 1; left -= 2) {
			const next = await newJob(WIRED);
			await post(next, begun, { kind: 'done', step: 'hang' });
		}
		const sum = async () => (await there(ring)).reduce((all, count) => all + count, 0);
		assert.equal(await sum(), 1);
		await post(job, begun, { kind: 'done', step: 'hang' });
		assert.equal(await sum(), 0);
		await post(job, { kind: 'undone', step: 'hang' });
		assert.equal(await sum(), 1, 'one was taken, one is given back');
		await post(job, { kind: 'done', step: 'hang' });
		await arrive(ring, 4);
		await post(other, begun, { kind: 'done', step: 'hang' });
		assert.equal(await sum(), 2);
		await post(other, { kind: 'undone', step: 'hang' });
		assert.equal(await sum(), 4, 'what another run missed is not held against this one');
	});

	test('tape is counted off by whole metres, over all jobs; reopened it is spent anew', async () => {
		const TAPE = 'aluminium-laminate';
		const [first, second] = [await newJob(TAPED), await newJob(TAPED)];
		const each = (await wants(first))[TAPE]!;
		assert.ok(each > 1 && each % 1 > 0.01, String(each));
		await arrive(TAPE, 40);
		const left = (used: number) => 40 - Math.floor(used * each);
		await post(first, begun, { kind: 'done', step: 'edge-seal' });
		assert.deepEqual(await there(TAPE), [left(1)]);
		await post(second, begun, { kind: 'done', step: 'edge-seal' });
		assert.deepEqual(await there(TAPE), [left(2)]);
		await post(second, { kind: 'reopened', cause: 'dust', minutes: 4 }, { kind: 'done', step: 'edge-seal' });
		assert.deepEqual(await there(TAPE), [left(3)]);
		await post(second, { kind: 'undone', step: 'edge-seal' });
		await post(first, { kind: 'undone', step: 'edge-seal' });
		assert.deepEqual(await there(TAPE), [left(1)]);
		// All but a whisker: what came and went comes out even.
		await post(first, { kind: 'done', step: 'edge-seal' });
		await post(second, { kind: 'done', step: 'edge-seal' });
		assert.deepEqual(await there(TAPE), [left(3)]);
	});

	test('the oldest line first; of what is not there nothing is taken, and never less than nothing is left', async () => {
		const job = await newJob(WIRED);
		const hook = Object.keys(await wants(job)).find((id) => id.startsWith('hook-'))!;
		const two = (await wants(job))[hook]!;
		assert.equal(two, 2);
		await arrive(hook, 1, 'old drawer');
		await arrive(hook, 4, 'new drawer');
		await post(job, begun, { kind: 'done', step: 'wall' });
		assert.deepEqual(await there(hook), [3]);
		const others = [await newJob(WIRED), await newJob(WIRED)];
		for (const other of others) await post(other, begun, { kind: 'done', step: 'wall' });
		assert.deepEqual(await there(hook), []);
	});

	test('two devices at once take it once; a piece that is practised on takes nothing', async () => {
		const job = await newJob(WIRED);
		const ring = Object.keys(await wants(job)).find((id) => id.startsWith('ring-'))!;
		const before = (await there(ring))[0]!;
		await post(job, begun);
		await Promise.all(Array.from({ length: 6 }, () => post(job, { kind: 'done', step: 'hang' })));
		assert.deepEqual(await there(ring), [before - 2]);
		const facts = { title: '', maker: '', owner: '', aim: 'keep', reached: null, empty: false, wanted: null, words: '' };
		const practised = await insertJob(
			here.db,
			workedJob(WIRED),
			{ ...facts, standing: 'ready', plannedFor: '', materials: [], pictures: [] },
			{ number: null, orEmptyIn: null, practice: { untouched: async () => null, write: async () => {} } }
		);
		assert.ok(practised.kind === 'kept');
		await post(practised.number, begun, { kind: 'done', step: 'hang' });
		assert.deepEqual(await there(ring), [before - 2]);
	});
});
