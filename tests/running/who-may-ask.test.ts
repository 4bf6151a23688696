/** Who may ask, over every call: by which name of the house, from which page, with which headers it answers. */
import assert from 'node:assert/strict';
import { request, type IncomingHttpHeaders } from 'node:http';
import { after, before, test } from 'node:test';
import { hostsOf } from '../../scripts/hosts.js';
import { CALLS } from './calls.ts';
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

type Answered = { status: number; headers: IncomingHttpHeaders; text: string };

/** As a browser may never send it: with any host. A stream is left at once. */
function ask(method: string, path: string, headers: Record<string, string>, body?: unknown): Promise<Answered> {
	const { hostname, port } = new URL(server.address);
	return new Promise((resolve, reject) => {
		const asked = request(
			{ hostname, port, method, path, headers: { 'content-type': 'application/json', ...headers } },
			(answer) => {
				let text = '';
				const done = () => resolve({ status: answer.statusCode!, headers: answer.headers, text });
				if (answer.headers['content-type'] === 'text/event-stream') {
					done();
					answer.destroy();
					return;
				}
				answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
				answer.on('end', done);
			}
		);
		asked.on('error', reject);
		asked.end(body === undefined ? undefined : JSON.stringify(body));
	});
}

const PAGES = ['/', '/jobs/K-9999', '/shop', '/stock', '/nowhere', '/icon.svg'];
const FOREIGN = [
	'elsewhere.example',
	'elsewhere.example:4173',
	'localhost.elsewhere.example',
	'127.0.0.1.elsewhere.example',
	'10.1.2.3'
];
const EVERY_HEADER = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin'
};

test('by another name of this machine nothing is answered: 421, on every call, page and file', async () => {
	const asked = [
		...CALLS.map(({ method, path, body }) => ({ method, path, body })),
		...PAGES.map((path) => ({ method: 'GET', path, body: undefined }))
	];
	for (const [index, { method, path, body }] of asked.entries()) {
		const host = FOREIGN[index % FOREIGN.length]!;
		const { status, headers, text } = await ask(method, path, { host }, body);
		assert.equal(status, 421, `${method} ${path} of ${host}`);
		assert.match(text, /does not answer to the name/);
		for (const [name, value] of Object.entries(EVERY_HEADER)) assert.equal(headers[name], value, name);
	}
});

test('by its own names it answers, with the same headers everywhere', async () => {
	const { port } = new URL(server.address);
	const own = [`127.0.0.1:${port}`, 'localhost', `LOCALHOST:${port}`, 'shop.localhost', '[::1]', '127.8.9.1'];
	const asked = [...CALLS.filter(({ method }) => method === 'GET').map(({ path }) => path), ...PAGES];
	for (const [index, path] of asked.entries()) {
		const { status, headers } = await ask('GET', path, { host: own[index % own.length]! });
		assert.notEqual(status, 421, path);
		for (const [name, value] of Object.entries(EVERY_HEADER)) assert.equal(headers[name], value, `${path} ${name}`);
		assert.ok(headers['content-security-policy'] || path === '/icon.svg', path);
		assert.ok(headers['cache-control'] || path === '/icon.svg', path);
	}
});

test('another page may not write: another host, another protocol, no page at all', async () => {
	const { host } = new URL(server.address);
	for (const { method, path, body } of CALLS.filter((call) => call.method !== 'GET'))
		for (const origin of ['http://elsewhere.example', `https://${host}`, 'null', `http://${host}.elsewhere.example`]) {
			const { status } = await ask(method, path, { host, origin }, body);
			assert.equal(status, 403, `${method} ${path} from ${origin}`);
		}
	const own = await ask(
		'POST',
		'/api/plan',
		{ host, origin: `http://${host}` },
		CALLS.find(({ path }) => path === '/api/plan')!.body
	);
	assert.equal(own.status, 200);
});

test('names of the house: loopback, HOST, ORIGIN, HOSTS; of one that listens everywhere its own addresses', () => {
	const named = hostsOf({ HOST: 'bench.shop.example', ORIGIN: 'https://frames.example:8443/', HOSTS: 'tablet, 192.168.1.20' });
	for (const host of [
		'localhost:1',
		'bench.shop.example',
		'frames.example:8443',
		'FRAMES.example.',
		'tablet:4173',
		'192.168.1.20'
	])
		assert.ok(named(host), host);
	for (const host of ['192.168.1.21', 'shop.example', 'evil.bench.shop.example', undefined, '']) assert.ok(!named(host), host);
	const everywhere = hostsOf({ HOST: '0.0.0.0' });
	assert.ok(everywhere('127.0.0.1:4173'));
	assert.ok(!everywhere('elsewhere.example'));
});

test('streams of events: twenty from an address, and no more until one is left', async () => {
	const leave = new AbortController();
	const open = () => fetch(`${server.address}/api/events`, { signal: leave.signal });
	const streams = await Promise.all(Array.from({ length: 20 }, open));
	assert.deepEqual([...new Set(streams.map(({ status }) => status))], [200]);
	const refused = await open();
	assert.deepEqual([refused.status, refused.headers.get('retry-after')], [429, '10']);
	assert.match(await refused.text(), /20 streams of events are open from this address/);
	leave.abort();
	for (let tries = 0; ; tries += 1) {
		const again = new AbortController();
		const { status } = await fetch(`${server.address}/api/events`, { signal: again.signal });
		again.abort();
		if (status === 200) break;
		assert.ok(tries < 200, 'a stream that was left still counts');
	}
});
