/** The demo writes to what it made itself, and wipes it only when it is told to. */
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { emptyFolder, keepJob, newFolder, removeFolder, SHORT_LIVED, startServer } from './server.ts';

const env = (folder: string, more: Record<string, string> = {}) => ({
	...process.env,
	DATA_DIR: folder,
	PORT: '0',
	NODE_OPTIONS: '',
	...more
});
const refused = (folder: string, args: string[] = [], more = {}) => {
	const { status, stderr } = spawnSync(process.execPath, [...SHORT_LIVED, 'scripts/demo.js', ...args], {
		env: env(folder, more),
		encoding: 'utf8'
	});
	assert.equal(status, 1);
	return stderr.trim();
};

/** Runs the demo until it is loaded. @returns the jobs that it holds */
async function demo(folder: string, ...args: string[]): Promise<string[]> {
	const child = spawn(process.execPath, [...SHORT_LIVED, 'scripts/demo.js', ...args], {
		env: env(folder),
		stdio: ['ignore', 'pipe', 'inherit']
	});
	const [said] = (await once(child.stdout, 'data')) as [Buffer];
	const address = /http:\/\/\S+/.exec(said.toString())![0];
	const { jobs } = (await (await fetch(`${address}/api/jobs`)).json()) as { jobs: { number: string }[] };
	child.kill('SIGTERM');
	await once(child, 'exit');
	return jobs.map(({ number }) => number);
}

test('a folder of a house is refused in a sentence and left as it is, even on --fresh', async () => {
	const folder = newFolder();
	try {
		const house = await startServer(folder);
		const number = await keepJob(house.address, workedJob({ title: 'A real piece' }));
		await house.stop();
		for (const args of [[], ['--fresh']])
			assert.match(refused(folder, args), /^The folder \S+ was not made by the demo and is left unchanged\. .+\.$/);
		const again = await startServer(folder, 0, { FRESH: '1' }).catch((error: Error) => error.message);
		assert.match(String(again), /was not made by the demo/, 'nor does a setting wipe it');
		const back = await startServer(folder);
		const kept = (await (await fetch(`${back.address}/api/jobs/${number}`)).json()) as { job: { title: string } };
		assert.equal(kept.job.title, 'A real piece');
		await back.stop();
	} finally {
		removeFolder(folder);
	}
});

test('any other folder that is not empty is refused; so is a database server', () => {
	const folder = emptyFolder();
	try {
		mkdirSync(join(folder, 'letters'));
		writeFileSync(join(folder, 'letters', 'one.txt'), 'Dear');
		assert.match(refused(folder, ['--fresh']), /was not made by the demo/);
		assert.deepEqual(readdirSync(folder), ['letters']);
		assert.match(refused(folder, [], { DATABASE_URL: 'postgres://nobody@127.0.0.1:1/none' }), /Unset DATABASE_URL/);
	} finally {
		removeFolder(folder);
	}
});

test('its own: a load that was cut off goes on, what was changed stays, --fresh begins anew', async () => {
	const folder = emptyFolder();
	try {
		const first = await demo(folder);
		assert.ok(first.length >= 19 && existsSync(join(folder, 'demo')));
		// As if the load had been cut off near its end.
		removeFolder(join(folder, 'loaded'));
		const house = await startServer(folder);
		await keepJob(house.address, workedJob({ title: 'Made by hand' }));
		await house.stop();
		assert.equal((await demo(folder)).length, first.length + 1);
		assert.deepEqual(await demo(folder, '--fresh'), first);
	} finally {
		removeFolder(folder);
	}
});
