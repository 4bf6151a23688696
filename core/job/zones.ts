/** Adding a zone to a job file: it gets a name that stands once. */
import type { Rect } from '../geometry/shapes.ts';
import type { Zone } from './decide-piece.ts';
import type { JobFile } from './definition.ts';
import { put, valueAt, type Operation } from './patch.ts';
import { pieceKeys } from './keys.ts';

/** @param number which of several windows, null for the only one */
export function addZone(file: JobFile, number: number | null, kind: Zone['kind'], place: Rect): Operation[] {
	const keys = [...pieceKeys(file, number, 'zones'), 'zones'];
	const before = (valueAt(file, keys) ?? []) as { id?: string }[];
	let count = before.length + 1;
	while (before.some(({ id }) => id === `zone ${count}`)) count += 1;
	return put(file, keys, [...before, { id: `zone ${count}`, kind, ...place }]);
}

/** A new zone in the middle of a sheet, where it asks for nothing until it is moved. */
export function middleZone({ width, height }: { width: number; height: number }): Rect {
	const size = Math.ceil(Math.min(width, height) / 10);
	return { left: Math.ceil((width - size) / 2), top: Math.ceil((height - size) / 2), width: size, height: size };
}
