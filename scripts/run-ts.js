/** Runs a TypeScript file, its arguments after it: `node scripts/run-ts.js scripts/write-docs.ts`. */
import { basename } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { compile, forget } from './compile.js';
import { root } from './setup.js';

/** Runs a TypeScript file of the project in this process, in the project’s folder, as if Node had been started with it. */
export async function runTs(file, ...args) {
	const name = `${basename(file, '.ts')}-${process.pid}`;
	process.once('exit', () => forget(name));
	const [compiled] = await compile([file], name);
	process.chdir(root);
	process.setSourceMapsEnabled(true);
	process.argv.splice(1, Infinity, compiled, ...args);
	await import(pathToFileURL(compiled).href);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await runTs(process.argv[2], ...process.argv.slice(3));
