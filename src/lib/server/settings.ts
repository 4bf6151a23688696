/** What the environment of the process sets. */
import type { Where } from './db/open.ts';

export function dataFolder(): string {
	return process.env.DATA_DIR ?? './data';
}

/** A PostgreSQL server by DATABASE_URL, else the embedded database of the data folder. */
export function databaseWhere(): Where {
	const url = process.env.DATABASE_URL;
	return url ? { url } : { folder: dataFolder(), fresh: process.env.FRESH === '1' };
}
