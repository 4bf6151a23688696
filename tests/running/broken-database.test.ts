/** A database that goes away while the program runs: what is answered, what is written down, and that it goes on when it is back. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { openPostgres } from '../../src/lib/server/db/postgres.ts';
import { newServerDatabase } from '../server/databases.ts';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer } from './server.ts';

test('away: 503 in a sentence, nothing of the piece in the log; back: it goes on by itself, and hears again', async () => {
	const folder = newFolder();
	const { url, drop } = await newServerDatabase();
	const server = await startServer(folder, 0, { DATABASE_URL: url });
	const admin = await openPostgres(process.env.TEST_DATABASE_URL!, () => {});
	const name = new URL(url).pathname.slice(1);
	try {
		const number = await keepJob(server.address, workedJob({ title: 'Secret piece' }));
		const put = (rev: number) =>
			send(server.address, 'PUT', `/api/jobs/${number}`, workedJob({ title: `Secret ${rev}` }), { 'if-match': `"${rev}"` });
		await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS false`);
		await admin.query('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = $1', [name]);
		const answer = await put(1);
		assert.equal(answer.status, 503);
		const { faults } = (await answer.json()) as { faults: { says: string }[] };
		assert.match(faults[0]!.says, /^The database does not answer\. /);
		assert.equal((await fetch(`${server.address}/health`)).status, 503);
		assert.match(server.said(), new RegExp(`"id":"${answer.headers.get('x-request-id')}"`));
		assert.match(server.said(), /"stack":/);
		assert.doesNotMatch(server.said(), /secret/i);
		await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS true`);
		assert.equal((await put(1)).status, 200);
		// The connection that listens is made anew within a second or two: what is kept from then on is heard.
		// A stream that was opened before that ends then, and is opened again, as a browser does.
		let heard = '';
		const leave = new AbortController();
		const listening = (async () => {
			while (!leave.signal.aborted) {
				const stream = await fetch(`${server.address}/api/events`, { signal: leave.signal });
				for await (const part of stream.body!.pipeThrough(new TextDecoderStream())) heard += part;
			}
		})().catch(() => {});
		for (let rev = 2; !heard.includes('event: job'); rev += 1) {
			assert.equal((await put(rev)).status, 200);
			assert.ok(rev < 2000, 'nothing is heard again');
		}
		leave.abort();
		await listening;
	} finally {
		await server.stop();
		await admin.close();
		await drop();
		removeFolder(folder);
	}
});
