/** The embedded database: one process on one data folder. */
import { setImmediate } from 'node:timers/promises';
import { PGlite, types, type Transaction as PGliteTransaction } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';
import { CHANNEL, type Database, type Rows, type Transaction } from './database.ts';

const settings = {
	extensions: { pg_trgm },
	parsers: {
		// Counts and ids stay below 2⁵³.
		[types.INT8]: Number,
		// Its own way goes byte by byte.
		[types.BYTEA]: (hex: string) => new Uint8Array(Buffer.from(hex.slice(2), 'hex'))
	},
	serializers: { [types.BYTEA]: (bytes: Uint8Array) => `\\x${Buffer.from(bytes).toString('hex')}` }
};

/** @param where the folder of its files; or memory, for tests, from the beginning or from what `dumpPGlite` gave */
export async function openPGlite(where: string | { memory: Uint8Array<ArrayBuffer> | null }): Promise<Database> {
	const db = await PGlite.create(
		typeof where === 'string' ? where : 'memory://',
		typeof where === 'string' || !where.memory ? settings : { ...settings, loadDataDir: new Blob([where.memory]) }
	);
	// One at a time, so that a single statement waits for one transaction and not for all that stand in line.
	let behind: Promise<unknown> = Promise.resolve();
	/** Single statements that wait or run. */
	let singles = 0;
	return {
		kind: 'embedded',
		query: async <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => {
			singles += 1;
			try {
				return await inTurn(db.query<T>(sql, [...values]));
			} finally {
				singles -= 1;
			}
		},
		transaction: <T>(work: (tx: Transaction) => Promise<T>) => {
			let began = 0;
			const mine = behind.then(() => {
				began = performance.now();
				return db.transaction((tx) => work(within(tx)));
			});
			const rest = () => letOthers(() => singles > 0, performance.now() - began);
			behind = mine.then(rest, rest);
			return mine;
		},
		// In this process nothing is missed.
		listen: async (heard) => {
			await db.listen(CHANNEL, heard);
		},
		close: () => db.close()
	};
}

/** A page asks several times, one after another: each would stand behind a transaction more. */
const REST_MOST_MS = 30;

/** As long as others ask, but no longer than it held them up. */
async function letOthers(ask: () => boolean, tookMs: number): Promise<void> {
	const until = performance.now() + Math.min(tookMs, REST_MOST_MS);
	do await setImmediate();
	while (ask() && performance.now() < until);
}

/** It answers without ever letting the process turn to anything else: one who asks again and again would have it alone. */
async function inTurn<T>(answer: Promise<Rows<T>>): Promise<Rows<T>> {
	const rows = await answer;
	await setImmediate();
	return rows;
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
		query: <T>(sql: string, values: readonly unknown[] = []): Promise<Rows<T>> => inTurn(tx.query<T>(sql, [...values])),
		script: async (sql) => {
			await tx.exec(sql);
		}
	};
}
