import assert from 'node:assert/strict';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import type { CuttingPlan } from '../../core/nesting/figures.ts';
import { checkCutting } from '../../src/lib/server/validation/cutting.ts';
import { workedJob } from '../jobs.ts';
import { faultsOf as wrongIn } from '../nesting/checker.ts';
import { keepJob, newFolder, removeFolder, send, startServer, type Server } from './server.ts';

const folder = newFolder();
let server: Server;
before(async () => {
	server = await startServer(folder);
});
after(async () => {
	await server.stop();
	removeFolder(folder);
});

const faultsOf = async (response: Response) =>
	((await response.json()) as { faults: { path: string; says: string }[] }).faults.map((fault) => fault.path);

test('every answer carries the security headers; pages run only their own scripts', async () => {
	const number = await keepJob(server.address, workedJob());
	for (const path of [
		'/',
		`/jobs/${number}`,
		`/jobs/${number}/sheet`,
		'/api/jobs',
		`/api/jobs/${number}/front.svg`,
		'/nowhere'
	]) {
		const { headers } = await fetch(server.address + path);
		const policy = headers.get('content-security-policy') ?? '';
		assert.equal(headers.get('x-content-type-options'), 'nosniff', path);
		assert.equal(headers.get('x-frame-options'), 'DENY', path);
		assert.equal(headers.get('referrer-policy'), 'same-origin', path);
		assert.match(policy, /default-src 'none'/, path);
		assert.match(policy, /frame-ancestors 'none'/, path);
		assert.doesNotMatch(policy, /script-src[^;]*unsafe/, path);
		assert.equal(headers.get('x-powered-by'), null, path);
	}
});

test('what is not known here: method, address, type, version of the precondition, another site', async () => {
	const number = await keepJob(server.address, workedJob());
	const wrong = await fetch(`${server.address}/api/jobs/${number}`, { method: 'PATCH' });
	assert.deepEqual([wrong.status, wrong.headers.get('allow')], [405, 'GET, PUT, DELETE']);
	for (const path of ['/api/nothing', '/api/jobs/K-9999', '/api/jobs/K-9999/front.svg', '/api/jobs/K-9999/revisions']) {
		assert.equal((await fetch(server.address + path)).status, 404, path);
	}
	const text = await send(server.address, 'POST', '/api/plan', workedJob(), { 'content-type': 'text/plain' });
	assert.equal(text.status, 415);
	assert.equal((await send(server.address, 'PUT', `/api/jobs/${number}`, workedJob())).status, 428);
	const stale = await send(server.address, 'PUT', `/api/jobs/${number}`, workedJob({ title: 'Mine' }), { 'if-match': '"7"' });
	assert.equal(stale.status, 409);
	const foreign = await send(server.address, 'POST', '/api/jobs', workedJob(), { origin: 'http://elsewhere.example' });
	assert.equal(foreign.status, 403);
	const own = await send(server.address, 'POST', '/api/jobs', workedJob(), { origin: server.address });
	assert.equal(own.status, 201);
});

test('a query that can’t be meant is a 400 with the key’s name, everywhere; other keys too', async () => {
	const number = await keepJob(server.address, workedJob());
	for (const [path, key] of [
		['/api/jobs?find=%00', 'find'],
		['/api/jobs?find=%ff%fe%00', 'find'],
		[`/api/jobs?find=${'a'.repeat(201)}`, 'find'],
		['/api/jobs?after=K-1', 'after'],
		['/api/jobs?after=2026-99-99.K-0101', 'after'],
		['/api/jobs?state=lost', 'state'],
		['/api/jobs?order=oldest', 'order'],
		['/api/jobs?find=a&find=b', 'find'],
		['/api/jobs?lot=7', 'lot'],
		[`/api/jobs/${number}?rev=x`, 'rev'],
		[`/api/jobs/${number}?rev=-1`, 'rev'],
		[`/api/jobs/${number}/front.svg?size=9`, 'size'],
		['/api/events?job=101', 'job'],
		['/health?full=maybe', 'full']
	] as const) {
		const response = await fetch(server.address + path);
		assert.equal(response.status, 400, path);
		assert.deepEqual(await faultsOf(response), [key], path);
	}
	for (const path of ['/?find=%00', '/?after=x']) assert.equal((await fetch(server.address + path)).status, 400, path);
	const posted = await send(server.address, 'POST', '/api/jobs?number=7', workedJob());
	assert.deepEqual([posted.status, await faultsOf(posted)], [400, ['number']]);
});

