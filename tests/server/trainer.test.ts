/** The trainer: a case is a job of its own on no list of the shop's; each try is judged as it is kept, and written down for good. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readJobNumber } from '../../core/job/number.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { folded } from '../../core/views/bench/run.ts';
import { CASE_IDS, caseOf } from '../../core/views/trainer/cases/all.ts';
import { getBench, getLost, getOpenRuns, postBench, type BenchAnswer } from '../../src/lib/server/bench.ts';
import { changeState, countOpen, selectJobs, selectOpen } from '../../src/lib/server/db/jobs.ts';
import { selectNear } from '../../src/lib/server/db/today.ts';
import { postJob, putJob } from '../../src/lib/server/jobs.ts';
import { getTrainer, postJudge, postPlay, type CaseRecord, type JudgeAnswer } from '../../src/lib/server/trainer.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';
import { bytesOf } from './bytes-of.ts';

onEachDatabase((here) => {
	const play = async (id: string) => {
		const { status, body } = await postPlay(here.db, id);
		assert.equal(status, 201);
		const { number, at } = body as { number: string; at: string };
		return { number: readJobNumber(number)!, shown: number, at };
	};
	const judge = async (number: number, body: object = {}) => {
		const answer = await postJudge(here.db, number, { by: 'OB', ...body });
		assert.equal(answer.status, 200, JSON.stringify(answer.body));
		return answer.body as JudgeAnswer;
	};
	const records = async () => ((await getTrainer(here.db)).body as { cases: CaseRecord[] }).cases;

	test('every case can be begun: numbered apart, at the bench where its fault lies there, and not solved as it is', async () => {
		for (const id of CASE_IDS) {
			const { number, shown, at } = await play(id);
			assert.match(shown, /^T-\d{4}$/);
			const isRun = 'done' in caseOf(id).fault;
			assert.equal(at, isRun ? `/jobs/${shown}/bench` : `/jobs/${shown}`);
			const { events } = (await getBench(here.db, number, 0)).body as BenchAnswer;
			assert.equal(folded(events).rev, isRun ? 1 : 0, id);
			const { solved, fault, station } = await judge(number);
			assert.deepEqual([solved, fault, station], [false, [], caseOf(id).station], id);
		}
		assert.equal((await postPlay(here.db, 'toString')).status, 404);
		assert.equal((await postPlay(here.db, 'nothing')).status, 404);
	});

	test('it is on no list, counts nowhere, and its numbers leave no gap in the shop’s own', async () => {
		const own = async () => readJobNumber(((await postJob(here.db, workedJob())).body as { number: string }).number)!;
		const before = await own();
		const { number } = await play('off-centre');
		assert.equal(await own(), before + 1);
		const open = await countOpen(here.db);
		assert.ok(!(await selectOpen(here.db, 1000)).some((job) => job.number === number));
		for (const state of [null, 'open'] as const) {
			const { jobs } = await selectJobs(here.db, { find: 'lamp room', after: null, state, order: 'newest' });
			assert.deepEqual(jobs, []);
		}
		assert.deepEqual(await selectNear(here.db, 'lamp rom'), []);
		const { runs } = (await getOpenRuns(here.db)).body as { runs: { number: string }[] };
		assert.ok(runs.every((run) => run.number.startsWith('K-')));
		await postBench(
			here.db,
			number,
			bytesOf({ events: [{ id: crypto.randomUUID(), deed: { kind: 'reopened', cause: 'off-centre', minutes: 9 } }] }),
			0
		);
		assert.deepEqual(((await getLost(here.db)).body as { lost: unknown[] }).lost, []);
		assert.equal(await changeState(here.db, number, 'archived'), null, 'it is not handed over, archived or deleted');
		assert.equal(await countOpen(here.db), open);
	});

	test('put right it is solved; told before, the record says so; tries are never changed', async () => {
		const { number } = await play('pulp-mat');
		const before = (await records()).find(({ id }) => id === 'pulp-mat')!;
		const told = await judge(number, { tell: true });
		assert.equal(told.fault[0]!.rule, 'board.touch-acidic');
		const file: JobFile = { ...caseOf('pulp-mat').job, mats: [{ board: 'cotton-4', colour: 'slate', lift: 4 }] };
		assert.equal((await putJob(here.db, number, file, 1, 'the board')).status, 200);
		const solved = await judge(number);
		assert.deepEqual([solved.solved, solved.fault[0]!.settled], [true, true]);
		const after = (await records()).find(({ id }) => id === 'pulp-mat')!;
		assert.deepEqual([after.tries - before.tries, after.solved - before.solved, after.told - before.told], [2, 1, 1]);
		assert.deepEqual(
			after.latest.slice(0, 2).map((one) => [one.by, one.solved, one.told]),
			[
				['OB', true, false],
				['OB', false, true]
			]
		);
		assert.ok(after.latest.every(({ minutes }) => minutes >= 0 && minutes < 5));
		await assert.rejects(here.db.query('UPDATE practice_try SET solved = true'));
		await assert.rejects(here.db.query('DELETE FROM practice_try'));
	});

	test('at the bench: what a helper did is there with his initials, each a minute after the other; undone, it is solved', async () => {
		const { number } = await play('hardware-first');
		const { events } = (await getBench(here.db, number, 0)).body as BenchAnswer;
		assert.ok(events.length > 5 && events.every(({ by }) => by === 'PA'));
		assert.ok(events.every((event, at) => at === 0 || event.at > events[at - 1]!.at));
		await postBench(
			here.db,
			number,
			bytesOf({ events: [{ id: crypto.randomUUID(), deed: { kind: 'undone', step: 'hang' } }] }),
			0
		);
		assert.equal((await judge(number)).solved, true);
	});

	test('only what is practised on is judged; bad input is named', async () => {
		const { body } = await postJob(here.db, workedJob());
		const own = readJobNumber((body as { number: string }).number)!;
		assert.equal((await postJudge(here.db, own, {})).status, 404);
		assert.equal((await postJudge(here.db, 2_000_999_999, {})).status, 404);
		const { number } = await play('one-tooth');
		const bad = await postJudge(here.db, number, { by: 'somebody else', tell: 'yes', more: 1 });
		assert.equal(bad.status, 400);
		assert.deepEqual((bad.body as { faults: { path: string }[] }).faults.map(({ path }) => path).sort(), ['by', 'more', 'tell']);
	});
});
