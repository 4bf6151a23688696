/** How many pieces there are of each, remembered until anything changes. */
import { onChange } from './changes.ts';
import type { Database } from './db/database.ts';
import { countShown, type Counts, type Moved } from './db/today.ts';

let counted: { db: Database; today: string; counts: Counts } | null = null;
/** Goes up with every change: what was counted meanwhile may be of before it. */
let changes = 0;
onChange(() => {
	changes += 1;
	counted = null;
});

/** Counted anew once anything has changed. */
export async function countsNow(db: Database, today: string): Promise<Counts> {
	if (counted?.db === db && counted.today === today) return counted.counts;
	const since = changes;
	const counts = await countShown(db, today);
	if (since === changes) counted = { db, today, counts };
	return counts;
}

/**
 * Open jobs that were planned again stand otherwise: what is known is counted on from there, since counting all of them anew for every few
 * would hold up whoever opens Today.
 * @param work keeps how they stand
 */
export async function countOn(work: () => Promise<Moved[]>): Promise<void> {
	const [known, since] = [counted, changes];
	const moved = await work();
	if (moved.length === 0) return;
	const isKnownStill = known !== null && known === counted && since === changes;
	changes += 1;
	counted = null;
	if (!isKnownStill) return;
	const counts = { ...known.counts };
	for (const { was, now } of moved)
		for (const of of ['stopped', 'ready'] as const) counts[of] += Number(now === of) - Number(was === of);
	counted = { ...known, counts };
}
