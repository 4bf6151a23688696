/** Today's page of pieces: each as the rack shows it, planned once and remembered while job, shop and unit stay the same. */
import type { Unit } from '$core/units/length.ts';
import type { Database } from './db/database.ts';
import { countsNow } from './counts.ts';
import { selectJobs, type ListedJob, type State } from './db/jobs.ts';
import { selectNear, selectPressing, type AfterPressing, type Counts, type Shown } from './db/today.ts';
import { folded } from './facts.ts';
import type { RackPiece } from './rack-piece.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { nth, there } from '$core/units/there.ts';

export type TodayPiece = RackPiece & { at: Date; state: State; owner: string; /** ISO day, or null. */ wanted: string | null };

/** A drawn piece is some ten kilobytes. */
const MOST_REMEMBERED = 1000;
const remembered = new Map<string, RackPiece>();

export type TodayAsked = { find: string; shown: Shown; after: AfterPressing };
export type Today = {
	pieces: TodayPiece[];
	next: AfterPressing;
	counts: Counts;
	/** Nothing reads what was looked for; these come near. */
	near: boolean;
	/** What is named in words: the few that press most, and that are ready. */
	pressing: TodayPiece[];
	ready: TodayPiece[];
};

/** So many are named in words. */
const NAMED = 3;

/** Late pieces first, then those that are stopped, then those wanted soonest; `find` looks in all that were not deleted. */
export async function todayPage(
	db: Database,
	{ find, shown, after }: TodayAsked,
	today: string,
	reads: Unit | null
): Promise<Today> {
	const looked = folded(find).trim();
	const counts = await countsNow(db, today);
	if (looked !== '') {
		const exactly = await selectJobs(db, { find: looked, after: null, state: null, order: 'newest' });
		const near = exactly.jobs.length === 0 && /\p{L}{3}/u.test(looked);
		const jobs = near ? await selectNear(db, looked) : exactly.jobs;
		return { pieces: await drawn(db, jobs, reads), next: null, counts, near, pressing: [], ready: [] };
	}
	const page = await selectPressing(db, { shown, today, after });
	const isFirst = shown === 'open' && after === null;
	const readyJobs =
		isFirst && counts.ready > 0 ? (await selectPressing(db, { shown: 'ready', today, after: null })).jobs.slice(0, NAMED) : [];
	const pieces = await drawn(db, page.jobs, reads);
	return {
		pieces,
		next: page.next,
		counts,
		near: false,
		pressing: isFirst ? pieces.filter((piece) => isLate(piece, today) || piece.next.sign === 'stop').slice(0, NAMED) : [],
		ready: await drawn(db, readyJobs, reads)
	};
}

function isLate({ wanted, state }: TodayPiece, today: string): boolean {
	return state === 'open' && wanted !== null && wanted < today;
}

async function drawn(db: Database, jobs: ListedJob[], reads: Unit | null): Promise<TodayPiece[]> {
	const shop = await shopNow(db);
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
		return { ...piece, at: job.at, state: job.state, owner: job.owner, wanted: job.wanted };
	});
	while (remembered.size > MOST_REMEMBERED) remembered.delete(there(remembered.keys().next().value, 'value'));
	return pieces;
}
