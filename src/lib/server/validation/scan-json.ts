/** What `JSON.parse` does not say of a text: how deep it nests, and a key that is given twice, of which it would take the last. */

type Open = { /** null: of a list. */ keys: Set<string> | null; at: string; commas: number };

/**
 * One pass without recursion; a text that is no JSON gives whatever it comes to.
 * @returns the deepest nesting of brackets, and the path of the first doubled key (null: none)
 */
export function scanJson(text: string): { depth: number; doubled: string | null } {
	const open: Open[] = [];
	let depth = 0;
	let doubled: string | null = null;
	// The string before a colon is the key; of a list, the count of its commas.
	let string = '';
	for (let at = 0; at < text.length; at += 1) {
		const letter = text.charCodeAt(at);
		if (letter === QUOTE) {
			const from = at;
			for (at += 1; at < text.length && text.charCodeAt(at) !== QUOTE; at += 1) if (text.charCodeAt(at) === BACKSLASH) at += 1;
			if (open.at(-1)?.keys) string = text.slice(from, at + 1);
		} else if (letter === COLON) {
			const group = open.at(-1);
			if (!group?.keys) continue;
			const key = keyOf(string);
			group.at = key;
			if (group.keys.has(key)) doubled ??= pathTo(open);
			group.keys.add(key);
		} else if (letter === OPEN_GROUP || letter === OPEN_LIST) {
			open.push({ keys: letter === OPEN_GROUP ? new Set() : null, at: '', commas: 0 });
			depth = Math.max(depth, open.length);
		} else if (letter === CLOSE_GROUP || letter === CLOSE_LIST) {
			open.pop();
		} else if (letter === COMMA) {
			const list = open.at(-1);
			if (list) list.commas += 1;
		}
	}
	return { depth, doubled };
}

const [QUOTE, BACKSLASH, COLON, COMMA] = [0x22, 0x5c, 0x3a, 0x2c];
const [OPEN_GROUP, CLOSE_GROUP, OPEN_LIST, CLOSE_LIST] = [0x7b, 0x7d, 0x5b, 0x5d];

/** `"a\u0062"` and `"ab"` are the same key. */
function keyOf(written: string): string {
	if (!written.includes('\\')) return written.slice(1, -1);
	try {
		return JSON.parse(written) as string;
	} catch {
		return written;
	}
}

function pathTo(open: readonly Open[]): string {
	return open.reduce((path, { keys, at, commas }) => {
		if (!keys) return `${path}[${commas}]`;
		return path === '' ? at : `${path}.${at}`;
	}, '');
}
