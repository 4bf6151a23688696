/** Opens the embedded database of a data folder and brings it up to date. */
import { PGlite } from '@electric-sql/pglite';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { takeLock } from './lock.ts';
import { migrate } from './migrate.ts';

export type Database = PGlite;
export type OpenDatabase = { db: Database; close: () => Promise<void> };

/**
 * @param folder the data folder, or null for a database in memory (tests)
 * @param fresh begin anew: what the folder holds is deleted, once the lock is ours
 * @throws LockedError
 */
export async function openDatabase(folder: string | null, fresh = false): Promise<OpenDatabase> {
	const giveBack = folder === null ? () => {} : takeLock(folder);
	try {
		if (folder !== null && fresh) rmSync(join(folder, 'pg'), { recursive: true, force: true });
		const db = await PGlite.create(folder === null ? 'memory://' : join(folder, 'pg'));
		await migrate(db);
		return {
			db,
			close: async () => {
				await db.close();
				giveBack();
			}
		};
	} catch (error) {
		giveBack();
		throw error;
	}
}
