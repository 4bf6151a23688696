/** Today's page of pieces: each as the rack shows it, planned once and remembered while job, shop and unit stay the same. */
import type { Unit } from '$core/units/length.ts';
import type { Database } from './db/database.ts';
import { selectJobs, type After, type ListedJob, type State } from './db/jobs.ts';
import { folded } from './facts.ts';
import type { RackPiece } from './rack-piece.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { nth, there } from '$core/units/there.ts';

export type TodayPiece = RackPiece & { at: Date; state: State };

/** A drawn piece is some ten kilobytes. */
const MOST_REMEMBERED = 1000;
const remembered = new Map<string, RackPiece>();

/** Open pieces, those wanted soonest first; `find` looks in all that were not deleted. */
export async function todayPage(
	db: Database,
	{ find, after }: { find: string; after: After },
	reads: Unit | null
): Promise<{ pieces: TodayPiece[]; next: After }> {
	const looked = folded(find).trim();
	const [{ jobs, next }, shop] = await Promise.all([
		selectJobs(db, { find: looked, after, state: looked === '' ? 'open' : null, order: looked === '' ? 'pressing' : 'newest' }),
		shopNow(db)
	]);
	const keyOf = ({ number, rev }: ListedJob) => `${number} ${rev} ${shop.stands} ${reads}`;
	const fresh = jobs.filter((job) => !remembered.has(keyOf(job)));
	const made = new Map<number, RackPiece>();
	if (fresh.length > 0) {
		const done = await inThread('rack', {
			jobs: fresh.map(({ number, spec }) => ({ number, file: spec })),
			shop: shop.written,
			reads
		});
		if (!done.ok) throw new Error('The pieces of Today could not be planned.');
		for (const [index, piece] of done.gives.entries()) made.set(nth(fresh, index).number, piece);
	}
	const pieces = jobs.map((job) => {
		const key = keyOf(job);
		const piece = made.get(job.number) ?? there(remembered.get(key), 'get');
		// The longest unseen goes first.
		remembered.delete(key);
		remembered.set(key, piece);
		return { ...piece, at: job.at, state: job.state };
	});
	while (remembered.size > MOST_REMEMBERED) remembered.delete(there(remembered.keys().next().value, 'value'));
	return { pieces, next };
}