test('files of the build are not sniffed either; every answer has an id of its own', async () => {
	const page = await (await fetch(`${server.address}/`)).text();
	const script = /"(?:\.)?(\/_app\/[^"]+\.js)"/.exec(page)![1]!;
	const ids = new Set<string>();
	for (const path of [script, script, '/', '/api/jobs', '/nowhere']) {
		const { headers } = await fetch(server.address + path);
		assert.equal(headers.get('x-content-type-options'), 'nosniff', path);
		ids.add(headers.get('x-request-id') ?? '');
	}
	assert.equal(ids.size, 5);
});

test('health in full, and figures for those who watch', async () => {
	const full = (await (await fetch(`${server.address}/health?full`)).json()) as Record<string, never>;
	assert.deepEqual(Object.keys(full), ['ok', 'database', 'migrations', 'space', 'threads', 'upSeconds']);
	const { database, migrations, space } = full as unknown as {
		database: { kind: string };
		migrations: { done: number; wanted: number };
		space: { freeBytes: number };
	};
	assert.equal(database.kind, 'embedded');
	assert.equal(migrations.done, migrations.wanted);
	assert.ok(space.freeBytes > 0);
	const metrics = await fetch(`${server.address}/metrics`);
	assert.match(metrics.headers.get('content-type')!, /^text\/plain/);
	const text = await metrics.text();
	assert.match(text, /^rare_keep_answer_seconds_count\{method="GET",status="200"\} \d+$/m);
	assert.match(text, /^process_resident_memory_bytes \d+/m);
});

test('a line a request with the id that its answer carries; nothing of what was sent', async () => {
	const own = newFolder();
	const loud = await startServer(own, 0, { LOG_LEVEL: 'info' });
	try {
		const answer = await send(loud.address, 'POST', '/api/jobs?number=K-0300', workedJob({ title: 'Secret of the owner' }));
		const id = answer.headers.get('x-request-id')!;
		await fetch(`${loud.address}/api/jobs?find=secret`);
		await loud.stop();
		const lines = loud
			.said()
			.split('\n')
			.filter((line) => line.startsWith('{'))
			.map((line) => JSON.parse(line) as Record<string, unknown>);
		const own = lines.filter((line) => line.id === id);
		assert.deepEqual(
			own.map(({ method, path, status }) => [method, path, status]),
			[['POST', '/api/jobs', 201]]
		);
		assert.doesNotMatch(loud.said(), /secret/i);
	} finally {
		await loud.stop();
		removeFolder(own);
	}
});

test('what is kept is told to every open screen at once', async () => {
	const number = await keepJob(server.address, workedJob());
	const stream = await fetch(`${server.address}/api/events?job=${number}`);
	assert.equal(stream.headers.get('content-type'), 'text/event-stream');
	const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
	let heard = '';
	const until = async (said: string) => {
		while (!heard.includes(said)) heard += (await reader.read()).value ?? '';
	};
	await until(`data: {"number":"${number}","rev":1,"state":"open"}`);
	await keepJob(server.address, workedJob());
	await send(server.address, 'PUT', `/api/jobs/${number}`, workedJob({ title: 'Again' }), { 'if-match': '"1"' });
	await until(`data: {"number":"${number}","rev":2,"state":"open"}`);
	await send(server.address, 'PUT', `/api/jobs/${number}/state`, { state: 'archived' });
	await until(`data: {"number":"${number}","rev":2,"state":"archived"}`);
	assert.equal(heard.match(/event: job/g)!.length, 3, 'of this job alone');
	await reader.cancel();
});

