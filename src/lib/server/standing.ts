/** After a change of the shop: open jobs are planned again, a few at a time, so that Today counts them as they stand. */
import { onChange } from './changes.ts';
import { countOn } from './counts.ts';
import type { Database } from './db/database.ts';
import { keepStandings, selectUnplanned } from './db/today.ts';
import { log, loggable } from './log.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { nth } from '$core/units/there.ts';

/** So few that a page which waits for the same threads waits for milliseconds. */
const AT_ONCE = 8;
/** What somebody waits for goes first. */
const PAUSE_MS = 100;
/** After a fault, such as a database that is away. */
const AGAIN_MS = 30_000;

/** From here on, now and whenever a list of the shop changes. @returns what stops it */
export function keepStandingsTrue(db: Database): () => void {
	let timer: NodeJS.Timeout;
	const soon = (ms: number) => {
		clearTimeout(timer);
		timer = setTimeout(() => void next(), ms).unref();
	};
	const next = () =>
		planSome(db).then(
			(more) => more && soon(PAUSE_MS),
			(error: unknown) => {
				log.warn({ err: loggable(error) }, 'jobs could not be planned for the shop as it stands');
				soon(AGAIN_MS);
			}
		);
	const deaf = onChange((change) => {
		if ('list' in change || ('away' in change && !change.away)) soon(PAUSE_MS);
	});
	soon(PAUSE_MS);
	return () => {
		deaf();
		clearTimeout(timer);
	};
}

/** @returns whether there are more */
export async function planSome(db: Database): Promise<boolean> {
	const { written, stands } = await shopNow(db);
	const jobs = await selectUnplanned(db, stands, AT_ONCE);
	if (jobs.length === 0) return false;
	const done = await inThread('standings', { files: jobs.map(({ spec }) => spec), shop: written });
	if (!done.ok) return false;
	const standings = jobs.map(({ number, rev }, index) => ({ number, rev, ...nth(done.gives, index) }));
	await countOn(() => keepStandings(db, stands, standings));
	return jobs.length === AT_ONCE;
}
