/** Where two job files differ, as JSON Pointers: what a conflict shows field by field. */
import { pointer, type Key } from './patch.ts';
import { isGroup } from './read.ts';

/** Pointers at which the two differ, in the order of the first, then what only the second has. */
export function differences(mine: unknown, theirs: unknown, keys: Key[] = []): string[] {
	if (isGroup(mine) && isGroup(theirs)) {
		const names = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
		return names.flatMap((name) => differences(own(mine, name), own(theirs, name), [...keys, name]));
	}
	if (Array.isArray(mine) && Array.isArray(theirs) && mine.length === theirs.length) {
		return mine.flatMap((item, index) => differences(item, theirs[index], [...keys, index]));
	}
	return mine === theirs || JSON.stringify(mine) === JSON.stringify(theirs) ? [] : [pointer(keys)];
}

function own(group: Record<string, unknown>, name: string): unknown {
	return Object.hasOwn(group, name) ? group[name] : undefined;
}
