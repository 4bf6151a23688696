/** The adapter with files compressed as far as is worth its time: the last tenth of their size costs ten times as long as all before. */
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const TEXTS = ['.css', '.html', '.js', '.json', '.mjs', '.svg', '.txt', '.wasm', '.webmanifest', '.xml'];
const BROTLI_QUALITY = 9;

/** @returns the adapter, whose build writes `file.br` and `file.gz` beside each file that is worth it */
export function compressed(adapter) {
	return { ...adapter, adapt: (builder) => adapter.adapt({ ...builder, compress }) };
}

async function compress(folder) {
	const paths = filesIn(folder).filter((path) => TEXTS.includes(extname(path)));
	await Promise.all(paths.map(compressFile));
}

async function compressFile(path) {
	const bytes = readFileSync(path);
	const { BROTLI_PARAM_QUALITY, BROTLI_PARAM_SIZE_HINT } = constants;
	const params = { [BROTLI_PARAM_QUALITY]: BROTLI_QUALITY, [BROTLI_PARAM_SIZE_HINT]: bytes.length };
	const [br, gz] = await Promise.all([promisify(brotliCompress)(bytes, { params }), promisify(gzip)(bytes)]);
	writeFileSync(`${path}.br`, br);
	writeFileSync(`${path}.gz`, gz);
}

/** None where there is no such folder: no page may be written beforehand. */
function filesIn(folder) {
	if (!existsSync(folder)) return [];
	const names = readdirSync(folder, { recursive: true }).map((name) => join(folder, name));
	return names.filter((path) => statSync(path).isFile());
}
