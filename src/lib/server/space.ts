/** Room on the disk of the data folder: writes are refused before it is full, since a database that runs out of it in the middle stops. */
import { statfs } from 'node:fs/promises';
import { databaseWhere, dataFolder, keepFreeBytes } from './settings.ts';
import { log } from './log.ts';

export type Space = { freeBytes: number; ofBytes: number };

const MEGABYTE = 1024 * 1024;
/** Said beforehand. */
const LITTLE_BYTES = 500 * MEGABYTE;
/** Looked at no more often than this. */
const FRESH_MS = 1000;
const SAID_EACH_MS = 3600 * 1000;

let last: { at: number; space: Promise<Space> } | null = null;
let saidAt = -Infinity;

/** Where the embedded database keeps its files; null: a database server looks after its own. */
export async function spaceNow(): Promise<Space | null> {
	if ('url' in databaseWhere()) return null;
	const now = performance.now();
	if (!last || now - last.at > FRESH_MS) last = { at: now, space: measured() };
	const space = await last.space;
	if (space.freeBytes < LITTLE_BYTES && now - saidAt > SAID_EACH_MS) {
		saidAt = now;
		log.warn(space, littleSpace(space) ?? '');
	}
	return space;
}

async function measured(): Promise<Space> {
	const { bavail, blocks, bsize } = await statfs(dataFolder());
	return { freeBytes: bavail * bsize, ofBytes: blocks * bsize };
}

/** What is said while it is getting little; null while there is enough. */
export function littleSpace(space: Space | null): string | null {
	if (!space || space.freeBytes >= LITTLE_BYTES) return null;
	return `Only ${megabytes(space.freeBytes)} MB are free on the disk of the data folder. Below ${megabytes(keepFreeBytes())} MB nothing more is saved: make room.`;
}

/** Why nothing can be kept now; null where there is room. */
export async function whyFull(): Promise<string | null> {
	const space = await spaceNow();
	return space && space.freeBytes < keepFreeBytes() ? fullSays(space) : null;
}

export function fullSays(space: Space | null): string {
	const free = space ? ` ${megabytes(space.freeBytes)} MB are free.` : '';
	return `The disk is full, so this is not saved.${free} Make room on the disk of the data, then save again. What was saved before is safe.`;
}

const megabytes = (bytes: number): number => Math.floor(bytes / MEGABYTE);
