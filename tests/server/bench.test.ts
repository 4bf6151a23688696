/** The bench: what was done is kept event by event, once each, in one order for every device. */
import assert from 'node:assert/strict';
import { randomUUID } from 'node:crypto';
import { test } from 'node:test';
import { folded, type Deed } from '../../core/views/bench/run.ts';
import { getBench, getLost, getOpenRuns, postBench, type BenchAnswer, type OpenRun } from '../../src/lib/server/bench.ts';
import { deleteUnnamedPictures, insertPicture, selectPicture } from '../../src/lib/server/db/pictures.ts';
import { postJob } from '../../src/lib/server/jobs.ts';
import { readJobNumber } from '../../core/job/number.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';
import { bytesOf } from './bytes-of.ts';

const HOUR = 3_600_000;

onEachDatabase((here) => {
	const newJob = async () => {
		const { body } = await postJob(here.db, workedJob());
		return readJobNumber((body as { number: string }).number)!;
	};
	const sent = (deed: Deed, more: { id?: string; by?: string; ageMs?: number } = {}) => ({
		id: randomUUID(),
		by: 'OB',
		deed,
		...more
	});
	const post = async (job: number, events: object[], after = 0) => {
		const answer = await postBench(here.db, job, bytesOf({ events }), after);
		assert.equal(answer.status, 200, JSON.stringify(answer.body));
		return answer.body as BenchAnswer;
	};
	const get = async (job: number, after = 0) => (await getBench(here.db, job, after)).body as BenchAnswer;
	const begun = () => sent({ kind: 'begun', rev: 1 });
	const counted = (more: number) => sent({ kind: 'counted', step: 'fit-all', more });
	const done = (step: 'ready' | 'gather' | 'hinge', more: object = {}) => sent({ kind: 'done', step }, more);

	test('what is sent is kept in its order, and once: sent twice it is there once', async () => {
		const job = await newJob();
		const events = [begun(), done('ready'), done('gather')];
		const first = await post(job, events);
		assert.deepEqual(
			first.events.map(({ kind }) => kind),
			['begun', 'done', 'done']
		);
		assert.deepEqual((await post(job, events)).events, first.events);
		assert.deepEqual(await get(job).then((all) => all.events), first.events);
		const after = await post(job, [done('hinge')], first.events.at(-1)!.n);
		assert.deepEqual(
			after.events.map(({ kind }) => kind),
			['done']
		);
		assert.deepEqual([...folded((await get(job)).events).done.keys()], ['ready', 'gather', 'hinge']);
	});

	test('two devices that begin at once are on one run; what each did is there once', async () => {
		const job = await newJob();
		const [one, other] = [
			[begun(), done('ready')],
			[begun(), done('ready'), done('gather')]
		];
		await Promise.all([post(job, one), post(job, other)]);
		const { events, run } = await get(job);
		assert.equal(events.length, 5);
		assert.deepEqual([...folded(events).done.keys()], ['ready', 'gather']);
		assert.equal((await get(job)).run, run);
	});

	test('the time is the server’s, less what passed since: a device’s own clock is not asked', async () => {
		const job = await newJob();
		const before = Date.now();
		const { events, now } = await post(job, [{ ...begun(), ageMs: HOUR }, done('ready')]);
		assert.ok(Math.abs(events[0]!.at - (before - HOUR)) < 30_000, String(events[0]!.at - before));
		assert.ok(Math.abs(events[1]!.at - now) < 30_000);
	});

	test('a run that has ended: what comes late belongs to it, what begins is a new one, opening it again goes on with it', async () => {
		const job = await newJob();
		const { run } = await post(job, [begun(), done('ready'), sent({ kind: 'ended' })]);
		assert.equal((await get(job)).ended, true);
		const late = await post(job, [done('gather')]);
		assert.deepEqual([late.run, late.ended, late.events.length], [run, true, 4]);
		const opened = await post(job, [sent({ kind: 'reopened', cause: 'lint', minutes: 12 })]);
		assert.deepEqual([opened.run, opened.ended], [run, false]);
		await post(job, [sent({ kind: 'ended' })]);
		const next = await post(job, [begun()]);
		assert.notEqual(next.run, run);
		assert.deepEqual(
			next.events.map(({ kind }) => kind),
			['begun']
		);
	});

	test('every open run with what dries, and minutes lost by cause', async () => {
		const job = await newJob();
		const lint: Deed = { kind: 'looked', step: 'dust-first', clean: false, cause: 'lint', minutes: 4 };
		const before = ((await getLost(here.db)).body as { lost: { cause: string; kind: string; minutes: number; count: number }[] })
			.lost;
		const waits = { minutes: 45, what: 'Hinges' };
		const { events } = await post(job, [
			begun(),
			sent({ kind: 'done', step: 'hinge', waits }),
			sent(lint),
			sent(lint),
			sent({ kind: 'looked', step: 'dust-first', clean: true })
		]);
		const { runs } = (await getOpenRuns(here.db)).body as { runs: OpenRun[] };
		const mine = runs.find(({ number }) => readJobNumber(number) === job)!;
		assert.deepEqual(mine.waits, [{ step: 'hinge', what: 'Hinges', from: events[1]!.at, until: events[1]!.at + 45 * 60_000 }]);
		assert.deepEqual([mine.done, mine.by], [1, 'OB']);
		const { lost } = (await getLost(here.db)).body as { lost: typeof before };
		const of = (list: typeof before) =>
			list.find(({ cause, kind }) => cause === 'lint' && kind === 'looked') ?? { minutes: 0, count: 0 };
		assert.equal(of(lost).minutes - of(before).minutes, 8);
		assert.equal(of(lost).count - of(before).count, 2);
	});

	test('a step of the shop’s own, and the pieces of a batch one by one', async () => {
		const job = await newJob();
		await post(job, [begun(), sent({ kind: 'done', step: 'own:seal:1' }), counted(1), counted(1), counted(-1)]);
		const run = folded((await get(job)).events);
		assert.deepEqual([[...run.done.keys()], run.counted.get('fit-all')], [['own:seal:1'], 1]);
	});

	test('bad input is named; nothing of it is kept', async () => {
		const job = await newJob();
		const faultOf = async (events: unknown) => {
			const { status, body } = await postBench(here.db, job, bytesOf({ events }), 0);
			assert.equal(status, 400);
			return (body as { faults: { path: string; says: string }[] }).faults.map(({ path, says }) => `${path}: ${says}`);
		};
		assert.match((await faultOf([]))[0]!, /Send at least one/);
		assert.match((await faultOf([{ ...begun(), id: '1' }]))[0]!, /^events\[0\]\.id: An id must be a UUID/);
		assert.match((await faultOf([{ ...begun(), deed: { kind: 'danced' } }]))[0]!, /^events\[0\]\.deed\.kind: /);
		assert.match((await faultOf([sent({ kind: 'done', step: 'dance' as 'ready' })]))[0]!, /^events\[0\]\.deed\.step: /);
		assert.match((await faultOf([sent({ kind: 'done', step: 'own:dance:1' as 'ready' })]))[0]!, /^events\[0\]\.deed\.step: /);
		assert.match((await faultOf([sent({ kind: 'counted', step: 'fit-all', more: 0 })]))[0]!, /deed\.more: /);
		assert.match((await faultOf([{ ...begun(), deed: { kind: 'begun', rev: 1, more: 1 } }]))[0]!, /deed\.more: /);
		assert.match((await faultOf([{ ...begun(), ageMs: -5 }]))[0]!, /ageMs: -5 is below 0/);
		assert.equal((await get(job)).run, 0);
		const notBegun = await postBench(here.db, job, bytesOf({ events: [done('ready')] }), 0);
		assert.equal(notBegun.status, 409);
		assert.equal((await postBench(here.db, 999_999, bytesOf({ events: [begun()] }), 0)).status, 404);
		const many = [begun(), ...Array.from({ length: 300 }, () => counted(1))];
		const wrong = many.map((event, index) => (index === 270 ? { ...event, ageMs: -5 } : event));
		assert.match((await faultOf(wrong))[0]!, /^events\[270\]\.ageMs: /, 'a long list, read in a thread');
		assert.match((await faultOf(Array.from({ length: 501 }, begun)))[0]!, /^events: Send at most 500 at once/);
		assert.equal((await get(job)).run, 0);
		await post(job, many);
		assert.equal(folded((await get(job)).events).counted.get('fit-all'), 300);
	});

	test('what was done is never changed, and its photographs stay', async () => {
		const job = await newJob();
		const sum = 'ab'.repeat(32);
		await insertPicture(here.db, sum, 'image/png', new Uint8Array([1]));
		await post(job, [begun(), sent({ kind: 'photographed', side: 'front', picture: sum })]);
		for (const statement of [
			"UPDATE bench_event SET done_by = 'X'",
			'DELETE FROM bench_event',
			'TRUNCATE bench_event CASCADE',
			'DELETE FROM bench_run'
		])
			await assert.rejects(here.db.query(statement), /never/);
		await deleteUnnamedPictures(here.db, -1);
		assert.ok(await selectPicture(here.db, sum));
	});
});
