/** One write holds up nobody; `npm run bench -- faults` has the figures beside their budget. */
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { heldUp, LARGE } from './held-up.ts';
import { newFolder, removeFolder, startServer, type Server } from './server.ts';

const folder = newFolder();
let server: Server;
before(async () => {
	server = await startServer(folder);
});
after(async () => {
	await server.stop();
	removeFolder(folder);
});

const EXPECTED: Record<string, number> = {
	'a logger’s file of 15 MB of quotes is refused': 400,
	'a logger’s file of 15 MB of line ends is refused': 400,
	'a picture of 8 MB is read': 200,
	'500 events from the bench, twelve times at once': 200
};

for (const what of Object.keys(LARGE))
	test(`${what}: others are answered meanwhile`, async () => {
		const { health, page } = await heldUp(server, what, (answers) => {
			for (const { status } of answers) assert.equal(status, EXPECTED[what] ?? 201);
		});
		// Times are measured by the bench; here they only came between, again and again.
		assert.ok(health.count >= 3, `${health.count} answers of /health`);
		assert.ok(page.count >= 2, `${page.count} pages`);
	});
