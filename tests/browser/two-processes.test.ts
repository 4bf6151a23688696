import assert from 'node:assert/strict';
import { connect, createServer, type AddressInfo, type Server as Door } from 'node:net';
import { once } from 'node:events';
import { test } from 'node:test';
import { newFolder, removeFolder, startServer, type Server } from '../running/server.ts';
import { newServerDatabase } from '../server/databases.ts';
import { openBrowser } from './browser.ts';
import { walk } from './the-walk.ts';

/** One address before several processes, as a shop's own proxy gives it: each connection goes to the first that answers. */
async function frontDoor(servers: readonly Server[]): Promise<{ address: string; close: () => void }> {
	const door: Door = createServer((from) => {
		const open = ([first, ...others]: readonly Server[]) => {
			if (!first) return from.destroy();
			const { hostname, port } = new URL(first.address);
			const to = connect(Number(port), hostname);
			to.once('connect', () => {
				from.pipe(to).pipe(from);
				from.once('close', () => to.destroy());
				to.once('close', () => from.destroy());
			});
			// One that is gone refuses; one that dies ends what it had begun.
			to.once('error', () => (to.readyState === 'open' || to.bytesRead > 0 ? from.destroy() : open(others)));
		};
		from.on('error', () => from.destroy());
		open(servers);
	});
	door.listen(0, '127.0.0.1');
	await once(door, 'listening');
	return { address: `http://127.0.0.1:${(door.address() as AddressInfo).port}`, close: () => door.close() };
}

test('the whole walk, on a database server with two processes: one is killed in the middle, the other goes on', async () => {
	const folder = newFolder();
	const { url, drop } = await newServerDatabase();
	const start = () => startServer(folder, 0, { DATABASE_URL: url });
	const [goes, stays] = await Promise.all([start(), start()]);
	const door = await frontDoor([goes, stays]);
	const browser = await openBrowser(door.address);
	try {
		await walk(browser, stays.address, async () => {
			goes.process.kill('SIGKILL');
			await once(goes.process, 'exit');
		});
		const { revisions } = (await (await fetch(`${stays.address}/api/jobs/K-0101/revisions`)).json()) as {
			revisions: { rev: number }[];
		};
		assert.deepEqual(
			revisions.map(({ rev }) => rev),
			revisions.map((_, index) => revisions.length - index),
			'no revision is missing'
		);
	} finally {
		await browser.quit();
		door.close();
		await stays.stop();
		await drop();
		removeFolder(folder);
	}
});
