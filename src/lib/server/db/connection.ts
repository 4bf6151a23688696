/** The one database of this process. */
import { openDatabase, type Database, type OpenDatabase } from './open.ts';

let open: OpenDatabase | null = null;

/** Opens the data folder once, at the start. */
export async function connect(folder: string, fresh: boolean): Promise<void> {
	open ??= await openDatabase(folder, fresh);
}

export function database(): Database {
	if (!open) throw new Error('The database is not open.');
	return open.db;
}

export async function disconnect(): Promise<void> {
	const closing = open;
	open = null;
	await closing?.close();
}
