/**
 * Lines of TypeScript in what a test says: the runner names those of the compiled files. Node could do it itself, but it then reads every map
 * whenever a process begins, which costs more than most tests do; here a map is read when a line of its file is named.
 */
import { readFileSync } from 'node:fs';
import { SourceMap } from 'node:module';
import { dirname, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { root } from './setup.js';

const PLACE = /(?:file:\/\/)?((?:\/|node_modules\/)[^\s():]+\.js):(\d+):(\d+)/g;
const INLINE = 'sourceMappingURL=data:application/json;base64,';

const maps = new Map();

function mapOf(file) {
	if (maps.has(file)) return maps.get(file);
	let map = null;
	try {
		const text = readFileSync(file, 'utf8');
		const at = text.lastIndexOf(INLINE);
		if (at >= 0) map = new SourceMap(JSON.parse(Buffer.from(text.slice(at + INLINE.length), 'base64').toString()));
	} catch {
		// A file that is gone keeps its name.
	}
	maps.set(file, map);
	return map;
}

/** A line with each place of a compiled file below `folder` as it stands in its source. */
export function mappedLine(line, folder) {
	return line.replace(PLACE, (place, named, row, column) => {
		const file = resolve(root, named);
		if (!file.startsWith(folder)) return place;
		const found = mapOf(file)?.findEntry(Number(row) - 1, Number(column) - 1);
		if (!found?.originalSource) return place;
		return `${resolve(dirname(file), found.originalSource)}:${found.originalLine + 1}:${found.originalColumn + 1}`;
	});
}

/** Passes a stream on, line by line, mapped. */
export async function passMapped(from, to, folder) {
	for await (const line of createInterface({ input: from })) to.write(`${mappedLine(line, folder)}\n`);
}
