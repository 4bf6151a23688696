/** What the environment of the process sets. */
import type { Where } from './db/open.ts';

export function dataFolder(): string {
	return process.env.DATA_DIR ?? './data';
}

/** The address that people type, where a proxy stands before this process; null where they ask it itself. */
export function ownOrigin(): string | null {
	const origin = process.env.ORIGIN;
	return origin && URL.canParse(origin) ? new URL(origin).origin : null;
}

const KEEP_FREE_MB = 64;

/** So much stays free on the disk of the data folder: `KEEP_FREE_MB`. */
export function keepFreeBytes(): number {
	const given = Number(process.env.KEEP_FREE_MB ?? KEEP_FREE_MB);
	return (given >= 0 ? given : KEEP_FREE_MB) * 1024 * 1024;
}

/** A PostgreSQL server by DATABASE_URL, else the embedded database of the data folder. */
export function databaseWhere(): Where {
	const url = process.env.DATABASE_URL;
	return url ? { url } : { folder: dataFolder(), fresh: process.env.FRESH === '1' };
}

/** Where a computer-driven cutter listens; null where the shop has none. */
export function cutterUrl(): string | null {
	return process.env.CUTTER_URL || null;
}

/** Where orders are sent; null where they are written down by hand. */
export function supplierUrl(): string | null {
	return process.env.SUPPLIER_URL || null;
}
