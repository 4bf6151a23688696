/** `….ts?thread`: a file with all that it imports as one text, which a worker thread runs. For the build and for the tests alike. */
import { buildSync } from 'esbuild';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const THREAD = /\.ts\?thread$/;

/** @returns the text of a module that stands alone */
export function threadCode(path) {
	const { outputFiles } = buildSync({
		absWorkingDir: root,
		entryPoints: [path.replace(/\?thread$/, '')],
		bundle: true,
		write: false,
		format: 'esm',
		platform: 'node',
		target: 'node20',
		minify: true,
		// Packages of the older form ask for Node's own parts by name.
		banner: { js: "import{createRequire as requireFrom}from'node:module';const require=requireFrom('file:///');" },
		tsconfig: join(root, 'tsconfig.node.json'),
		logLevel: 'warning'
	});
	return outputFiles[0].text;
}

/** For Vite. */
export const threadPlugin = {
	name: 'thread code',
	enforce: 'pre',
	load(id) {
		return THREAD.test(id) ? `export default ${JSON.stringify(threadCode(id))}` : null;
	}
};

/** For esbuild. */
export const threadLoader = {
	name: 'thread code',
	setup(build) {
		build.onResolve({ filter: THREAD }, ({ path, resolveDir }) => ({ path: join(resolveDir, path), namespace: 'thread' }));
		build.onLoad({ filter: /.*/, namespace: 'thread' }, ({ path }) => ({ contents: threadCode(path), loader: 'text' }));
	}
};