test('a job file at its limits is answered, and others are meanwhile', async () => {
	const zones = Array.from({ length: 100 }, (_, index) => ({
		id: `zone ${index}`,
		kind: index % 2 === 0 ? ('show' as const) : ('hide' as const),
		left: (index * 37) % 380,
		top: (index * 91) % 520,
		width: 6,
		height: 5
	}));
	const job = workedJob({ piece: { readings: { width: 402, height: 551 }, zones }, window: { overlap: 'solve' } });
	let isDone = false;
	const costly = Promise.all(Array.from({ length: 4 }, () => send(server.address, 'POST', '/api/plan', job))).then((answers) => {
		isDone = true;
		for (const { status } of answers) assert.equal(status, 200);
	});
	for (let count = 0; count < 3; count += 1) assert.equal((await fetch(`${server.address}/health`)).status, 200);
	assert.equal(isDone, false, 'they did not wait for it');
	await costly;
	const kept = await send(server.address, 'POST', '/api/jobs', job);
	assert.equal(kept.status, 201);
});

test('bad input: a clear fault at its path, nothing stored, still answering', async () => {
	const listed = async () => ((await (await fetch(`${server.address}/api/jobs`)).json()) as { jobs: unknown[] }).jobs.length;
	const jobs = await listed();
	const readings = (width: unknown, height: unknown = 551) => ({ ...workedJob(), piece: { readings: { width, height } } });
	const whole = JSON.stringify(workedJob());
	const cases: [name: string, body: unknown, status: number, path: string | null][] = [
		['empty', readings(''), 400, 'piece.readings.width'],
		['negative', readings(-3), 400, 'piece.readings.width'],
		['zero', readings(0), 400, 'piece.readings.width'],
		['two units', readings('12 in mm'), 400, 'piece.readings.width'],
		['over nothing', readings('1/0'), 400, 'piece.readings.width'],
		['five metres', readings('5 m'), 400, 'piece.readings.width'],
		[
			'no such sheet',
			{ ...workedJob(), piece: { readings: { top: 402, bottom: 402, left: 551, right: 551, d1: 1000 } } },
			400,
			'piece.readings'
		],
		['no window left', { ...workedJob(), window: { overlap: 210 } }, 400, 'window.overlap'],
		['a reveal without end', { ...workedJob(), mats: [{ board: 'cotton-4' }, { board: 'cotton-4', reveal: 2400 }] }, 400, null],
		['a pack over 5 m', { ...workedJob(), borders: { way: 'even', width: 2400 } }, 400, null],
		['cut off', whole.slice(0, whole.length / 2), 400, null],
		['wrong version', { ...workedJob(), version: 2 }, 400, 'version'],
		['brackets', '['.repeat(1_000_000), 400, null],
		['over 1 MB', '['.repeat(1_100_000), 413, null],
		['prototype', `{"__proto__":{"polluted":true},${whole.slice(1)}`, 400, '__proto__']
	];
	for (const [name, body, status, path] of cases) {
		for (const call of ['/api/plan', '/api/jobs']) {
			const response = await send(server.address, 'POST', call, body);
			assert.equal(response.status, status, `${name} at ${call}`);
			const paths = await faultsOf(response);
			assert.ok(paths.length > 0 && (path === null || paths.includes(path)), `${name}: ${paths.join()}`);
		}
	}
	assert.equal(({} as { polluted?: boolean }).polluted, undefined);
	assert.equal(await listed(), jobs);
	assert.equal((await fetch(`${server.address}/health`)).status, 200);
});

test('a second start on the same folder is refused in one sentence', async () => {
	const second = startServer(folder).then((started) => started.stop());
	await assert.rejects(second, (error: Error & { code?: number }) => {
		assert.equal(error.code, 1);
		assert.match(error.message, new RegExp(`^The data folder \\S+ is in use by process ${server.process.pid}\\. .+\\.$`));
		return true;
	});
	assert.equal((await fetch(`${server.address}/health`)).status, 200);
});

