/** Runs test files with Node’s own runner, three at a time on two cores: while one waits for its page the others go on. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { compile, compiledTo } from './compile.js';
import { passMapped } from './mapped-lines.js';
import { startPostgres } from './postgres.js';
import { root, testsIn } from './setup.js';
import { testHouse } from './test-house.js';

/**
 * @param folders whose tests are run
 * @param onServer whether those on databases are run on a server’s too, which is started for them
 * @returns the runner’s exit status; its counts are the last that it prints
 */
export async function runTests(folders, { onServer }) {
	// Functions of the database are compiled when they are called: it opens in half the time. Most of the core’s run for too short a time
	// to earn back what optimising them costs.
	const flags = [
		'--wasm-lazy-compilation',
		'--liftoff-only',
		'--interrupt-budget=400000',
		'--max-semi-space-size=64',
		'--no-warnings',
		'--test',
		'--test-reporter=spec',
		'--test-concurrency=3'
	];
	const [compiled, postgres] = await Promise.all([compile(testsIn(...folders), 'tests'), onServer ? startPostgres() : null]);
	try {
		const env = { ...process.env, TEST_DATABASE_URL: postgres?.url ?? '', TEST_HOUSE: testHouse() };
		if (process.stdout.isTTY) env.FORCE_COLOR ??= '1';
		const runner = spawn(process.execPath, [...flags, ...together(compiled)], {
			cwd: root,
			stdio: ['inherit', 'pipe', 'inherit'],
			env
		});
		const said = passMapped(runner.stdout, process.stdout, compiledTo('tests'));
		const [status] = await once(runner, 'exit');
		await said;
		return status ?? 1;
	} finally {
		await postgres?.stop();
	}
}

/** Each of these is a program of its own, the files of a folder below them one: it starts servers and browsers. */
const ALONE = /\/tests\/((?:browser|cli|demo|running)\/[\w-]+)(?:\/[\w-]+)?\.test\.js$/;
const ON_DATABASES = /\/tests\/server\//;
/** They begin first, so that none of them is left to run alone at the end. */
const LONGEST = [
	...['shared-1', 'shared-2', 'running/one-figure', 'browser/axe', 'browser/drawn', 'browser/demo', 'browser/plan'],
	...['running/demo-folder', 'browser/piece']
];
/** What is on databases takes half of the first process’s time: of the rest it has as much as makes both even. */
const ONE_IN = 3;

/**
 * One program for each process, named in the order in which they are to begin. The tests that are not alone take milliseconds each: they
 * share two processes, which saves a hundred starts and compiles the core and the database once.
 */
function together(files) {
	const groups = new Map(LONGEST.map((name) => [name, []]));
	for (const [at, file] of files.entries()) {
		const name = ALONE.exec(file)?.[1] ?? (ON_DATABASES.test(file) || at % ONE_IN === 0 ? 'shared-1' : 'shared-2');
		groups.set(name, [...(groups.get(name) ?? []), file]);
	}
	const folder = compiledTo('tests');
	return [...groups]
		.filter(([, own]) => own.length > 0)
		.map(([name, own], at) => {
			const index = join(folder, `${String(at).padStart(2, '0')}-${name.replace('/', '-')}.test.js`);
			writeFileSync(index, own.map((file) => `import './${relative(folder, file)}';\n`).join(''));
			return index;
		});
}
