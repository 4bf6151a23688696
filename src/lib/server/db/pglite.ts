/** The embedded database: one process on one data folder. */
import { PGlite, types, type Transaction as PGliteTransaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { CHANNEL, type Database, type Rows, type Transaction } from './database.ts';

/** @param folder of its files; null: in memory, for tests */
export async function openPGlite(folder: string | null): Promise<Database> {
	const db = await PGlite.create(folder ?? 'memory://', {
		extensions: { pg_trgm },
		// Counts and ids stay below 2⁵³.
		parsers: { [types.INT8]: Number }
	});
	return {
		kind: 'embedded',
		query: <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => db.query<T>(sql, [...values]),
		transaction: <T>(work: (tx: Transaction) => Promise<T>) => db.transaction((tx) => work(within(tx))),
		listen: async (heard) => {
			await db.listen(CHANNEL, heard);
		},
		close: () => db.close()
	};
}

function within(tx: PGliteTransaction): Transaction {
	return {
		query: <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => tx.query<T>(sql, [...values]),
		script: async (sql) => {
			await tx.exec(sql);
		}
	};
}
