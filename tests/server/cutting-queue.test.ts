import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { CuttingQueue } from '../../src/lib/server/threads/cutting-queue.ts';
import { scanJson } from '../../src/lib/server/validation/scan-json.ts';

const never = new AbortController().signal;
/** Work that ends when it is told to. */
function held<T>(gives: T): { work: () => Promise<T>; end: () => void; hasBegun: () => boolean } {
	let [end, begun] = [() => {}, false];
	const ended = new Promise<void>((resolve) => (end = resolve));
	return { work: () => ((begun = true), ended.then(() => gives)), end, hasBegun: () => begun };
}
const turn = () => new Promise((resolve) => setImmediate(resolve));

test('plans begin in their order, each told how many were ahead; the seconds count from its beginning', async () => {
	let now = 0;
	const queue = new CuttingQueue(() => now);
	const [one, two] = [held('one'), held('two')];
	const first = queue.run({ seconds: 10, lines: 1 }, never, one.work);
	now = 4000;
	const second = queue.run({ seconds: 20, lines: 1 }, never, two.work);
	await turn();
	assert.deepEqual([one.hasBegun(), two.hasBegun(), queue.length], [true, false, 2]);
	one.end();
	assert.deepEqual(await first, { kind: 'done', done: 'one', place: { ahead: 0, seconds: 0 } });
	two.end();
	assert.deepEqual(await second, { kind: 'done', done: 'two', place: { ahead: 1, seconds: 6 } });
	assert.equal(queue.length, 0);
});

test('who leaves gives up his place, and what is ahead is less; what it could do in a minute is never refused', async () => {
	const queue = new CuttingQueue(() => 0);
	const works = Array.from({ length: 4 }, (_, index) => held(index));
	const leave = new AbortController();
	const running = queue.run({ seconds: 30, lines: 1 }, never, works[0]!.work);
	const leaves = queue.run({ seconds: 31, lines: 1 }, leave.signal, works[1]!.work);
	const refused = await queue.run({ seconds: 1, lines: 1 }, never, works[2]!.work);
	assert.deepEqual(refused, { kind: 'full', place: { ahead: 2, seconds: 61 } });
	leave.abort();
	assert.deepEqual(await leaves, { kind: 'left' });
	const stays = queue.run({ seconds: 60, lines: 1 }, never, works[3]!.work);
	works[0]!.end();
	works[3]!.end();
	await running;
	assert.equal((await stays).kind, 'done');
	assert.ok(!works[1]!.hasBegun() && !works[2]!.hasBegun());
});

test('one that fails lets the next one in', async () => {
	const queue = new CuttingQueue(() => 0);
	const fails = queue.run({ seconds: 1, lines: 1 }, never, () => Promise.reject(new Error('broken')));
	const next = queue.run({ seconds: 1, lines: 1 }, never, () => Promise.resolve('done'));
	await assert.rejects(fails, /broken/);
	assert.equal((await next).kind, 'done');
});

test('a key that is given twice is found at its path, however it is written; the same key in another group is not', () => {
	assert.equal(scanJson('{"a":1,"b":{"c":[{"d":1},{"d":2,"d":3}]}}').doubled, 'b.c[1].d');
	assert.equal(scanJson('{"ab":1,"a\\u0062":2}').doubled, 'ab');
	assert.equal(scanJson('{"a":"a","b":["a","a"],"c":{"a":1}}').doubled, null);
	assert.equal(scanJson('{"__proto__":1,"__proto__":2}').doubled, '__proto__');
	assert.equal(scanJson('[[[1]],{"a":{}}]').depth, 3);
	assert.equal(scanJson('{"a":"\\"{[","b":1}').depth, 1);
});

test('what JSON writes has no key twice, whatever its keys', () => {
	fc.assert(fc.property(fc.jsonValue(), (value) => assert.equal(scanJson(JSON.stringify(value)).doubled, null)));
});
