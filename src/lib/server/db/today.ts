/** Queries on the table `job` for Today: what presses most, how many there are of each, and what is near to what somebody typed. */
import type { Database, Queries } from './database.ts';
import { headsOf, PAGE, type ListedJob } from './jobs.ts';
import { nth } from '$core/units/there.ts';

/** What a list of Today shows: all that is open, a part of it, or what has ended. */
export const SHOWN = ['open', 'late', 'stopped', 'ready', 'handed-over', 'archived'] as const;
export type Shown = (typeof SHOWN)[number];
export type Counts = Record<Shown, number>;

/** Late before stopped before all others; each by the day on which they are wanted, then the newest. */
type Part = 'late' | 'stopped' | 'rest' | 'ready' | 'ended';
/** Where a page begins: behind this job of a part. */
export type AfterPressing = { part: Part; wanted: string | null; number: number } | null;

const PARTS: Record<Shown, readonly Part[]> = {
	open: ['late', 'stopped', 'rest'],
	late: ['late'],
	stopped: ['stopped'],
	ready: ['ready'],
	'handed-over': ['ended'],
	archived: ['ended']
};
/** `$1` is the day, `$2` the state. */
const WHERE: Record<Part, string> = {
	late: "state = 'open' AND state = $2 AND wanted < $1::date",
	stopped: "state = 'open' AND state = $2 AND wanted >= $1::date AND standing = 'stopped'",
	rest: "state = 'open' AND state = $2 AND wanted >= $1::date AND standing <> 'stopped'",
	ready: "state = 'open' AND state = $2 AND standing = 'ready' AND $1::date IS NOT NULL",
	ended: "state IN ('handed-over', 'archived') AND state = $2 AND $1::date IS NOT NULL"
};

/**
 * A page, the most pressing first; what has ended the newest first.
 * @param today ISO day
 */
export async function selectPressing(
	db: Queries,
	{ shown, today, after }: { shown: Shown; today: string; after: AfterPressing }
): Promise<{ jobs: ListedJob[]; next: AfterPressing }> {
	const state = shown === 'handed-over' || shown === 'archived' ? shown : 'open';
	const parts = PARTS[shown];
	const begins = after ? parts.indexOf(after.part) : 0;
	const found: { part: Part; job: ListedJob }[] = [];
	for (const part of parts.slice(Math.max(0, begins))) {
		const from = after?.part === part ? after : null;
		const missing = PAGE + 1 - found.length;
		if (missing > 0) found.push(...(await selectPart(db, part, state, today, from, missing)).map((job) => ({ part, job })));
	}
	const last = found[PAGE - 1];
	return {
		jobs: found.slice(0, PAGE).map(({ job }) => job),
		next: found.length > PAGE && last ? { part: last.part, wanted: last.job.wanted, number: last.job.number } : null
	};
}

async function selectPart(
	db: Queries,
	part: Part,
	state: string,
	today: string,
	after: AfterPressing,
	most: number
): Promise<ListedJob[]> {
	const by = part === 'ended' ? '-number' : 'wanted, -number';
	const values: unknown[] = [today, state, most];
	let behind = '';
	if (after && part === 'ended') behind = ` AND -number > $${values.push(-after.number)}`;
	else if (after)
		behind = ` AND (wanted, -number) > (coalesce($${values.push(after.wanted)}::date, 'infinity'), $${values.push(-after.number)})`;
	return headsOf(db, `SELECT * FROM job WHERE ${WHERE[part]}${behind} ORDER BY ${by} LIMIT $3`, by, values);
}

/** Of the groups of three letters of what was typed, so many stand in a row of what a job is found by. */
const NEAR = 0.4;

/** How many there are of each. */
export async function countShown(db: Queries, today: string): Promise<Counts> {
	const { rows } = await db.query<Counts>(
		`SELECT count(*) FILTER (WHERE state = 'open') AS open,
			count(*) FILTER (WHERE state = 'open' AND wanted < $1::date) AS late,
			count(*) FILTER (WHERE state = 'open' AND standing = 'stopped') AS stopped,
			count(*) FILTER (WHERE state = 'open' AND standing = 'ready') AS ready,
			count(*) FILTER (WHERE state = 'handed-over') AS "handed-over",
			count(*) FILTER (WHERE state = 'archived') AS archived
		 FROM job`,
		[today]
	);
	return nth(rows, 0);
}

/** What reads nearly so, the nearest first: where nothing reads quite so, a slip of the hand is looked past. */
export async function selectNear(db: Database, find: string): Promise<ListedJob[]> {
	return db.transaction(async (tx) => {
		// How near is near: the operator is what the index knows, and it goes by this setting.
		await tx.script(`SET LOCAL pg_trgm.word_similarity_threshold = ${NEAR}`);
		return headsOf(
			tx,
			`SELECT *, word_similarity($1, found) AS near FROM job WHERE $1 <% found AND state <> 'deleted' AND state <> 'practice'
			 ORDER BY near DESC, -number LIMIT $2`,
			'near DESC, -number',
			[find, PAGE]
		);
	});
}

/** Open jobs that were not planned for the shop as it stands, the newest first. */
export async function selectUnplanned(db: Queries, stands: string, most: number): Promise<ListedJob[]> {
	return headsOf(db, "SELECT * FROM job WHERE state = 'open' AND planned_for <> $1 ORDER BY -number LIMIT $2", '-number', [
		stands,
		most
	]);
}

/** How an open job stood, and how it stands now. */
export type Moved = { was: string; now: string };

/** What the plan says of jobs now; of one that was kept meanwhile it is left as it is. @returns the open ones that stand otherwise */
export async function keepStandings(
	db: Queries,
	stands: string,
	standings: readonly { number: number; rev: number; standing: string; reached: string | null }[]
): Promise<Moved[]> {
	const { rows } = await db.query<Moved & { state: string }>(
		`UPDATE job SET standing = of.standing, reached = of.reached, planned_for = $1
		 FROM unnest($2::integer[], $3::integer[], $4::text[], $5::text[]) AS of (number, rev, standing, reached)
			JOIN (SELECT id, number, standing FROM job WHERE number = ANY($2::integer[])) AS before ON before.number = of.number
		 WHERE job.id = before.id AND job.head_rev = of.rev
		 RETURNING before.standing AS was, job.standing AS now, job.state`,
		[
			stands,
			standings.map(({ number }) => number),
			standings.map(({ rev }) => rev),
			standings.map(({ standing }) => standing),
			standings.map(({ reached }) => reached)
		]
	);
	return rows.filter(({ was, now, state }) => state === 'open' && was !== now);
}
