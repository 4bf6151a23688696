/** Changes of a job file as JSON Patch (RFC 6902): what a remedy or a typed value does to it. */
import { applyPatch } from 'rfc6902';
import type { JobFile } from './definition.ts';
import { KEPT_IN_PLACE } from './kinds.ts';
import { isGroup } from './read.ts';

export type Operation = { op: 'add' | 'replace'; path: string; value: unknown } | { op: 'remove'; path: string };
export type Key = string | number;

/**
 * Operations that put `value` at `keys`; groups missing on the way are added.
 * @param file the file they will be applied to
 */
export function put(file: object, keys: readonly Key[], value: unknown): Operation[] {
	const operations: Operation[] = [];
	let at: unknown = file;
	for (const [index, key] of keys.slice(0, -1).entries()) {
		const next = isGroup(at) || Array.isArray(at) ? (at as Record<Key, unknown>)[key] : undefined;
		if (next === undefined || next === null || typeof next !== 'object')
			operations.push({ op: 'add', path: pointer(keys.slice(0, index + 1)), value: {} });
		at = next;
	}
	operations.push({ op: isListItem(file, keys) ? 'replace' : 'add', path: pointer(keys), value });
	return [...givenUp(file, keys), ...operations];
}

/** Each pair as keys: what is kept, and the choice in whose place it stands. */
const IN_PLACE = KEPT_IN_PLACE.map(([kept, chosen]) => [kept.split('.'), chosen.split('.')] as const);

/** A choice takes the place of what came with the frame, and what is kept takes the place of a choice: both together are a fault. */
function givenUp(file: object, keys: readonly Key[]): Operation[] {
	const [first] = keys;
	// Most changes are of neither: a plan makes hundreds of them for its remedies.
	if (first !== 'guard' && first !== 'frame' && first !== 'hang') return [];
	const operations: Operation[] = [];
	for (const [kept, chosen] of IN_PLACE) {
		if (chosen.every((key, at) => keys[at] === key)) operations.push(...leave(file, kept));
		if (keys.length === kept.length && kept.every((key, at) => keys[at] === key))
			operations.push(...stay(file, kept), ...drop(file, chosen));
	}
	return operations;
}

/** What came with the frame and was kept leaves: the bench is told so. @param kept its keys, such as `frame`, `kept`, `back` */
export function leave(file: object, kept: readonly string[]): Operation[] {
	if (valueAt(file, kept) === undefined) return [];
	return [...drop(file, kept), { op: 'add', path: pointer(REPLACED), value: [...othersReplaced(file, kept), kept.at(-1)] }];
}

/** It is kept: it does not leave. */
function stay(file: object, kept: readonly string[]): Operation[] {
	const others = othersReplaced(file, kept);
	if (others.length === listAt(file, REPLACED).length) return [];
	return others.length === 0 ? drop(file, REPLACED) : [{ op: 'replace', path: pointer(REPLACED), value: others }];
}

const REPLACED = ['frame', 'replaced'];

function listAt(file: object, keys: readonly Key[]): unknown[] {
	const list = valueAt(file, keys);
	return Array.isArray(list) ? (list as unknown[]) : [];
}

const othersReplaced = (file: object, kept: readonly string[]): unknown[] =>
	listAt(file, REPLACED).filter((one) => one !== kept.at(-1));

/** Operations that take `keys` out; none where nothing stands. */
export function drop(file: object, keys: readonly Key[]): Operation[] {
	return valueAt(file, keys) === undefined ? [] : [{ op: 'remove', path: pointer(keys) }];
}

/** A new file with the operations applied; the old one stays as it was, and what nothing touches is shared by both. */
export function patched(file: JobFile, operations: readonly Operation[]): JobFile {
	const copy: JobFile = { ...file };
	const own = new Set<object>([copy]);
	for (const { path } of operations) ownAlong(copy, keysOf(path).slice(0, -1), own);
	const copies = operations.map((one) => ('value' in one ? { ...one, value: copyOf(one.value) } : one));
	const failed = applyPatch(copy, copies as Parameters<typeof applyPatch>[1]).find((error) => error !== null);
	if (failed) throw new Error(`This change can’t be applied: ${failed.message}`);
	return copy;
}

/** Every group and list on the way is copied once, so that a change stays in the new file. */
function ownAlong(file: object, keys: readonly Key[], own: Set<object>): void {
	let at = file as Record<Key, unknown>;
	for (const key of keys) {
		const next = Object.hasOwn(at, key) ? at[key] : undefined;
		if (typeof next !== 'object' || next === null) return;
		if (!own.has(next)) {
			at[key] = Array.isArray(next) ? [...(next as unknown[])] : { ...next };
			own.add(at[key] as object);
		}
		at = at[key] as Record<Key, unknown>;
	}
}

function copyOf<Value>(value: Value): Value {
	return typeof value === 'object' && value !== null ? (JSON.parse(JSON.stringify(value)) as Value) : value;
}

export function valueAt(file: unknown, keys: readonly Key[]): unknown {
	return keys.reduce<unknown>(
		(value, key) =>
			typeof value === 'object' && value !== null && Object.hasOwn(value, key) ? (value as Record<Key, unknown>)[key] : undefined,
		file
	);
}

/** `['mats', 0, 'board']` → `/mats/0/board`. */
export function pointer(keys: readonly Key[]): string {
	return keys.map((key) => `/${String(key).replace(/~/g, '~0').replace(/\//g, '~1')}`).join('');
}

/** `/mats/0/board` → `['mats', 0, 'board']`. */
export function keysOf(path: string): Key[] {
	return path
		.split('/')
		.slice(1)
		.map((key) => (/^\d+$/.test(key) ? Number(key) : key.replace(/~1/g, '/').replace(/~0/g, '~')));
}

/** A fault's place as keys: `window.openings[1].overlap` → `['window', 'openings', 1, 'overlap']`. */
export function keysOfPath(path: string): Key[] {
	return [...path.matchAll(/[^.[\]]+/g)].map(([key]) => (/^\d+$/.test(key) ? Number(key) : key));
}

function isListItem(file: object, keys: readonly Key[]): boolean {
	return Array.isArray(valueAt(file, keys.slice(0, -1)));
}
