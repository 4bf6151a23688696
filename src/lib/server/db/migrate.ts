/** Numbered migrations, each run once, in order, in a transaction of its own. */
import type { Database } from './open.ts';
import jobs from './migrations/0001_jobs.sql?raw';
import pictures from './migrations/0002_pictures.sql?raw';
import climate from './migrations/0004_climate.sql?raw';
import shop from './migrations/0003_shop.sql?raw';

const MIGRATIONS: readonly { id: number; name: string; sql: string }[] = [
	{ id: 1, name: 'jobs', sql: jobs },
	{ id: 2, name: 'pictures', sql: pictures },
	{ id: 3, name: 'shop', sql: shop },
	{ id: 4, name: 'climate', sql: climate }
];

export async function migrate(db: Database): Promise<void> {
	await db.exec(
		'CREATE TABLE IF NOT EXISTS migration (id integer PRIMARY KEY, name text NOT NULL, at timestamptz NOT NULL DEFAULT now())'
	);
	const { rows } = await db.query<{ id: number }>('SELECT id FROM migration');
	const done = new Set(rows.map((row) => row.id));
	for (const { id, name, sql } of MIGRATIONS) {
		if (done.has(id)) continue;
		await db.transaction(async (tx) => {
			await tx.exec(sql);
			await tx.query('INSERT INTO migration (id, name) VALUES ($1, $2)', [id, name]);
		});
	}
}
