/** What the database announces, for whoever listens in this process. */
import type { Database } from './db/database.ts';
import type { State } from './db/jobs.ts';

/** As it is announced: a job by its number, a list of the shop, or a job's run at the bench. */
export type Change =
	| { job: number; rev: number; state: State }
	| { list: string; rev: number }
	| { bench: number }
	/** The database has gone away, or is back: anything may have changed between. */
	| { away: boolean };

const ears = new Set<(change: Change) => void>();

/** @returns what ends it */
export function onChange(heard: (change: Change) => void): () => void {
	ears.add(heard);
	return () => ears.delete(heard);
}

/** From here on the changes that the database announces are told. */
export async function tellChanges(db: Database): Promise<void> {
	const tell = (change: Change) => {
		for (const heard of ears) heard(change);
	};
	await db.listen(
		(text) => tell(JSON.parse(text) as Change),
		(isBack) => tell({ away: !isBack })
	);
}
