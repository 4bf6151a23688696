/** The embedded database: one process on one data folder. */
import { PGlite, types, type Transaction as PGliteTransaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { CHANNEL, type Database, type Rows, type Transaction } from './database.ts';

const settings = {
	extensions: { pg_trgm },
	// Counts and ids stay below 2⁵³.
	parsers: { [types.INT8]: Number }
};

/** @param where the folder of its files; or memory, for tests, from the beginning or from what `dumpPGlite` gave */
export async function openPGlite(where: string | { memory: Uint8Array<ArrayBuffer> | null }): Promise<Database> {
	const db = await PGlite.create(
		typeof where === 'string' ? where : 'memory://',
		typeof where === 'string' || !where.memory ? settings : { ...settings, loadDataDir: new Blob([where.memory]) }
	);
	return {
		kind: 'embedded',
		query: <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => db.query<T>(sql, [...values]),
		transaction: <T>(work: (tx: Transaction) => Promise<T>) => db.transaction((tx) => work(within(tx))),
		// In this process nothing is missed.
		listen: async (heard) => {
			await db.listen(CHANNEL, heard);
		},
		close: () => db.close()
	};
}

/** All of a folder's files as one. */
export async function dumpPGlite(folder: string): Promise<Uint8Array> {
	const db = await PGlite.create(folder, settings);
	const all = await db.dumpDataDir('none');
	await db.close();
	return new Uint8Array(await all.arrayBuffer());
}

function within(tx: PGliteTransaction): Transaction {
	return {
		query: <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => tx.query<T>(sql, [...values]),
		script: async (sql) => {
			await tx.exec(sql);
		}
	};
}
