/**
 * npm run mutate -- core/units core/stations/hold: changes one constant or operator at a time, runs the tests, and lists what no test noticed.
 * `--every 5` takes every fifth change only, for a first look. Survivors that have a reason stand in tests/survivors.json.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { installPackages, root, testsIn } from './setup.js';

installPackages();
const { build } = await import('esbuild');
const { default: ts } = await import('typescript');

const args = process.argv.slice(2);
const everyAt = args.indexOf('--every');
const every = everyAt < 0 ? 1 : Number(args.splice(everyAt, 2)[1]);
const targets = args.length > 0 ? args : ['core/units', 'core/stations/window', 'core/stations/hold', 'core/stations/hang'];
const known = existsSync(join(root, 'tests/survivors.json'))
	? JSON.parse(readFileSync(join(root, 'tests/survivors.json'), 'utf8'))
	: {};
const work = join(root, 'node_modules', '.cache', 'rare-keep', `mutants-${process.pid}`);
/** A change that never comes to an end is noticed too. */
const MOST_MS = 90_000;

const OPERATORS = {
	'<': ['<='],
	'<=': ['<'],
	'>': ['>='],
	'>=': ['>'],
	'+': ['-'],
	'-': ['+'],
	'*': ['/'],
	'/': ['*'],
	'&&': ['||'],
	'||': ['&&'],
	'===': ['!=='],
	'!==': ['===']
};

/** Every change of a file: where, and by what it is replaced. */
function changesIn(file) {
	const text = readFileSync(join(root, file), 'utf8');
	const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2023, true);
	const changes = [];
	const add = (node, by) =>
		changes.push({
			file,
			start: node.getStart(source),
			end: node.end,
			by,
			line: source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1,
			was: node.getText(source)
		});
	const walk = (node) => {
		if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isTypeAliasDeclaration(node)) return;
		if (ts.isNumericLiteral(node)) add(node, String(Number(node.text) === 0 ? 1 : Number(node.text) * 1.1 + 0.1));
		else if (ts.isBinaryExpression(node))
			for (const by of OPERATORS[node.operatorToken.getText(source)] ?? []) add(node.operatorToken, by);
		else if (ts.isPropertyAccessExpression(node) && ['Math.min', 'Math.max'].includes(node.getText(source)))
			add(node, node.name.text === 'min' ? 'Math.max' : 'Math.min');
		ts.forEachChild(node, walk);
	};
	walk(source);
	return { text, changes };
}

/** Files of the program below a folder, or the file itself. */
function filesIn(path) {
	if (!statSync(join(root, path)).isDirectory()) return [path];
	return readdirSync(join(root, path))
		.flatMap((name) => filesIn(join(path, name)))
		.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));
}

/** @returns whether the tests notice the change */
async function isNoticed({ file, start, end, by }, text, tests, name) {
	const path = join(root, file);
	const changed = {
		name: 'change',
		setup: (plugins) =>
			plugins.onLoad({ filter: /\.ts$/ }, ({ path: loaded }) =>
				loaded === path ? { contents: text.slice(0, start) + by + text.slice(end), loader: 'ts' } : undefined
			)
	};
	const entry = join(work, `${name}.ts`);
	const out = join(work, `${name}.mjs`);
	writeFileSync(entry, tests.map((test) => `import ${JSON.stringify(test)};\n`).join(''));
	await build({
		absWorkingDir: root,
		entryPoints: [entry],
		outfile: out,
		bundle: true,
		packages: 'external',
		format: 'esm',
		platform: 'node',
		target: 'node20',
		logLevel: 'silent',
		plugins: [changed]
	});
	return new Promise((resolve) => {
		const child = spawn(process.execPath, ['--no-warnings', out], { cwd: root, stdio: 'ignore' });
		const late = setTimeout(() => child.kill('SIGKILL'), MOST_MS);
		child.once('exit', (code) => {
			clearTimeout(late);
			resolve(code !== 0);
		});
	});
}

mkdirSync(work, { recursive: true });
const allTests = testsIn('core');
const queue = targets.flatMap(filesIn).flatMap((file) => {
	const { text, changes } = changesIn(file);
	return changes.filter((_, index) => index % every === 0).map((change) => ({ change, text }));
});
const survivors = [];
let done = 0;
async function worker(number) {
	for (let next = queue.shift(); next; next = queue.shift()) {
		const { change, text } = next;
		const near = allTests.filter((test) => dirname(relative(root, test)) === dirname(change.file));
		const noticed =
			(near.length > 0 && (await isNoticed(change, text, near, `near-${number}`))) ||
			(await isNoticed(change, text, allTests, `all-${number}`));
		done += 1;
		const id = `${change.file}: ${change.was} → ${change.by}, line ${change.line}`;
		const reason =
			known[
				`${change.file} ${text
					.slice(change.start - 30, change.end + 30)
					.replace(/\s+/g, ' ')
					.trim()}`
			];
		if (!noticed && !reason) {
			survivors.push(id);
			console.log(`not noticed: ${id}`);
		}
		if (done % 25 === 0) console.error(`${done} done, ${queue.length} to go`);
	}
}
await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, (_, number) => worker(number)));
rmSync(work, { recursive: true, force: true });
console.log(`${done} changes, ${survivors.length} not noticed.`);
process.exitCode = survivors.length > 0 ? 1 : 0;
