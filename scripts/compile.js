/** TypeScript to JavaScript that Node runs: Node 20 can’t run TypeScript itself, and a bundle starts in a tenth of the time of a loader. */
import { readFileSync, rmSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { root } from './setup.js';

/** `….sql?raw` as the build reads it: the text of the file. */
const rawText = {
	name: 'raw text',
	setup(build) {
		build.onResolve({ filter: /\?raw$/ }, ({ path, resolveDir }) => ({
			path: resolve(resolveDir, path.replace(/\?raw$/, '')),
			namespace: 'raw'
		}));
		build.onLoad({ filter: /.*/, namespace: 'raw' }, ({ path }) => ({ contents: readFileSync(path, 'utf8'), loader: 'text' }));
	}
};

/** The folder that a name is compiled to: below node_modules, so that packages are found from there. */
export const compiledTo = (name) => join(root, 'node_modules', '.cache', 'rare-keep', name);

/** Removes what was compiled under a name. */
export function forget(name) {
	rmSync(compiledTo(name), { recursive: true, force: true });
}

/**
 * Compiles files of the project with what they import; packages stay where they are.
 * @param {string[]} files paths from the project’s root
 * @param {string} name of the folder below node_modules/.cache that the result is written to
 * @returns {Promise<string[]>} paths of the compiled files, in the order of `files`
 */
export async function compile(files, name) {
	// Installed by the command that comes here: not there yet when this file is read.
	const { build } = await import('esbuild');
	const { threadLoader } = await import('./thread-code.js');
	forget(name);
	const folder = compiledTo(name);
	const entries = files.map((file) => relative(root, resolve(root, file)));
	await build({
		absWorkingDir: root,
		entryPoints: entries,
		outbase: root,
		outdir: folder,
		bundle: true,
		splitting: true,
		packages: 'external',
		format: 'esm',
		platform: 'node',
		target: 'node20',
		sourcemap: 'inline',
		// Lines are named, not shown: maps are read whenever a test begins.
		sourcesContent: false,
		tsconfig: 'tsconfig.node.json',
		logLevel: 'warning',
		plugins: [rawText, threadLoader]
	});
	return entries.map((file) => join(folder, file.replace(/\.ts$/, '.js')));
}