/** A request whose head has arrived. @returns what sends the rest and gives the answer */
async function halfRequest(address: string): Promise<() => Promise<string>> {
	const { hostname, port, host } = new URL(address);
	const body = JSON.stringify(workedJob());
	const socket = connect(Number(port), hostname);
	let answer = '';
	socket.on('data', (chunk: Buffer) => (answer += chunk.toString()));
	const head = ['POST /api/plan HTTP/1.1', `Host: ${host}`, 'Content-Type: application/json', 'Connection: close'];
	socket.write(`${[...head, 'Expect: 100-continue', `Content-Length: ${Buffer.byteLength(body)}`].join('\r\n')}\r\n\r\n`);
	await once(socket, 'data');
	answer = '';
	return async () => {
		socket.write(body);
		await once(socket, 'close');
		return answer;
	};
}

test('SIGTERM: what is under way is answered, the lock is given back, the next start finds everything', async () => {
	const own = newFolder();
	try {
		const first = await startServer(own);
		const number = await keepJob(first.address, workedJob({ title: 'Kept before the stop' }));
		// A connection that asks nothing must not hold up the stop.
		const idle = connect(Number(new URL(first.address).port), '127.0.0.1').on('error', () => {});
		const finish = await halfRequest(first.address);
		const stream = await fetch(`${first.address}/api/events`);
		const begun = performance.now();
		const stopped = first.stop();
		assert.match(await finish(), /^HTTP\/1.1 200 /);
		assert.equal(await stopped, 0);
		assert.ok(performance.now() - begun < 5000);
		await stream.body!.cancel();
		idle.destroy();
		assert.equal(existsSync(join(own, 'lock')), false);
		const second = await startServer(own);
		const kept = (await (await fetch(`${second.address}/api/jobs/${number}`)).json()) as { job: { title: string } };
		assert.equal(kept.job.title, 'Kept before the stop');
		await second.stop();
	} finally {
		removeFolder(own);
	}
});

test('the shop’s lists, rooms and the climate answer over HTTP as the open interface says', async () => {
	const call = (method: string, path: string, body?: unknown, headers: Record<string, string> = {}) =>
		fetch(`${server.address}${path}`, {
			method,
			headers: { 'content-type': 'application/json', ...headers },
			...(body === undefined ? {} : { body: JSON.stringify(body) })
		});
	for (const [path, method, allow] of [
		['/api/climate', 'GET', 'POST'],
		['/api/cut', 'GET', 'POST'],
		['/api/wall', 'GET', 'POST'],
		['/api/trainer', 'POST', 'GET'],
		['/api/rooms', 'DELETE', 'GET, POST'],
		['/api/shop/materials', 'POST', 'GET, PUT'],
		['/api/shop/places', 'DELETE', 'GET, PUT'],
		['/api/shop/materials/touches', 'GET', 'POST'],
		['/api/instruments/light-meter', 'GET', 'POST']
	] as const) {
		const wrong = await call(method, path);
		assert.deepEqual([wrong.status, wrong.headers.get('allow')], [405, allow], path);
	}
	const room = Array.from({ length: 30 }, (_, hour) => [hour, 50 + hour, 20]);
	const year = await call('POST', '/api/climate', { pack: workedJob(), room });
	assert.equal(year.status, 200);
	assert.equal(((await year.json()) as { inside: unknown[] }).inside.length, 30);
	assert.equal((await call('POST', '/api/climate', { pack: workedJob(), room: [[0, -1, 20]] })).status, 400);
	assert.equal((await call('POST', '/api/climate', { pack: workedJob(), room }, { 'content-type': 'text/plain' })).status, 415);
	assert.equal((await call('POST', '/api/climate', { pack: workedJob(), room }, { origin: 'http://elsewhere' })).status, 403);
	const csv = [
		'time,humidity',
		...room.map(
			([hour], index) => `2025-01-0${1 + Math.floor(hour! / 24)} ${String(hour! % 24).padStart(2, '0')}:00,${50 + index}`
		)
	].join('\n');
	const kept = await fetch(`${server.address}/api/rooms?name=Sail%20loft`, {
		method: 'POST',
		headers: { 'content-type': 'text/csv' },
		body: csv
	});
	assert.equal(kept.status, 201);
	const read = (await (await fetch(`${server.address}${kept.headers.get('location')}`)).json()) as {
		name: string;
		readings: unknown[];
	};
	assert.deepEqual([read.name, read.readings.length], ['Sail loft', 30]);
	assert.equal((await call('GET', '/api/rooms/99999')).status, 404);
	assert.equal((await call('PUT', '/api/shop/places', { places: [] })).status, 428);
	assert.equal((await call('PUT', '/api/shop/places', { places: [] }, { 'if-match': 'x' })).status, 400);
});

