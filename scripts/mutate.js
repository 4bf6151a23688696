/**
 * npm run mutate -- core/units core/stations/hold: changes one constant or operator at a time, runs the core's tests, and lists what no
 * test noticed. `--every 5` takes every fifth change only, for a first look; `--again log.txt` those alone that an earlier run has listed.
 * Survivors that have a reason stand in tests/survivors.json.
 *
 * Properties try few cases here: a change is to be noticed by a case that is written down. A file is compiled once with every change in it, each behind its number; a process that has loaded the tests runs them with one change
 * after the other. What comes to no end is killed, and counts as noticed.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { installPackages, root, testsIn } from './setup.js';
import { changesIn, withChanges } from './mutants.js';

installPackages();
const { build } = await import('esbuild');

const args = process.argv.slice(2);
const option = (name) => {
	const at = args.indexOf(name);
	return at < 0 ? null : args.splice(at, 2)[1];
};
const every = Number(option('--every') ?? 1);
const log = option('--again');
/** Keys of the changes that an earlier run has listed. */
const again =
	log === null ? null : new Set([...readFileSync(log, 'utf8').matchAll(/^not noticed, line \d+: (.*)$/gm)].map(([, key]) => key));
const targets = args.length > 0 ? args : ['core/units', 'core/stations/window', 'core/stations/hold', 'core/stations/hang'];
const REASONS = join(root, 'tests/survivors.json');
const reasons = existsSync(REASONS) ? JSON.parse(readFileSync(REASONS, 'utf8')) : {};
const work = join(root, 'node_modules', '.cache', 'rare-keep', `mutants-${process.pid}`);
/** What runs longer than all tests together do comes to no end: a machine that does nothing else is wanted. */
const MOST_MS = 120_000;
/** What plans variants tries everything at great length; what it is made of has tests of its own. */
const tests = testsIn('core')
	.map((path) => relative(root, path))
	.filter((path) => !path.startsWith('core/advice/'));

/** Files of the program below a folder, or the file itself. */
function filesIn(path) {
	if (!statSync(join(root, path)).isDirectory()) return [path];
	return readdirSync(join(root, path))
		.flatMap((name) => filesIn(join(path, name)))
		.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));
}

/** One program of all tests, those beside the file first, with every change of it. @returns its path */
async function compile(file, text) {
	const near = tests.filter((test) => dirname(test) === dirname(file));
	const name = file.replace(/\W+/g, '-');
	const entry = join(work, `${name}.ts`);
	const out = join(work, `${name}.mjs`);
	const ordered = [...near, ...tests.filter((test) => !near.includes(test))];
	writeFileSync(
		entry,
		`import ${JSON.stringify(join(root, 'scripts/mutant-runner.js'))};\n${ordered.map((test) => `import ${JSON.stringify(join(root, test))};\n`).join('')}`
	);
	await build({
		absWorkingDir: root,
		entryPoints: [entry],
		outfile: out,
		bundle: true,
		packages: 'external',
		format: 'esm',
		platform: 'node',
		target: 'node20',
		logLevel: 'error',
		alias: { 'node:test': join(root, 'scripts/mutant-tests.js') },
		plugins: [
			{
				name: 'changes',
				setup: (plugins) =>
					plugins.onLoad({ filter: /\.ts$/ }, ({ path }) =>
						path === join(root, file) ? { contents: withChanges(file, text), loader: 'ts' } : undefined
					)
			}
		]
	});
	return out;
}

/** A process that has the tests loaded; it is started anew after one that came to no end. */
function runner(program) {
	let child = null;
	const start = (change) =>
		fork(program, [], {
			env: { ...process.env, CHANGE: String(change), CASES: 'hundredth' },
			cwd: root,
			execArgv: ['--no-warnings'],
			stdio: ['ignore', 'ignore', 'ignore', 'ipc']
		});
	/** @param number of the change; 0 is none @param atLoad it is there when the program is loaded @returns whether a test failed */
	const isNoticed = (number, atLoad = false) =>
		new Promise((resolve) => {
			if (atLoad || !child?.connected) {
				child?.kill();
				child = start(atLoad ? number : 0);
			}
			const end = (noticed) => {
				clearTimeout(late);
				child?.removeAllListeners();
				resolve(noticed);
			};
			const late = setTimeout(
				() => {
					child?.kill('SIGKILL');
					child = null;
					end(true);
				},
				number === 0 ? 10 * MOST_MS : MOST_MS
			);
			child.once('exit', () => {
				child = null;
				end(true);
			});
			child.once('message', ({ noticed, spoiled }) => {
				// Something keeps what the change gave: the next one begins from a clean slate.
				if (spoiled || atLoad) {
					child.removeAllListeners();
					child.kill();
					child = null;
				}
				end(noticed);
			});
			child.send(number);
		});
	return { isNoticed, stop: () => child?.kill() };
}

mkdirSync(work, { recursive: true });
/** What names a change, wherever the lines around it move. */
function keyOf(file, text, { start, end, was, by }) {
	const place = text
		.slice(Math.max(0, start - 30), end + 30)
		.replace(/\s+/g, ' ')
		.trim();
	return `${file}: ${was} → ${by}: ${place}`;
}

const files = targets.flatMap(filesIn).map((file) => {
	const text = readFileSync(join(root, file), 'utf8');
	const changes = changesIn(file, text).map((change, index) => ({
		...change,
		number: index + 1,
		key: keyOf(file, text, change)
	}));
	return { file, text, tried: changes.filter(({ key }, index) => (again ? again.has(key) : index % every === 0)) };
});
const count = files.reduce((sum, { tried }) => sum + tried.length, 0);
const queue = files.filter(({ tried }) => tried.length > 0);
const survivors = [];
const used = new Set();
let done = 0;

async function worker() {
	for (let next = queue.shift(); next; next = queue.shift()) {
		const { file, text, tried } = next;
		const { isNoticed, stop } = runner(await compile(file, text));
		if (await isNoticed(0)) throw new Error(`The tests fail on ${file} as it is.`);
		for (const { number, key, line, atLoad } of tried) {
			if (!(await isNoticed(number, atLoad))) {
				if (reasons[key]) used.add(key);
				else {
					survivors.push(key);
					console.log(`not noticed, line ${line}: ${key}`);
				}
			}
			done += 1;
			if (done % 100 === 0) console.error(`${done} of ${count}`);
		}
		stop();
	}
}
await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, worker));
rmSync(work, { recursive: true, force: true });
const looked = new Set(files.map(({ file }) => file));
const idle = every > 1 || again ? [] : Object.keys(reasons).filter((key) => looked.has(key.split(':')[0]) && !used.has(key));
for (const key of idle) console.log(`a reason without its survivor: ${key}`);
console.log(`${done} changes, ${survivors.length} not noticed, ${used.size} with a reason.`);
process.exit(survivors.length + idle.length > 0 ? 1 : 0);
