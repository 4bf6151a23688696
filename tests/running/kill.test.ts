/** Nothing that was answered is lost, whatever becomes of the process; on both databases. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { newServerDatabase } from '../server/databases.ts';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer, type Server } from './server.ts';

/** A hundred by hand (`KILLS=100 npm test`); each start takes a second. */
const TIMES = Number(process.env.KILLS ?? 5);

const revisionsOf = async ({ address }: Server, number: string) =>
	((await (await fetch(`${address}/api/jobs/${number}/revisions`)).json()) as { revisions: { rev: number }[] }).revisions
		.map(({ rev }) => rev)
		.sort((one, other) => one - other);
const titleOf = async ({ address }: Server, number: string) =>
	((await (await fetch(`${address}/api/jobs/${number}`)).json()) as { job: { title: string } }).job.title;
const put = ({ address }: Server, number: string, rev: number) =>
	send(address, 'PUT', `/api/jobs/${number}`, workedJob({ title: `Revision ${rev + 1}` }), { 'if-match': `"${rev}"` });
const upTo = (rev: number) => Array.from({ length: rev }, (_, index) => index + 1);

/** Killed right after an answered save, and started again at once; every answered revision is there. */
async function killed(start: () => Promise<Server>): Promise<void> {
	let server = await start();
	const number = await keepJob(server.address, workedJob({ title: 'Revision 1' }));
	for (let rev = 1; rev <= TIMES; rev += 1) {
		assert.equal((await put(server, number, rev)).status, 200);
		server.process.kill('SIGKILL');
		server = await start();
		assert.equal(await titleOf(server, number), `Revision ${rev + 1}`);
	}
	assert.deepEqual(await revisionsOf(server, number), upTo(TIMES + 1));
	await server.stop();
}

test(`embedded: killed right after an answered save, ${TIMES} times, and started again at once`, async () => {
	const folder = newFolder();
	try {
		await killed(() => startServer(folder));
	} finally {
		removeFolder(folder);
	}
});

test(`on a server, two processes: one killed ${TIMES} times, the other goes on, and nothing answered is lost`, async () => {
	const folder = newFolder();
	const { url, drop } = await newServerDatabase();
	const start = () => startServer(folder, 0, { DATABASE_URL: url });
	try {
		const stays = await start();
		let goes = await start();
		const number = await keepJob(goes.address, workedJob({ title: 'Revision 1' }));
		for (let rev = 1; rev <= TIMES * 2; rev += 2) {
			assert.equal((await put(goes, number, rev)).status, 200);
			goes.process.kill('SIGKILL');
			assert.equal((await put(stays, number, rev + 1)).status, 200, 'the other goes on from there');
			goes = await start();
			assert.equal(await titleOf(goes, number), `Revision ${rev + 2}`);
		}
		assert.deepEqual(await revisionsOf(stays, number), upTo(TIMES * 2 + 1));
		await Promise.all([stays.stop(), goes.stop()]);
	} finally {
		await drop();
		removeFolder(folder);
	}
});
