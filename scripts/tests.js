/** Runs test files with Node’s own runner, two at a time: a browser and a server each take a core. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { compile } from './compile.js';
import { startPostgres } from './postgres.js';
import { root, testsIn } from './setup.js';
import { testHouse } from './test-house.js';

/** @returns the runner’s exit status; its counts are the last that it prints */
export async function runTests(...folders) {
	const compiled = together(await compile(testsIn(...folders), 'tests'));
	// Functions of the database are compiled when they are called: it opens in half the time.
	const flags = [
		'--wasm-lazy-compilation',
		'--liftoff-only',
		'--enable-source-maps',
		'--no-warnings',
		'--test',
		'--test-reporter=spec',
		'--test-concurrency=2'
	];
	const postgres = await startPostgres();
	try {
		const env = { ...process.env, TEST_DATABASE_URL: postgres.url, TEST_HOUSE: testHouse() };
		const runner = spawn(process.execPath, [...flags, ...compiled], { cwd: root, stdio: 'inherit', env });
		const [status] = await once(runner, 'exit');
		return status ?? 1;
	} finally {
		await postgres.stop();
	}
}

/** The stations' tests take milliseconds each: they share one process, which saves its start a score of times. */
function together(files) {
	const isStation = (file) => /core\/[\w-]+\/[\w-]+\.test\.js$/.test(file);
	const shared = files.filter(isStation);
	if (shared.length < 2) return files;
	const index = join(dirname(dirname(shared[0])), 'stations.test.js');
	writeFileSync(index, shared.map((file) => `import './${relative(dirname(index), file)}';\n`).join(''));
	return [index, ...files.filter((file) => !isStation(file))];
}