test('the shelf: kept as it was written, on top of what it started from; faults at their place', async () => {
	const put = (shelf: unknown, rev: number) =>
		send(server.address, 'PUT', '/api/shop/shelf', { shelf }, { 'if-match': `"${rev}"` });
	const stick = { kind: 'stick', name: 'Ash', place: 'Beam', moulding: 'ash-22', length: '3 m' };
	assert.equal((await put([stick], 0)).status, 200);
	const read = (await (await fetch(`${server.address}/api/shop/shelf`)).json()) as { rev: number; shelf: unknown[] };
	assert.deepEqual(read, { rev: 1, shelf: [stick], held: [] });
	assert.equal((await put([], 0)).status, 409);
	const bad = await put([{ ...stick, length: -3 }], 1);
	assert.equal(bad.status, 400);
	assert.deepEqual(await faultsOf(bad), ['shelf[0].length']);
	assert.equal((await fetch(`${server.address}/api/shop/shelf`, { method: 'DELETE' })).status, 405);
});

test('every drawing of a job as SVG and as DXF; a view that it lacks is 404 with its fault', async () => {
	const number = await keepJob(server.address, workedJob());
	for (const sheet of ['front', 'section', 'back', 'cut']) {
		const dxf = await fetch(`${server.address}/api/jobs/${number}/${sheet}.dxf`);
		assert.deepEqual([dxf.status, dxf.headers.get('content-type')], [200, 'image/vnd.dxf'], sheet);
		assert.match(dxf.headers.get('content-disposition')!, new RegExp(`${number}-${sheet}\\.dxf`));
		assert.match(await dxf.text(), /LWPOLYLINE/);
		const svg = await fetch(`${server.address}/api/jobs/${number}/${sheet}.svg`);
		assert.deepEqual([svg.status, svg.headers.get('content-type')], [200, 'image/svg+xml'], sheet);
	}
	const { frame: _, ...frameless } = workedJob();
	const none = await fetch(`${server.address}/api/jobs/${await keepJob(server.address, frameless)}/back.dxf`);
	assert.equal(none.status, 404);
	assert.deepEqual(await faultsOf(none), ['back']);
	assert.equal((await fetch(`${server.address}/api/jobs/${number}/side.dxf`)).status, 404);
	const wrong = await fetch(`${server.address}/api/jobs/${number}/cut.dxf`, { method: 'POST' });
	assert.deepEqual([wrong.status, wrong.headers.get('allow')], [405, 'GET']);
});

test('a cutting plan over HTTP takes its seconds, and nothing else waits for it', async () => {
	const blanks = Array.from({ length: 40 }, (_, index) => ({
		id: `${index}`,
		width: 311 + 7 * index,
		height: 407 + 11 * index,
		count: 2
	}));
	const asked = {
		format: 'rare-keep/cutting',
		version: 1,
		seconds: 3,
		sheets: [{ id: 'S', width: 1524, height: 1016, count: 90 }],
		blanks
	};
	let planned = false;
	const cut = send(server.address, 'POST', '/api/cut', asked).finally(() => (planned = true));
	const others = await Promise.all([
		send(server.address, 'POST', '/api/plan', workedJob()),
		fetch(`${server.address}/health`),
		fetch(server.address)
	]);
	assert.deepEqual(
		others.map(({ status }) => status),
		[200, 200, 200]
	);
	assert.equal(planned, false);
	const answer = await cut;
	assert.equal(answer.status, 200);
	const job = checkCutting(asked);
	assert.ok(job.ok);
	assert.deepEqual(wrongIn(job.job, (await answer.json()) as CuttingPlan), []);
	const refused = await send(server.address, 'POST', '/api/cut', { ...asked, seconds: 0 });
	assert.deepEqual([refused.status, await faultsOf(refused)], [400, ['seconds']]);
});
