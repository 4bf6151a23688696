/** The one way to a database: the same plain SQL for the embedded one (`pglite.ts`) and for a server (`postgres.ts`). */

export type Rows<T> = { rows: T[] };

export interface Queries {
	/** One statement, its values apart from its text. */
	query<T = unknown>(sql: string, values?: readonly unknown[]): Promise<Rows<T>>;
}

export interface Transaction extends Queries {
	/** Statements of our own without values, as migrations are. */
	script(sql: string): Promise<void>;
}

export interface Database extends Queries {
	readonly kind: 'embedded' | 'server';
	/** All or nothing: what `work` throws undoes it. */
	transaction<T>(work: (tx: Transaction) => Promise<T>): Promise<T>;
	/**
	 * From here on, whatever any process on this database announces (`announce`), after it was kept.
	 * @param broken told when the way to the database breaks off, and when it is whole again: what was announced between was not heard
	 */
	listen(heard: (text: string) => void, broken: (isBack: boolean) => void): Promise<void>;
	close(): Promise<void>;
}

export const CHANNEL = 'rare_keep';

/** Said to every process on the database once the transaction is kept, and not at all when it is not. */
export async function announce(tx: Queries, text: string): Promise<void> {
	await tx.query('SELECT pg_notify($1, $2)', [CHANNEL, text]);
}
