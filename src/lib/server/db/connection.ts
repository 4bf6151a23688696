/** The one database of this process. */
import { openDatabase, type Database, type OpenDatabase, type Where } from './open.ts';

let open: OpenDatabase | null = null;

/** Opens it once, at the start. */
export async function connect(where: Where, lost: (error: Error) => void): Promise<void> {
	open ??= await openDatabase(where, lost);
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
