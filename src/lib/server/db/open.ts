/** Opens the database of this house and brings it up to date: a PostgreSQL server's, or the embedded one of a data folder. */
import { existsSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { isOfFullDisk } from '../log.ts';
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
	refuseForeign(where.folder);
	const giveBack = await locked(where.folder);
	try {
		const files = join(where.folder, 'pg');
		if (where.fresh) {
			if (existsSync(files) && !existsSync(join(where.folder, DEMO_MARK))) throw new FreshError(where.folder);
			rmSync(files, { recursive: true, force: true });
		}
		const open = await migrated(await openFiles(where.folder, files));
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

/** Files of this program in its folder, beside locks. */
const OWN = ['pg', 'demo', 'loaded'];

/** A folder of somebody's other things is not filled with data. */
function refuseForeign(folder: string): void {
	if (!existsSync(folder) || !statSync(folder).isDirectory()) return;
	const names = readdirSync(folder).filter((name) => !name.startsWith('lock'));
	if (names.length > 0 && !names.some((name) => OWN.includes(name)))
		throw new FolderError(`The folder ${folder} holds other things and no data of this program. Set another DATA_DIR.`);
}

/** What a folder cannot be written for, in words. */
const NOT_WRITTEN: Partial<Record<string, string>> = {
	EACCES: 'may not be written by this user',
	EPERM: 'may not be written by this user',
	EROFS: 'is on a disk that is read-only',
	ENOSPC: 'is on a disk that is full',
	ENOTDIR: 'is a file, or lies in one',
	EEXIST: 'is a file, or lies in one'
};

async function locked(folder: string): Promise<() => void> {
	try {
		return await takeLock(folder);
	} catch (error) {
		const why = NOT_WRITTEN[(error as NodeJS.ErrnoException).code ?? ''];
		throw why ? new FolderError(`The data folder ${folder} ${why}. Set another DATA_DIR, or mend that.`) : error;
	}
}

/** The version of the files that the embedded database writes. */
const FILES_VERSION = '18';

async function openFiles(folder: string, files: string): Promise<Database> {
	const broken = (what: string) =>
		new FolderError(`The data in ${folder} ${what}. Nothing was changed. Put a backup in its place, or set another DATA_DIR.`);
	if (existsSync(files)) {
		const version = versionOf(files);
		if (version === null && readdirSync(files).length > 0) throw broken('are not of this program');
		if (version !== null && version !== FILES_VERSION) throw broken(`are of database version ${version}, not ${FILES_VERSION}`);
	}
	try {
		return await openPGlite(files);
	} catch (error) {
		if (isOfFullDisk(error))
			throw new FolderError(`The data folder ${folder} is on a disk that is full. Make room, then start again.`);
		throw Object.assign(broken('are damaged and can’t be opened'), { cause: error });
	}
}

function versionOf(files: string): string | null {
	try {
		return readFileSync(join(files, 'PG_VERSION'), 'utf8').trim();
	} catch {
		return null;
	}
}

/** The data folder can't be used; its sentence says why. */
export class FolderError extends Error {
	constructor(says: string) {
		super(says);
		this.name = 'FolderError';
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
