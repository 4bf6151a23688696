/** Whether this server can work, and how it stands. */
import type { Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { MIGRATIONS, migrationsDone } from './db/migrate.ts';
import { spaceNow, whyFull } from './space.ts';
import { threadsNow } from './threads/pool.ts';

/** @param full says more than that the database answers */
export async function health(db: Database, full: boolean): Promise<Answer> {
	const started = performance.now();
	try {
		await db.query('SELECT 1');
	} catch {
		return { status: 503, body: { ok: false, faults: [{ path: '', says: 'The database does not answer.' }] } };
	}
	const isFull = await whyFull();
	if (isFull) return { status: 503, body: { ok: false, faults: [{ path: '', says: isFull }] } };
	if (!full) return { status: 200, body: { ok: true } };
	const ms = Number((performance.now() - started).toFixed(1));
	const done = await migrationsDone(db);
	return {
		status: 200,
		body: {
			ok: true,
			database: { kind: db.kind, ms },
			migrations: { done: done.length, wanted: MIGRATIONS.length },
			space: await spaceNow(),
			threads: threadsNow(),
			upSeconds: Math.round(process.uptime())
		}
	};
}
