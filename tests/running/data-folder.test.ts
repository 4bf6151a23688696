import assert from 'node:assert/strict';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { workedJob } from '../jobs.ts';
import { selectJobs } from '../../src/lib/server/db/jobs.ts';
import { openDatabase, type OpenDatabase } from '../../src/lib/server/db/open.ts';
import { getJob, getRevisions, postJob, putJob } from '../../src/lib/server/jobs.ts';

let open: OpenDatabase;
const folder = mkdtempSync(join(tmpdir(), 'rare-keep-list-'));
before(async () => {
	open = await openDatabase(folder);
});
after(async () => {
	await open.close();
	rmSync(folder, { recursive: true, force: true });
});

const titled = (title: string, maker = ''): JobFile =>
	workedJob({ title, piece: { readings: { width: 402, height: 551 }, ...(maker ? { maker } : {}) } });
const numbersOf = async (find: string, from = '') => (await selectJobs(open.db, find, from)).jobs.map((job) => job.number);

test('pages by number: each job once, in order, to the end', async () => {
	for (let count = 0; count < 130; count += 1) assert.equal((await postJob(open.db, titled(`Piece ${count}`), null)).status, 201);
	const seen: string[] = [];
	let from = '';
	for (let page = 0; page < 20; page += 1) {
		const { jobs, next } = await selectJobs(open.db, '', from);
		seen.push(...jobs.map((job) => job.number));
		if (next === null) break;
		from = next;
	}
	assert.equal(seen.length, 130);
	assert.deepEqual([...new Set(seen)].sort(), seen);
});

test('found by number, title or maker, in either case; signs of a pattern are letters', async () => {
	await postJob(open.db, titled('Salt road', 'Harbour office'), 'K-7001');
	await postJob(open.db, titled('100 % linen_rag'), 'K-7002');
	assert.deepEqual(await numbersOf('salt ROAD'), ['K-7001']);
	assert.deepEqual(await numbersOf('harbour'), ['K-7001']);
	assert.deepEqual(await numbersOf('k-7002'), ['K-7002']);
	assert.deepEqual(await numbersOf('%'), ['K-7002']);
	assert.deepEqual(await numbersOf('n_r'), ['K-7002']);
	assert.deepEqual(await numbersOf("'; DROP TABLE job; --"), []);
	assert.equal((await getJob(open.db, 'K-7001', null)).status, 200);
});

test('the head of a job follows its newest revision', async () => {
	await postJob(open.db, titled('Before'), 'K-7010');
	await putJob(open.db, 'K-7010', titled('After'), '"1"', 'renamed');
	const [listed] = (await selectJobs(open.db, 'K-7010', '')).jobs;
	assert.deepEqual([listed!.title, listed!.rev, listed!.aim], ['After', 2, 'keep']);
	assert.deepEqual(await numbersOf('Before'), []);
	const { revisions } = (await getRevisions(open.db, 'K-7010')).body as { revisions: { rev: number; reason: string }[] };
	assert.deepEqual(
		revisions.map((one) => [one.rev, one.reason]),
		[
			[2, 'renamed'],
			[1, 'new']
		]
	);
});

test('a number stands once, and only as numbers are written', async () => {
	await postJob(open.db, titled('First'), 'K-7020');
	assert.equal((await postJob(open.db, titled('Second'), 'K-7020')).status, 409);
	for (const number of ['7020', 'K-', 'K-12', "K-1'--", 'k-7021', 'K-70211234567']) {
		assert.equal((await postJob(open.db, titled('Odd'), number)).status, 400, number);
	}
	assert.equal((await getRevisions(open.db, 'K-7999')).status, 404);
});

test('a save needs the revision that it began with', async () => {
	await postJob(open.db, titled('One'), 'K-7030');
	assert.equal((await putJob(open.db, 'K-7030', titled('Two'), null, '')).status, 428);
	for (const tag of ['1', 'W/"1"', '"one"', '*', '""']) {
		assert.ok([400, 428].includes((await putJob(open.db, 'K-7030', titled('Two'), tag, '')).status), tag);
	}
	assert.equal((await putJob(open.db, 'K-7031', titled('Two'), '"1"', '')).status, 404);
	const conflict = await putJob(open.db, 'K-7030', titled('Two'), '"2"', '');
	assert.equal(conflict.status, 409);
	assert.equal((conflict.body as { rev: number }).rev, 1);
});

test('closed and opened again, the folder holds all of it; begun anew, none', async () => {
	await open.close();
	assert.equal(existsSync(join(folder, 'lock')), false);
	open = await openDatabase(folder);
	assert.deepEqual(await numbersOf('salt road'), ['K-7001']);
	await open.close();
	open = await openDatabase(folder, true);
	assert.deepEqual(await numbersOf(''), []);
	assert.equal((await postJob(open.db, titled('First again'), null)).status, 201);
});
