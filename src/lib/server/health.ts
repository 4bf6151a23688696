/** Whether this server can work, and how it stands. */
import { statfs } from 'node:fs/promises';
import type { Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { MIGRATIONS, migrationsDone } from './db/migrate.ts';
import { dataFolder } from './settings.ts';
import { threadsNow } from './threads/pool.ts';

/** @param full says more than that the database answers */
export async function health(db: Database, full: boolean): Promise<Answer> {
	const started = performance.now();
	try {
		await db.query('SELECT 1');
	} catch {
		return { status: 503, body: { ok: false, faults: [{ path: '', says: 'The database does not answer.' }] } };
	}
	if (!full) return { status: 200, body: { ok: true } };
	const ms = Number((performance.now() - started).toFixed(1));
	const done = await migrationsDone(db);
	return {
		status: 200,
		body: {
			ok: true,
			database: { kind: db.kind, ms },
			migrations: { done: done.length, wanted: MIGRATIONS.length },
			space: await space(db),
			threads: threadsNow(),
			upSeconds: Math.round(process.uptime())
		}
	};
}

/** Free where the embedded database keeps its files; a server looks after its own. */
async function space(db: Database): Promise<{ freeBytes: number; ofBytes: number } | null> {
	if (db.kind === 'server') return null;
	const { bavail, blocks, bsize } = await statfs(dataFolder());
	return { freeBytes: bavail * bsize, ofBytes: blocks * bsize };
}
