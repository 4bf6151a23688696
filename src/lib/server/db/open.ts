/** Opens the database of this house and brings it up to date: a PostgreSQL server's, or the embedded one of a data folder. */
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Database } from './database.ts';
import { takeLock } from './lock.ts';
import { migrate } from './migrate.ts';
import { openPGlite } from './pglite.ts';
import { openPostgres } from './postgres.ts';

export type { Database } from './database.ts';
export type OpenDatabase = { db: Database; close: () => Promise<void> };
/** A server's URL, a data folder, or memory (tests). */
export type Where = { url: string } | { folder: string; fresh?: boolean } | { memory: Uint8Array<ArrayBuffer> | null };

/** A folder with this file was made by the demo, which alone may begin anew in it. */
export const DEMO_MARK = 'demo';

/** @throws LockedError when another process has the folder; FreshError when it is not the demo's to wipe */
export async function openDatabase(where: Where, lost: (error: Error) => void = () => {}): Promise<OpenDatabase> {
	if ('memory' in where) return migrated(await openPGlite(where));
	if ('url' in where) return migrated(await openPostgres(where.url, lost));
	const giveBack = await takeLock(where.folder);
	try {
		const files = join(where.folder, 'pg');
		if (where.fresh) {
			if (existsSync(files) && !existsSync(join(where.folder, DEMO_MARK))) throw new FreshError(where.folder);
			rmSync(files, { recursive: true, force: true });
		}
		const open = await migrated(await openPGlite(files));
		return {
			db: open.db,
			close: async () => {
				await open.close();
				giveBack();
			}
		};
	} catch (error) {
		giveBack();
		throw error;
	}
}

export class FreshError extends Error {
	constructor(folder: string) {
		super(`The data folder ${folder} was not made by the demo and is left unchanged. Set another DATA_DIR for the demo.`);
		this.name = 'FreshError';
	}
}

async function migrated(db: Database): Promise<OpenDatabase> {
	try {
		await migrate(db);
		return { db, close: () => db.close() };
	} catch (error) {
		await db.close();
		throw error;
	}
}
