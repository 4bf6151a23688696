import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { workedJob } from '../jobs.ts';

const core = (args: string[], input = '') =>
	spawnSync(process.execPath, ['scripts/core.js', ...args], { input, encoding: 'utf8' });

test('plan: the worked case comes out as the core plans it', () => {
	const { stdout, status } = core(['plan', 'tests/cases/worked.json']);
	assert.equal(status, 0);
	assert.deepEqual(JSON.parse(stdout), JSON.parse(JSON.stringify(plan(workedJob(), builtInShop))));
});

test('faults: exit 2, nothing on standard output, a line for each with its path', () => {
	const { stdout, stderr, status } = core(
		['plan', '-'],
		JSON.stringify({ ...workedJob(), window: { overlap: { left: -4 } }, mts: 1 })
	);
	assert.deepEqual([status, stdout], [2, '']);
	assert.match(stderr, /^window\.overlap\.left: −4 mm is less than 0/m);
	assert.match(stderr, /^mts: /m);
});

test('a file cut off in the middle, one that is not there, no verb', () => {
	const half = readFileSync('tests/cases/worked.json', 'utf8').slice(0, 200);
	for (const answer of [core(['plan', '-'], half), core(['plan', 'no-such-file.json']), core([])]) {
		assert.deepEqual([answer.status, answer.stdout], [2, '']);
		assert.match(answer.stderr, /: .+\.$/m);
	}
});
