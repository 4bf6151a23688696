/** What anybody may send: any body, any query, any word, on every call of the open interface. Nothing of it is the program's fault. */
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { randomFrom } from '../../core/nesting/random.ts';
import { runs } from '../thorough.ts';
import { anyBody, anyOdd, oneOf, WORDS } from './any-body.ts';
import { CALLS, routesThere, textsIn, withAt, type Known } from './calls.ts';
import { emptyFolder, removeFolder, startServer, type Server } from './server.ts';

const folder = emptyFolder();
let server: Server;
before(async () => {
	server = await startServer(folder, 0, {}, { script: 'demo' });
});
after(async () => {
	await server.stop();
	removeFolder(folder);
});

/** A library's own words for what is wrong. */
const BORROWED = /^"[^"]*" (must|is|contains|does|failed|threw|with|length)|\bValidationError\b|\bundefined\b|\[object /;

const SHOWN = 20;

type Answered = { status: number; says: string[] };

async function ask({ method, on }: Known, path: string, body: unknown): Promise<Answered> {
	const url = server.address + path;
	const etag = on ? (await fetch(url)).headers.get('etag') : null;
	const leave = new AbortController();
	const answer = await fetch(url, {
		method,
		headers: { 'content-type': 'application/json', ...(etag ? { 'if-match': etag } : {}) },
		...(body === undefined || method === 'GET' ? {} : { body: JSON.stringify(body) }),
		signal: leave.signal
	});
	if (answer.headers.get('content-type') === 'text/event-stream') {
		leave.abort();
		return { status: answer.status, says: [] };
	}
	const text = await answer.text();
	const faults = answer.status >= 400 ? ((JSON.parse(text) as { faults?: { says: string }[] }).faults ?? []) : [];
	return { status: answer.status, says: faults.map(({ says }) => says) };
}

/** @returns what is wrong with an answer, whatever was sent; null for nothing */
function wrongWith({ status, says }: Answered, what: string): string | null {
	if (status >= 500) return `${status} ${says.join(' ')}: ${what}`;
	const borrowed = says.find((one) => BORROWED.test(one));
	return borrowed === undefined ? null : `“${borrowed}”: ${what}`;
}

test('every route that there is stands in the table of calls', () => {
	assert.deepEqual([...new Set(CALLS.map(({ route }) => route))].sort(), routesThere());
});

test('what the table sends is taken, or refused for how the house stands, not for how it is written', async () => {
	for (const call of CALLS) {
		const { status, says } = await ask(call, call.path, call.body);
		const known = [200, 201, 202, 204, 308, 404, 409].includes(status) || call.route === '/api/pictures';
		assert.ok(known, `${call.method} ${call.path}: ${status} ${says.join(' ')}`);
	}
});

test('any body by the schemas, odd ones among them, and any query: never the server’s fault, never a library’s words', async () => {
	const random = randomFrom(36);
	const most = runs(5000);
	const wrong: string[] = [];
	for (let count = 0; count < most; count += 8)
		await Promise.all(
			Array.from({ length: 8 }, async (_, place) => {
				const call = CALLS[(count + place) % CALLS.length]!;
				const { path, body } = anyAsked(call, random);
				wrong.push(
					wrongWith(await ask(call, path, body), `${call.method} ${path} ${JSON.stringify(body)?.slice(0, 2000)}`) ?? ''
				);
			})
		);
	assert.deepEqual(wrong.filter(Boolean).slice(0, SHOWN), []);
	assert.equal((await fetch(`${server.address}/health`)).status, 200);
	for (const line of server.said().split('\n')) assert.ok(line.length < 8192, line.slice(0, 300));
});

function anyAsked({ schema, body: takes, path, query = [] }: Known, random: () => number): { path: string; body: unknown } {
	let body: unknown = takes;
	if (schema && random() < 0.5) body = anyBody(schema, random);
	else if (takes !== undefined) {
		const ways = waysIn(takes);
		for (let changes = Math.floor(random() * 3) + 1; changes > 0; changes -= 1)
			body = withAt(body, oneOf(random, ways), anyOdd(random));
	}
	const asked = new URLSearchParams(
		query.filter(() => random() < 0.5).map((key) => [key, textOf(random() < 0.3 ? 'K-0101' : anyOdd(random))])
	);
	if (random() < 0.05) asked.set(oneOf(random, WORDS), 'x');
	const text = asked.toString();
	return { path: text === '' ? path : `${path}?${text}`, body: inShortTime(body) };
}

const textOf = (value: unknown): string => (typeof value === 'string' ? value.toWellFormed() : JSON.stringify(value));

/** Minutes of cutting plans would be the test's own. */
function inShortTime(body: unknown): unknown {
	const { format, seconds } = (body ?? {}) as { format?: unknown; seconds?: unknown };
	return format === 'rare-keep/cutting' && typeof seconds === 'number' && seconds > 0.01 && seconds <= 60
		? { ...(body as object), seconds: 0.01 }
		: body;
}

function waysIn(value: unknown, way: readonly (string | number)[] = []): (readonly (string | number)[])[] {
	if (typeof value !== 'object' || value === null) return [way];
	const below = Object.entries(value).flatMap(([key, item]) => waysIn(item, [...way, Array.isArray(value) ? Number(key) : key]));
	return [way, ...below];
}

test('a word that the language knows is a word like any other, in every text of every call', async () => {
	const wrong: string[] = [];
	for (const call of CALLS.filter(({ body }) => body !== undefined)) {
		const ways = textsIn(call.body);
		// Of long files every eleventh: together all kinds of fields are there.
		const some = ways.filter((_, index) => ways.length < 40 || index % 11 === 0);
		for (const way of some) {
			for (const word of WORDS.slice(0, runs(3))) {
				const what = `${call.method} ${call.path} ${way.join('.')}: ${word}`;
				const known = await ask(call, call.path, withAt(call.body, way, word));
				wrong.push(wrongWith(known, what) ?? '');
				// Written of the same kinds of letters, so that nothing but the word itself tells them apart.
				const other = await ask(call, call.path, withAt(call.body, way, word.replace(/[a-z]/g, 'q')));
				// What was kept under a name once is there the second time.
				if (![201, 409].includes(other.status) && known.status !== other.status)
					wrong.push(`${known.status} ${known.says.join(' ')}, another word ${other.status} ${other.says.join(' ')}: ${what}`);
			}
		}
	}
	assert.deepEqual(wrong.filter(Boolean).slice(0, SHOWN), []);
});
