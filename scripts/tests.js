/** Runs test files with Node’s own runner, two at a time: a browser and a server each take a core. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
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

/** The core's tests take milliseconds each: they share two processes, which saves a score of starts and keeps both cores at work. */
function together(files) {
	const isCore = (file) => /\/core\/(?:[\w-]+\/)+[\w-]+\.test\.js$/.test(file);
	const shared = files.filter(isCore);
	if (shared.length < 4) return files;
	const folder = shared[0].slice(0, shared[0].lastIndexOf('/core/') + 1);
	const indices = [0, 1].map((half) => {
		const index = join(folder, `core-${half + 1}.test.js`);
		const own = shared.filter((_, at) => at % 2 === half);
		writeFileSync(index, own.map((file) => `import './${relative(folder, file)}';\n`).join(''));
		return index;
	});
	return [...indices, ...files.filter((file) => !isCore(file))];
}
