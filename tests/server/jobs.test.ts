/** Jobs in the database: their numbers, lists, ends, and what finds them; rows that never change. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { readJobNumber, showJobNumber } from '../../core/job/number.ts';
import type { Database } from '../../src/lib/server/db/database.ts';
import { selectJobs, selectUsing, usedAnywhere, type After, type Asked } from '../../src/lib/server/db/jobs.ts';
import { deleteUnnamedPictures, insertPicture, picturePieces, selectPicture } from '../../src/lib/server/db/pictures.ts';
import { deleteJob, listJobs, postJob, putState } from '../../src/lib/server/jobs.ts';
import { todayPage } from '../../src/lib/server/today.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

const titled = (title: string, more: JobFile['piece'] = {}): JobFile =>
	workedJob({ title, piece: { readings: { width: 402, height: 551 }, ...more } });
const EMPTY = { format: 'rare-keep/job', version: 1, unit: 'mm', piece: { readings: {} } };
/** Nothing of it is measured: kept a hundred times, it is planned in no time. */
const bare = (title: string) => ({ ...EMPTY, title });

onEachDatabase((here) => {
	const list = (asked: Partial<Asked>) => selectJobs(here.db, { find: '', after: null, state: null, order: 'newest', ...asked });
	const found = async (find: string) => (await list({ find })).jobs.map(({ number }) => showJobNumber(number));

	test('pages: each job once, the newest first, to the end', async () => {
		for (let count = 0; count < 130; count += 1) await here.kept(bare(`Piece ${count}`));
		const seen: number[] = [];
		let after: After = null;
		do {
			const page = await list({ after });
			seen.push(...page.jobs.map(({ number }) => number));
			after = page.next;
		} while (after);
		assert.equal(seen.length, 130);
		assert.deepEqual(
			seen,
			[...new Set(seen)].sort((one, other) => other - one)
		);
	});

	test('the most pressing first: by the day on which they are wanted, then the newest; pages go on where they ended', async () => {
		for (let count = 0; count < 70; count += 1)
			await here.kept({ ...bare(`Wanted ${count}`), dates: { wanted: `2026-0${1 + (count % 9)}-15` } });
		await here.kept({ ...titled('On no day that there is'), dates: { wanted: '2026-02-31' } });
		const seen: { wanted: string | null; number: number }[] = [];
		let after: After = null;
		do {
			const page = await list({ after, state: 'open', order: 'pressing' });
			seen.push(...page.jobs.map(({ wanted, number }) => ({ wanted, number })));
			after = page.next;
		} while (after);
		assert.equal(seen.length, 201);
		const pressing = [...seen].sort(
			(one, other) => (one.wanted ?? '9').localeCompare(other.wanted ?? '9') || other.number - one.number
		);
		assert.deepEqual(seen, pressing);
		assert.equal(seen.filter(({ wanted }) => wanted).length, 70);
	});

	test('found by number, title or maker, in either case and without accents; signs of a pattern are letters', async () => {
		await here.post(titled('Salt road', { maker: 'Écluse & fils' }), 'K-7001');
		await here.post(titled('100 % linen_rag'), 'K-7002');
		for (const [find, numbers] of [
			['salt road', ['K-7001']],
			['ecluse', ['K-7001']],
			['fil', ['K-7001']],
			['k-7002', ['K-7002']],
			['7002', ['K-7002']],
			['0 %', ['K-7002']],
			['n_r', ['K-7002']],
			['sa', ['K-7001']],
			['oad', ['K-7001']],
			['zz', []],
			["'; drop table job; --", []]
		] as const)
			assert.deepEqual(await found(find), numbers, find);
		const page = await todayPage(here.db, { find: ' ÉCLUSE ', shown: 'open', after: null }, '2026-06-01', null);
		assert.deepEqual(
			page.pieces.map(({ number }) => number),
			['K-7001']
		);
	});

	test('the head of a job follows its newest revision', async () => {
		await here.post(titled('Before'), 'K-7010');
		await here.put('K-7010', titled('After'), 1, 'renamed');
		const [listed] = (await list({ find: 'k-7010' })).jobs;
		assert.deepEqual([listed!.title, listed!.rev, listed!.aim], ['After', 2, 'keep']);
		assert.deepEqual(await found('before'), []);
		const { revisions } = (await here.revisions('K-7010')).body as { revisions: { rev: number; reason: string }[] };
		assert.deepEqual(
			revisions.map((one) => [one.rev, one.reason]),
			[
				[2, 'renamed'],
				[1, 'new']
			]
		);
	});

	test('a number stands once; those that are counted go on behind it, past 9 999 and over those that are taken', async () => {
		assert.equal((await here.post(titled('First'), 'K-9998')).status, 201);
		assert.equal((await here.post(titled('Second'), 'K-9998')).status, 409);
		assert.equal((await here.post(titled('Brought'), 'K-10001')).status, 201);
		// An older one that is brought along later does not set the counting back.
		assert.equal((await here.post(titled('Old'), 'K-0007')).status, 201);
		assert.equal(await here.kept(titled('Counted')), 'K-10002');
		await here.db.query("SELECT setval('job_number_seq', 9998)");
		assert.deepEqual(
			[await here.kept(titled('a')), await here.kept(titled('b')), await here.kept(titled('c'))],
			['K-9999', 'K-10000', 'K-10003']
		);
		assert.deepEqual(
			(await list({ find: 'k-1000' })).jobs.map(({ number }) => number),
			[10003, 10002, 10001, 10000]
		);
		assert.equal((await here.get('K-10003')).status, 200);
	});

	test('a number that is brought along is bounded, and what is counted goes on behind the highest', async () => {
		assert.equal((await postJob(here.db, titled('Too high'), { number: 10_000_000 })).status, 400);
		assert.equal((await here.post(titled('Highest'), 'K-9999999')).status, 201);
		assert.equal(await here.kept(titled('Behind it')), 'K-10000000');
		assert.equal((await here.get('K-10000000')).status, 200);
	});

	test('twenty at once: twenty numbers', async () => {
		const numbers = await Promise.all(Array.from({ length: 20 }, (_, index) => here.kept(titled(`At once ${index}`))));
		assert.equal(new Set(numbers).size, 20);
	});

	test('rows that never change raise an error when somebody tries', async () => {
		for (const sql of [
			"UPDATE job_revision SET reason = 'changed'",
			'DELETE FROM job_revision',
			'TRUNCATE job_revision CASCADE',
			'DELETE FROM job',
			"UPDATE picture SET type = 'image/gif'"
		]) {
			if (sql.includes('picture')) await insertPicture(here.db, 'a'.repeat(64), 'image/png', new Uint8Array([1]));
			await assert.rejects(here.db.query(sql), /never changed|never_changes|cannot truncate/, sql);
		}
		await assert.rejects(here.db.query('UPDATE job SET head_rev = 99'), /foreign key/);
		assert.equal((await here.revisions('K-7010')).status, 200);
	});

	test('jobs end: handed over and archived they leave the open ones, and are found; taken up again they are open', async () => {
		const number = await here.kept(titled('Ending'));
		const open = async () => (await list({ find: 'ending', state: 'open' })).jobs.length;
		assert.equal(await open(), 1);
		for (const state of ['handed-over', 'archived'] as const) {
			assert.equal((await putState(here.db, readJobNumber(number)!, state)).status, 200);
			assert.equal(await open(), 0);
			const [listed] = (await list({ find: 'ending' })).jobs;
			assert.equal(listed!.state, state);
		}
		await putState(here.db, readJobNumber(number)!, 'open');
		assert.equal(await open(), 1);
		const { rows } = await here.db.query<{ state: string }>(
			'SELECT job_state.state FROM job_state JOIN job ON job.id = job_id WHERE number = $1 ORDER BY job_state.id',
			[readJobNumber(number)]
		);
		assert.deepEqual(
			rows.map(({ state }) => state),
			['handed-over', 'archived', 'open']
		);
		assert.equal((await putState(here.db, 99_999, 'archived')).status, 404);
	});

	test('a piece in which nothing is decided is deleted, another is not; its number is not given again', async () => {
		const empty = await here.kept(EMPTY);
		assert.equal((await deleteJob(here.db, readJobNumber(empty)!)).status, 200);
		assert.equal((await here.get(empty)).status, 404);
		assert.equal((await here.put(empty, titled('Late'), 1)).status, 404);
		assert.equal((await here.revisions(empty)).status, 404);
		assert.equal((await deleteJob(here.db, readJobNumber(empty)!)).status, 404);
		assert.notEqual(await here.kept(EMPTY), empty);
		const full = await here.kept(titled('Kept'));
		assert.equal((await deleteJob(here.db, readJobNumber(full)!)).status, 409);
		assert.equal((await here.get(full)).status, 200);
	});

	test('asked for twice, or by ten at once, a new piece is one empty piece; one in inches is another', async () => {
		const ask = async (unit = 'mm') => (await postJob(here.db, { ...EMPTY, unit }, { orEmpty: true })).body as { number: string };
		const numbers = await Promise.all(Array.from({ length: 10 }, () => ask()));
		assert.equal(new Set(numbers.map(({ number }) => number)).size, 1);
		const [{ number }] = numbers as [{ number: string }];
		assert.notEqual((await ask('in')).number, number);
		await here.put(number, titled('Begun'), 1);
		assert.notEqual((await ask()).number, number, 'what is decided is a piece of its own');
		assert.equal((await postJob(here.db, titled('Full'), { orEmpty: true })).status, 201);
	});

	test('which job uses a material is known by an index: of any revision, and of the head', async () => {
		const number = await here.kept(workedJob({ title: 'Uses', guard: { barrier: 'polyester-film' } }));
		const all = await usedAnywhere(here.db, ['polyester-film', 'cotton-4', 'no-such-board']);
		assert.ok(all.has('polyester-film') && !all.has('no-such-board'));
		const using = async () => (await selectUsing(here.db, ['polyester-film'], 10)).map((job) => showJobNumber(job.number));
		assert.deepEqual(await using(), [number]);
		await here.put(number, workedJob({ title: 'Uses none' }), 1);
		assert.deepEqual(await using(), []);
		assert.ok((await usedAnywhere(here.db, ['polyester-film'])).has('polyester-film'), 'a revision still does');
	});

	test('a picture that no job names goes after a month; one that any revision names stays', async () => {
		const [named, unnamed, young] = ['b', 'c', 'd'].map((letter) => letter.repeat(64)) as [string, string, string];
		for (const sum of [named, unnamed]) {
			await here.db.query("INSERT INTO picture (sum, type, size, at) VALUES ($1, 'image/png', 3, now() - interval '31 days')", [
				sum
			]);
			await here.db.query("INSERT INTO picture_piece (sum, place, bytes, at) VALUES ($1, 0, $2, now() - interval '31 days')", [
				sum,
				new Uint8Array([1, 2, 3])
			]);
		}
		await insertPicture(here.db, young, 'image/png', new Uint8Array([4]));
		const number = await here.kept(titled('Pictured', { picture: named }));
		await here.put(number, titled('Not pictured'), 1);
		assert.equal(await deleteUnnamedPictures(here.db, 30), 1);
		assert.equal(await selectPicture(here.db, unnamed), null);
		assert.ok(await selectPicture(here.db, named));
		const pieces: number[][] = [];
		for await (const piece of picturePieces(here.db, named, 3)) pieces.push([...piece]);
		assert.deepEqual(pieces, [[1, 2, 3]]);
		assert.deepEqual(
			(await here.db.query('SELECT sum FROM picture_piece WHERE sum = ANY($1::text[]) ORDER BY sum', [[named, unnamed, young]]))
				.rows,
			[{ sum: named }, { sum: young }]
		);
		assert.ok(await selectPicture(here.db, young));
	});

	test('what is kept is announced after it is kept, and nothing that was undone', async () => {
		const heard = await announced(here.db);
		await assert.rejects(
			here.db.transaction(async (tx) => {
				await tx.query("SELECT pg_notify('rare_keep', 'never')");
				throw new Error('undone');
			}),
			/undone/
		);
		const number = await here.kept(titled('Announced'));
		await here.put(number, titled('Announced again'), 1);
		const of = { job: readJobNumber(number) };
		assert.deepEqual(await heard(2), [
			{ ...of, rev: 1, state: 'open' },
			{ ...of, rev: 2, state: 'open' }
		]);
	});

	test('two processes on one server: one migrates, both serve one house', async () => {
		if (!here.another) return;
		const [one, other] = await Promise.all([here.another(), here.another()]);
		const heard = await announced(other.db);
		const made = (await postJob(one.db, titled('By the first'))).body as { number: string };
		assert.deepEqual((await heard(1))[0], { job: readJobNumber(made.number), rev: 1, state: 'open' });
		const answers = await Promise.all(
			[one, other].map(({ db }) => listJobs(db, { find: 'by the first', after: null, state: null, order: 'newest' }))
		);
		for (const { body } of answers) assert.equal((body as { jobs: unknown[] }).jobs.length, 1);
		await Promise.all([one.close(), other.close()]);
	});
});

/** What the database announces from here on. @returns what came, once there is so much of it */
async function announced(db: Database): Promise<(count: number) => Promise<object[]>> {
	const heard: object[] = [];
	let more = () => {};
	await db.listen(
		(text) => {
			heard.push(JSON.parse(text) as object);
			more();
		},
		() => assert.fail('it never breaks off')
	);
	return async (count) => {
		while (heard.length < count) await new Promise<void>((resolve) => (more = resolve));
		return heard;
	};
}
