/** A house of 100 000 jobs, on both databases: the first page of Today, also while open jobs are planned anew, and finding, over HTTP. */
import { setTimeout as pause } from 'node:timers/promises';
import { shopNow } from '../src/lib/server/shop.ts';
import { openDatabase, type Where } from '../src/lib/server/db/open.ts';
import { startPostgres } from '../scripts/postgres.js';
import { workedJob } from '../tests/jobs.ts';
import { newFolder, removeFolder, startServer, type Server } from '../tests/running/server.ts';
import { report } from './report.ts';

const COUNT = 100_000;
const WORDS = [
	'tide',
	'chart',
	'harbour',
	'kelp',
	'salt',
	'road',
	'net',
	'loft',
	'gull',
	'buoy',
	'sound',
	'rope',
	'slip',
	'keel',
	'oar'
];

/** Jobs as the program keeps them, written in one go: a hundred thousand calls would take an hour. */
async function fill(where: Where): Promise<void> {
	const { db, close } = await openDatabase(where);
	const spec = JSON.stringify(workedJob());
	// As if it had been kept for the shop as it stands: planning a hundred thousand anew goes on beside for an hour.
	const { stands } = await shopNow(db);
	await db.transaction(async (tx) => {
		await tx.query(
			`INSERT INTO job (number, head_rev, title, maker, aim, reached, wanted, words, state, standing, planned_for)
			 SELECT n, 1, w[1 + n % 15] || ' ' || w[1 + n / 15 % 15] || ' ' || n, w[1 + n / 225 % 15], 'keep', 'show',
				CASE WHEN n % 3 = 0 THEN date '2026-01-01' + n % 700 ELSE 'infinity' END,
				w[1 + n % 15] || ' ' || w[1 + n / 15 % 15] || ' ' || n || ' ' || w[1 + n / 225 % 15], CASE WHEN n % 4 = 0 THEN 'archived' ELSE 'open' END,
				CASE WHEN n % 5 = 0 THEN 'stopped' WHEN n % 2 = 0 THEN 'ready' ELSE 'between' END, $3
			 FROM generate_series(1, $1::integer) AS n, (SELECT $2::text[] AS w) AS words`,
			[COUNT, WORDS, stands]
		);
		await tx.query(
			`INSERT INTO job_revision (job_id, rev, spec, author, reason)
			 SELECT id, 1, jsonb_set($1::jsonb, '{title}', to_jsonb(title)), '', 'new' FROM job`,
			[spec]
		);
		await tx.query(
			"INSERT INTO job_material (material, job_id, last_rev) SELECT unnest(ARRAY['cotton-4', 'uv-acrylic']), id, 1 FROM job"
		);
		await tx.query("SELECT setval('job_number_seq', $1)", [COUNT]);
	});
	await db.query('ANALYZE');
	await close();
}

/** All were planned for a shop that has changed since. */
async function outdate(where: Where): Promise<void> {
	const { db, close } = await openDatabase(where);
	await db.query("UPDATE job SET planned_for = 'before'");
	await db.query('ANALYZE');
	await close();
}

const timeOf = (server: Server) => async (path: string) => {
	const start = performance.now();
	const response = await fetch(server.address + path);
	await response.text();
	if (!response.ok) throw new Error(`${path}: ${response.status}`);
	return performance.now() - start;
};

/** Long enough for many rounds of planning to end between two pages. */
async function whilePlanning(name: string, server: Server): Promise<void> {
	const time = timeOf(server);
	for (let turn = 0; turn < 5; turn += 1) await time('/');
	const today: number[] = [];
	for (let turn = 0; turn < 200; turn += 1) {
		today.push(await time('/'));
		await pause(60);
	}
	report(`${name}: first page of Today while open jobs are planned anew`, today, 60);
}

async function measure(name: string, server: Server): Promise<void> {
	const time = timeOf(server);
	const cold = await time('/');
	console.log(`${name}: the first page of Today after the start ${cold.toFixed(0)} ms`);
	const today: number[] = [];
	for (let turn = 0; turn < 40; turn += 1) today.push(await time('/'));
	report(`${name}: first page of Today`, today.slice(5), 60);
	const finds: number[] = [];
	for (let turn = 0; turn < 60; turn += 1) {
		const word = WORDS[turn % WORDS.length]!;
		for (const find of [
			word,
			word.slice(0, 2),
			`${word} ${WORDS[(turn * 7) % 15]}`,
			`K-${10_000 + turn * 97}`,
			String(turn * 1013),
			`no ${word}ful`
		])
			finds.push(await time(`/api/jobs?find=${encodeURIComponent(find)}`));
	}
	report(`${name}: find`, finds.slice(20), 50);
}

const folder = newFolder();
const postgres = await startPostgres();
try {
	await fill({ folder });
	const embedded = await startServer(folder);
	await measure('embedded', embedded);
	await embedded.stop();
	await outdate({ folder });
	const embeddedAnew = await startServer(folder);
	await whilePlanning('embedded', embeddedAnew);
	await embeddedAnew.stop();
	await fill({ url: postgres.url });
	const settings = { DATABASE_URL: postgres.url };
	const server = await startServer(folder, 0, settings);
	await measure('server', server);
	await server.stop();
	await outdate({ url: postgres.url });
	const serverAnew = await startServer(folder, 0, settings);
	await whilePlanning('server', serverAnew);
	await serverAnew.stop();
} finally {
	await postgres.stop();
	removeFolder(folder);
}
