/** One job that can’t be planned: its house goes on. Today, cutting, orders, walls and its own workspace answer; a figure that would do it says which jobs. */
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, startServer, type Server } from './server.ts';

const folder = newFolder();
let server: Server;
before(async () => (server = await startServer(folder)));
after(async () => {
	await server?.stop();
	removeFolder(folder);
});

const send = (path: string, method: string, body: unknown, headers: Record<string, string> = {}) =>
	fetch(server.address + path, {
		method,
		body: JSON.stringify(body),
		headers: { 'content-type': 'application/json', ...headers }
	});
const page = async (path: string) => {
	const response = await fetch(server.address + path);
	return { status: response.status, text: await response.text() };
};

test('an overlap of the house that leaves nothing of a small piece darkens no list', async () => {
	const small = await keepJob(server.address, {
		...workedJob(),
		title: 'A seal, very small',
		piece: { title: 'A seal, very small', kind: 'paper', readings: { width: 22, height: 26 } },
		window: {},
		hold: {}
	});
	const sound = await keepJob(server.address, { ...workedJob(), title: 'A sound one' });
	const house = { house: [{ house: 'mm', figure: 'overlap', value: 12 }] };
	const touched = await send('/api/shop/house/touches', 'POST', house);
	assert.equal(touched.status, 200);
	const said = await touched.text();
	assert.ok(said.includes(small), said.slice(0, 400));
	const { headers } = await fetch(`${server.address}/api/shop/house`);
	const put = await send('/api/shop/house', 'PUT', house, { 'if-match': headers.get('etag') ?? '"0"' });
	assert.equal(put.status, 200, await put.text());

	for (const path of ['/', '/cutting', '/stock', '/walls', '/bench', `/jobs/${small}`, `/jobs/${sound}`])
		assert.equal((await page(path)).status, 200, path);
	const today = (await page('/')).text;
	assert.ok(/can’t be planned/i.test(today) && today.includes('A sound one'), 'Today draws what it can and names the other');
	assert.ok((await page('/cutting')).text.includes(small), 'cutting leaves it out by name');
	const job = (await (await fetch(`${server.address}/api/jobs/${small}`)).json()) as {
		plan: unknown;
		faults: { path: string }[];
	};
	assert.equal(job.plan, null);
	assert.ok(job.faults.length > 0);
	// Its papers can’t be made: said, not broken.
	assert.equal((await page(`/jobs/${small}/sheet`)).status, 409);
	const steps = await send('/api/steps', 'POST', workedJob());
	assert.equal(steps.status, 200);
	const run = (await steps.json()) as { steps: { id: string; after: string[] }[] };
	assert.ok(run.steps.some(({ id, after: ids }) => id === 'hang' && ids.includes('seal')));
	assert.equal((await send('/api/steps', 'POST', { ...workedJob(), mts: 1 })).status, 400);
});
