/** What the commands need on a fresh machine: packages, a build, a browser. Plain Node, since nothing is installed yet. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const at = (...parts) => join(root, ...parts);

/** Runs a command; its output goes to standard error, so that a command's own answer stays alone on standard output. */
export function run(program, args, options = {}) {
	const { status, error } = spawnSync(program, args, { cwd: root, stdio: ['ignore', 2, 2], ...options });
	if (error) throw error;
	return status ?? 1;
}

/** The same beside others. @returns its exit status, once it has ended */
export function runBeside(program, args, options = {}) {
	const child = spawn(program, args, { cwd: root, stdio: ['ignore', 2, 2], ...options });
	return new Promise((resolve, reject) => child.once('error', reject).once('exit', (status) => resolve(status ?? 1)));
}

export function must(program, args, options) {
	const status = run(program, args, options);
	if (status !== 0) fail(program, args, status);
}

async function mustBeside(program, args) {
	const status = await runBeside(program, args);
	if (status !== 0) fail(program, args, status);
}

function fail(program, args, status) {
	console.error(`${program} ${args.join(' ')} ended with ${status}.`);
	process.exit(status);
}

/** npm ci, when packages are missing or older than the lock file. */
export function installPackages() {
	const installed = at('node_modules', '.package-lock.json');
	const fresh = existsSync(installed) && statSync(installed).mtimeMs >= statSync(at('package-lock.json')).mtimeMs;
	if (fresh) return;
	must('npm', ['ci', '--no-fund', '--no-audit', '--loglevel', 'error']);
	writeFileSync(at('node_modules', '.installed'), '');
}

/** vite build, when a source is newer than the build. Ends the program where it fails. */
export async function buildIfStale() {
	const stamp = at('build', 'stamp');
	const sources = ['src', 'core', 'static', 'docs/handbook', 'package-lock.json', 'svelte.config.js', 'vite.config.ts'];
	const newest = Math.max(...sources.map((source) => newestIn(at(source))));
	if (existsSync(stamp) && statSync(stamp).mtimeMs >= newest) return;
	// Types of the routes are its own to make; what they extend must be there before it reads its settings.
	if (!existsSync(at('.svelte-kit', 'tsconfig.json'))) await mustBeside('npx', ['--no-install', 'svelte-kit', 'sync']);
	await mustBeside('npx', ['--no-install', 'vite', 'build', '--logLevel', 'warn']);
	writeFileSync(stamp, '');
}

function newestIn(path) {
	if (!existsSync(path)) return 0;
	const stat = statSync(path);
	if (!stat.isDirectory()) return stat.mtimeMs;
	return Math.max(0, ...readdirSync(path).map((name) => newestIn(join(path, name))));
}

/** Debian’s Chromium and ChromeDriver; and the Chromium without a window where it can be had, which tests in less time. */
export async function installBrowser() {
	const lacks = (name) => !existsSync(`/usr/bin/${name}`);
	if (lacks('chromium') || lacks('chromedriver')) await installDebian('The browser tests', ['chromium', 'chromium-driver']);
	if (lacks('chromium-headless-shell') && !(await triedDebian(['chromium-headless-shell'])))
		console.error('The browser tests continue with Chromium itself: chromium-headless-shell is not available.');
}

/** Packages of Debian's, as root or by sudo; where neither goes, the person is told what to do. */
export async function installDebian(what, packages) {
	if (await triedDebian(packages)) return;
	console.error(`${what} need Debian’s packages: sudo apt-get install ${packages.join(' ')}`);
	process.exit(1);
}

/** Whether Debian's lists of packages are read: once is enough. */
let listed;

/** @returns whether they are installed now */
async function triedDebian(packages) {
	const asRoot = process.getuid?.() === 0;
	if (!asRoot && spawnSync('sudo', ['-n', 'true']).status !== 0) return false;
	const apt = async (...args) =>
		(await runBeside(asRoot ? 'apt-get' : 'sudo', asRoot ? args : ['apt-get', ...args], {
			env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
		})) === 0;
	listed ??= apt('update', '-qq');
	return (await listed) && apt('install', '-y', '-qq', ...packages);
}

/** Test files below folders. */
export function testsIn(...folders) {
	const found = [];
	const walk = (folder) => {
		for (const name of readdirSync(folder)) {
			const path = join(folder, name);
			if (statSync(path).isDirectory()) walk(path);
			else if (name.endsWith('.test.ts')) found.push(path);
		}
	};
	for (const folder of folders) walk(at(folder));
	return found;
}
