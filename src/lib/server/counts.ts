/** How many pieces there are of each, remembered until anything changes. */
import { onChange } from './changes.ts';
import type { Database } from './db/database.ts';
import { countShown, type Counts } from './db/today.ts';

let counted: { db: Database; today: string; counts: Counts } | null = null;
onChange(forgetCounts);

/** Counted anew once anything has changed. */
export async function countsNow(db: Database, today: string): Promise<Counts> {
	if (counted?.db !== db || counted.today !== today) counted = { db, today, counts: await countShown(db, today) };
	return counted.counts;
}

/** What was planned again may stand otherwise. */
export function forgetCounts(): void {
	counted = null;
}
