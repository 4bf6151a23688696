/** Lets Node read `….sql?raw` as the build does: the text of the file. */
import { readFileSync } from 'node:fs';
import { register } from 'node:module';
import { fileURLToPath } from 'node:url';

export async function load(url, context, next) {
	if (!url.endsWith('.sql?raw')) return next(url, context);
	return {
		format: 'module',
		shortCircuit: true,
		source: `export default ${JSON.stringify(readFileSync(fileURLToPath(url.replace('?raw', '')), 'utf8'))};`
	};
}

export async function resolve(specifier, context, next) {
	if (!specifier.endsWith('.sql?raw')) return next(specifier, context);
	return { url: new URL(specifier, context.parentURL).href, shortCircuit: true };
}

// The file registers itself; as a hook it is loaded a second time, on the hooks' own thread.
if (!process.env.RAW_SQL_HOOK) {
	process.env.RAW_SQL_HOOK = '1';
	register(import.meta.url);
}
