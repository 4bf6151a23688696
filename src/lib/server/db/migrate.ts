/** Numbered migrations, each run once and in order; all of a start in one transaction, so that none is left half done. */
import type { Database, Queries } from './database.ts';
import jobs from './migrations/0001_jobs.sql?raw';
import pictures from './migrations/0002_pictures.sql?raw';
import shop from './migrations/0003_shop.sql?raw';
import climate from './migrations/0004_climate.sql?raw';
import ground from './migrations/0005_ground.sql?raw';
import today from './migrations/0006_today.sql?raw';
import stock from './migrations/0007_stock.sql?raw';
import orders from './migrations/0008_cutting_and_orders.sql?raw';
import bench from './migrations/0009_bench.sql?raw';
import trainer from './migrations/0010_trainer.sql?raw';
import walls from './migrations/0011_walls.sql?raw';
import ready from './migrations/0012_ready.sql?raw';
import benchStock from './migrations/0013_bench_stock.sql?raw';
import honestStock from './migrations/0014_honest_stock.sql?raw';
import lipBeyondTape from './migrations/0015_lip_beyond_tape.sql?raw';
import pieces from './migrations/0016_pieces.sql?raw';
import { lastOf } from '$core/units/there.ts';

export const MIGRATIONS: readonly { id: number; name: string; sql: string }[] = [
	{ id: 1, name: 'jobs', sql: jobs },
	{ id: 2, name: 'pictures', sql: pictures },
	{ id: 3, name: 'shop', sql: shop },
	{ id: 4, name: 'climate', sql: climate },
	{ id: 5, name: 'ground', sql: ground },
	{ id: 6, name: 'today', sql: today },
	{ id: 7, name: 'stock', sql: stock },
	{ id: 8, name: 'cutting and orders', sql: orders },
	{ id: 9, name: 'bench', sql: bench },
	{ id: 10, name: 'trainer', sql: trainer },
	{ id: 11, name: 'walls', sql: walls },
	{ id: 12, name: 'ready things', sql: ready },
	{ id: 13, name: 'stock taken at the bench', sql: benchStock },
	{ id: 14, name: 'honest stock', sql: honestStock },
	{ id: 15, name: 'lip beyond tape', sql: lipBeyondTape },
	{ id: 16, name: 'what is large, in pieces', sql: pieces }
];

/** Of two processes that start at once, one waits here for the other. The number is any that nothing else locks by. */
const MIGRATING = 7_273_533;

/** @param last the newest that is run; all unless a test wants an older house */
export async function migrate(db: Database, last = Infinity): Promise<void> {
	await db.transaction(async (tx) => {
		await tx.query('SELECT pg_advisory_xact_lock($1)', [MIGRATING]);
		await tx.script(
			'CREATE TABLE IF NOT EXISTS migration (id integer PRIMARY KEY, name text NOT NULL, at timestamptz NOT NULL DEFAULT now())'
		);
		const done = await migrationsDone(tx);
		const unknown = Math.max(...done, 0);
		if (unknown > lastOf(MIGRATIONS).id) throw new NewerDataError(unknown);
		for (const { id, name, sql } of MIGRATIONS) {
			if (done.includes(id) || id > last) continue;
			await tx.script(sql);
			await tx.query('INSERT INTO migration (id, name) VALUES ($1, $2)', [id, name]);
		}
	});
}

/** Their numbers, ascending. */
export async function migrationsDone(db: Queries): Promise<number[]> {
	const { rows } = await db.query<{ id: number }>('SELECT id FROM migration ORDER BY id');
	return rows.map((row) => row.id);
}

export class NewerDataError extends Error {
	constructor(migration: number) {
		super(
			`A newer version of this program has written the data (migration ${migration}). Start that version; this one might misread it.`
		);
		this.name = 'NewerDataError';
	}
}
