/** Runs the tests of a file on both databases: the embedded one in memory, and a PostgreSQL server's, which `npm test` starts. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, before, describe } from 'node:test';
import { readJobNumber } from '../../core/job/number.ts';
import { WrittenJson, type Answer } from '../../src/lib/server/answer.ts';
import type { Database } from '../../src/lib/server/db/database.ts';
import { openDatabase, type OpenDatabase } from '../../src/lib/server/db/open.ts';
import { openPostgres } from '../../src/lib/server/db/postgres.ts';
import { getJob, getRevisions, postJob, putJob } from '../../src/lib/server/jobs.ts';
import { stopThreads } from '../../src/lib/server/threads/pool.ts';

/** One house on one of the databases, and the calls on it as their answers read. */
export type House = {
	db: Database;
	/** A second process's way to the same data; only on a server. */
	another: (() => Promise<OpenDatabase>) | null;
	post: (body: unknown, number?: string) => Promise<Answer>;
	/** Keeps a job. @returns its number */
	kept: (body: unknown) => Promise<string>;
	get: (number: string, rev?: number) => Promise<Answer>;
	put: (number: string, body: unknown, on: number, reason?: string) => Promise<Answer>;
	revisions: (number: string) => Promise<Answer>;
};

/** The everyday loop has no server; whatever tries all its cases has one. */
if (process.env.CASES === 'all' && !process.env.TEST_DATABASE_URL) throw new Error('TEST_DATABASE_URL is not set.');
export const DATABASES = process.env.TEST_DATABASE_URL ? (['embedded', 'server'] as const) : (['embedded'] as const);

/** Opening takes a second, and emptying a fraction of it. */
let embedded: Promise<OpenDatabase> | null = null;

/** The same database with nothing in it, as one of its own: nobody remembers what stood in it. */
async function emptied(opened: Promise<OpenDatabase>): Promise<OpenDatabase> {
	const { db } = await opened;
	const { rows } = await db.query<{ name: string }>(
		"SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'migration'"
	);
	await db.transaction((tx) =>
		tx.script(
			// Rows that are never deleted are let go by whoever plays back a copy.
			`SET LOCAL session_replication_role = replica; TRUNCATE ${rows.map(({ name }) => name).join(', ')} RESTART IDENTITY;
			 ALTER SEQUENCE job_number_seq RESTART`
		)
	);
	return { db: { ...db }, close: async () => {} };
}

export function onEachDatabase(run: (here: House) => void): void {
	for (const kind of DATABASES)
		describe(`on the ${kind === 'server' ? 'database server' : 'embedded database'}`, () => {
			const here = houseOf();
			let open: OpenDatabase;
			let drop = async () => {};
			before(async () => {
				if (kind === 'server') {
					const own = await newServerDatabase();
					drop = own.drop;
					here.another = () => openDatabase({ url: own.url });
					open = await openDatabase({ url: own.url });
				} else open = await emptied((embedded ??= openDatabase({ memory: testHouse('memory.tar') })));
				here.db = open.db;
			});
			after(async () => {
				await open?.close();
				await drop();
			});
			run(here);
		});
}

function houseOf(): House {
	const here = { another: null } as unknown as House;
	here.post = (body, number) => postJob(here.db, body, number === undefined ? {} : { number: readJobNumber(number)! });
	here.kept = async (body) => ((await here.post(body)).body as { number: string }).number;
	here.get = async (number, rev) => read(await getJob(here.db, readJobNumber(number)!, rev ?? null));
	here.put = (number, body, on, reason = '') => putJob(here.db, readJobNumber(number)!, body, on, reason);
	here.revisions = (number) => getRevisions(here.db, readJobNumber(number)!);
	return here;
}

/** A body as whoever asked reads it. */
export function read(answer: Answer): Answer {
	return answer.body instanceof WrittenJson ? { ...answer, body: JSON.parse(answer.body.text) } : answer;
}

/** What the test command has made to begin from (tests/running/make-house.ts). */
export function testHouse(name: 'memory.tar' | 'bare.tar'): Uint8Array<ArrayBuffer> {
	return readFileSync(join(process.env.TEST_HOUSE!, name));
}

// Once, after the last test: the next one would start them again.
after(async () => {
	await stopThreads();
	await (await embedded)?.close();
});

let made = 0;

/** A new database on the tests' server; the test command starts one. */
export async function newServerDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
	const server = process.env.TEST_DATABASE_URL;
	if (!server) throw new Error('TEST_DATABASE_URL is not set: run the tests by npm test.');
	const name = `house_${process.pid}_${(made += 1)}`;
	const own = new URL(server);
	own.pathname = `/${name}`;
	const asked = async (sql: string) => {
		const admin = await openPostgres(server, () => {});
		await admin.query(sql);
		await admin.close();
	};
	await asked(`CREATE DATABASE ${name}`);
	return { url: own.href, drop: () => asked(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`) };
}
