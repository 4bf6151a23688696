/** The tables of a job: job, job_revision, job_state and what finds a job. Every query on them. */
import type { JobFile } from '$core/job/definition.ts';
import type { JobState } from '$core/job/state.ts';
import type { Unit } from '$core/units/length.ts';
import { announce, type Database, type Queries, type Transaction } from './database.ts';
import { holdReady, readyFollows } from './ready.ts';
import { nth, there } from '$core/units/there.ts';

/** A job's number as it counts; `showJobNumber` writes it. */
export type JobRow = { number: number; rev: number; spec: JobFile };
/** What is known of a job beside its file, written with each revision. */
export type Facts = {
	title: string;
	maker: string;
	owner: string;
	aim: string;
	reached: string | null;
	/** Nothing is decided in it yet. */
	empty: boolean;
	/** ISO day, or null. */
	wanted: string | null;
	/** What its plan says: stopped, ready for the bench, or something between. */
	standing: 'stopped' | 'ready' | 'between';
	/** The shop that says so. */
	plannedFor: string;
	/** The text that `find` looks in beside the number, folded as what is looked for is. */
	words: string;
	/** Ids of every material that the job names or uses. */
	materials: string[];
	/** Sums of the pictures that it names. */
	pictures: string[];
};
export type State = JobState | 'deleted' | 'practice';
export type Kept = {
	kind: 'kept';
	number: number;
	rev: number;
	/** When that revision was kept. */ at: Date;
};
export type Conflict = { kind: 'conflict'; rev: number; theirs: JobFile; base: JobFile | null };

export const PAGE = 50;

/** Two who press at once get the same piece: only one looks at a time. */
const EMPTY_PIECE = 7_273_534;

export type NewJob = {
	/** One that it brings along; null: the next. */
	number: number | null;
	/** An open piece in which nothing is decided, cut in this unit, is taken in its place. */
	orEmptyIn: Unit | null;
	/** It is practised on: numbered apart, on no list. */
	practice?: {
		/** One that was begun and not touched is taken in its place. */
		untouched: (tx: Transaction) => Promise<Omit<Kept, 'kind'> | null>;
		/** Written down with it. */
		write: (tx: Transaction, number: number) => Promise<void>;
	};
};

/**
 * @returns `found` for an empty piece that was there
 * @throws FaultError where it takes from the shelf what another job holds
 */
export async function insertJob(
	db: Database,
	spec: JobFile,
	facts: Facts,
	{ number, orEmptyIn, practice }: NewJob
): Promise<(Omit<Kept, 'kind'> & { kind: 'kept' | 'found' }) | { kind: 'taken' }> {
	return db.transaction(async (tx) => {
		if (orEmptyIn) {
			await tx.query('SELECT pg_advisory_xact_lock($1)', [EMPTY_PIECE]);
			const { rows } = await tx.query<{ number: number; rev: number; at: Date }>(
				`SELECT job.number, job.head_rev AS rev, job_revision.at
				 FROM job JOIN job_revision ON job_revision.job_id = job.id AND job_revision.rev = job.head_rev
				 WHERE job.empty AND job.state = 'open' AND coalesce(job_revision.spec ->> 'unit', 'mm') = $1 ORDER BY job.id LIMIT 1`,
				[orEmptyIn]
			);
			if (rows[0]) return { kind: 'found' as const, ...rows[0] };
		}
		if (practice) {
			await tx.query('SELECT pg_advisory_xact_lock($1)', [EMPTY_PIECE]);
			const found = await practice.untouched(tx);
			if (found) return { kind: 'found' as const, ...found };
		}
		// Later numbers go on behind one that is brought along.
		if (number !== null)
			await tx.query("SELECT setval('job_number_seq', $1) FROM job_number_seq WHERE last_value < $1", [number]);
		const state: State = practice ? 'practice' : 'open';
		let made: { id: number; number: number } | undefined;
		while (!made) {
			const { rows } = await tx.query<{ id: number; number: number }>(
				`INSERT INTO job (number, head_rev, title, maker, aim, reached, empty, wanted, words, owner, standing, planned_for, state)
				 VALUES (coalesce($1, nextval($12::regclass)), 1, $2, $3, $4, $5, $6, coalesce($7::date, 'infinity'), $8, $9, $10, $11, $13)
				 ON CONFLICT (number) DO NOTHING RETURNING id, number`,
				[number, ...columnsOf(facts), practice ? 'practice_number_seq' : 'job_number_seq', state]
			);
			made = rows[0];
			// A number that somebody brought along is passed over by those that are counted.
			if (!made && number !== null) return { kind: 'taken' as const };
		}
		const at = await insertHead(tx, made.id, 1, spec, facts, 'new');
		if (!practice) await holdReady(tx, { ...made, spec });
		await practice?.write(tx, made.number);
		await announceJob(tx, made.number, 1, state);
		return { kind: 'kept' as const, number: made.number, rev: 1, at };
	});
}

export type ReadJob = JobRow & {
	state: JobState | 'practice';
	/** When that revision was kept. */ at: Date;
};

/** In the order in which both statements name them. */
function columnsOf({ title, maker, aim, reached, empty, wanted, words, owner, standing, plannedFor }: Facts): unknown[] {
	return [title, maker, aim, reached, empty, wanted, words, owner, standing, plannedFor];
}

/** The head of a job, or an earlier revision; null where there is none. */
export async function selectJob(db: Queries, number: number, rev: number | null): Promise<ReadJob | null> {
	const { rows } = await db.query<ReadJob>(
		`SELECT job.number, job.state, job_revision.rev, job_revision.at, job_revision.spec
		 FROM job JOIN job_revision ON job_revision.job_id = job.id
		 WHERE job.number = $1 AND job_revision.rev = coalesce($2, job.head_rev) AND job.state <> 'deleted'`,
		[number, rev]
	);
	return rows[0] ?? null;
}

/**
 * A new revision on top of `from`; a conflict when another came between. Null where there is no such job.
 * @throws FaultError where it takes from the shelf what another job holds
 */
export async function insertRevision(
	db: Database,
	number: number,
	from: number,
	spec: JobFile,
	facts: Facts,
	reason: string
): Promise<Kept | Conflict | null> {
	return db.transaction(async (tx) => {
		const { rows } = await tx.query<{ id: number; head_rev: number; state: State }>(
			"SELECT id, head_rev, state FROM job WHERE number = $1 AND state <> 'deleted' FOR UPDATE",
			[number]
		);
		const [job] = rows;
		if (!job) return null;
		if (job.head_rev !== from) {
			const found = await tx.query<{ rev: number; spec: JobFile }>(
				'SELECT rev, spec FROM job_revision WHERE job_id = $1 AND rev IN ($2, $3)',
				[job.id, job.head_rev, from]
			);
			const specOf = (rev: number) => found.rows.find((row) => row.rev === rev)?.spec ?? null;
			return { kind: 'conflict' as const, rev: job.head_rev, theirs: there(specOf(job.head_rev), 'at'), base: specOf(from) };
		}
		if (job.state === 'open') await holdReady(tx, { id: job.id, number, spec });
		const rev = from + 1;
		const at = await insertHead(tx, job.id, rev, spec, facts, reason);
		await tx.query(
			`UPDATE job SET head_rev = $2, title = $3, maker = $4, aim = $5, reached = $6, empty = $7, wanted = coalesce($8::date, 'infinity'),
			 words = $9, owner = $10, standing = $11, planned_for = $12 WHERE id = $1`,
			[job.id, rev, ...columnsOf(facts)]
		);
		await announceJob(tx, number, rev, job.state);
		return { kind: 'kept' as const, number, rev, at };
	});
}

/** The revision itself, and the rows by which its materials and pictures are found. @returns when it was kept */
async function insertHead(tx: Transaction, id: number, rev: number, spec: JobFile, facts: Facts, reason: string): Promise<Date> {
	const { rows } = await tx.query<{ at: Date }>(
		"INSERT INTO job_revision (job_id, rev, spec, author, reason) VALUES ($1, $2, $3::jsonb, '', $4) RETURNING at",
		[id, rev, JSON.stringify(spec), reason]
	);
	await tx.query(
		`INSERT INTO job_material (material, job_id, last_rev) SELECT unnest($3::text[]), $1, $2
		 ON CONFLICT (material, job_id) DO UPDATE SET last_rev = excluded.last_rev`,
		[id, rev, facts.materials]
	);
	if (facts.pictures.length > 0)
		await tx.query('INSERT INTO job_picture (sum, job_id) SELECT unnest($2::text[]), $1 ON CONFLICT DO NOTHING', [
			id,
			facts.pictures
		]);
	return nth(rows, 0).at;
}

async function announceJob(tx: Queries, job: number, rev: number, state: State): Promise<void> {
	await announce(tx, JSON.stringify({ job, rev, state }));
}

export type RevisionRow = { rev: number; author: string; at: Date; reason: string };

/** Newest first; null where there is no such job. */
export async function selectRevisions(db: Queries, number: number): Promise<RevisionRow[] | null> {
	const { rows } = await db.query<RevisionRow>(
		`SELECT job_revision.rev, job_revision.author, job_revision.at, job_revision.reason
		 FROM job JOIN job_revision ON job_revision.job_id = job.id
		 WHERE job.number = $1 AND job.state <> 'deleted' ORDER BY job_revision.rev DESC`,
		[number]
	);
	return rows.length > 0 ? rows : null;
}

/** Jobs end, and may be taken up again; only one in which nothing is decided is deleted. */
export async function changeState(
	db: Database,
	number: number,
	state: JobState | 'deleted'
): Promise<{ kind: 'changed' } | { kind: 'not-empty' } | null> {
	return db.transaction(async (tx) => {
		const { rows } = await tx.query<{ id: number; state: State; empty: boolean; rev: number; spec: JobFile }>(
			`SELECT job.id, job.state, job.empty, job.head_rev AS rev, job_revision.spec
			 FROM job JOIN job_revision ON job_revision.job_id = job.id AND job_revision.rev = job.head_rev
			 WHERE job.number = $1 AND job.state NOT IN ('deleted', 'practice') FOR UPDATE OF job`,
			[number]
		);
		const [job] = rows;
		if (!job) return null;
		if (state === 'deleted' && !job.empty) return { kind: 'not-empty' as const };
		if (state === job.state) return { kind: 'changed' as const };
		await tx.query('UPDATE job SET state = $2 WHERE id = $1', [job.id, state]);
		await tx.query("INSERT INTO job_state (job_id, state, author) VALUES ($1, $2, '')", [job.id, state]);
		await readyFollows(tx, { id: job.id, number, spec: job.spec }, state);
		await announceJob(tx, number, job.rev, state);
		return { kind: 'changed' as const };
	});
}

export type ListedJob = Pick<Facts, 'title' | 'maker' | 'owner' | 'aim' | 'reached'> & {
	number: number;
	rev: number;
	state: State;
	/** ISO day, or null. */ wanted: string | null;
	at: Date;
	spec: JobFile;
};
/** Where a page begins: behind this job. */
export type After = { wanted: string | null; number: number } | null;
export type Asked = {
	/** Folded text, as it stands or each word of it, anywhere in what a job is found by; one or two letters where a word begins with them. */
	find: string;
	after: After;
	/** null: all that were not deleted. */
	state: State | null;
	/** Newest first, or those wanted soonest, and of those the newest. */
	order: 'newest' | 'pressing';
};

/** A page of jobs with their heads, and where the next one begins. */
export async function selectJobs(db: Queries, { find, after, state, order }: Asked): Promise<{ jobs: ListedJob[]; next: After }> {
	const values: unknown[] = [];
	const value = (of: unknown) => `$${values.push(of)}`;
	const where = [state === null ? "job.state <> 'deleted' AND job.state <> 'practice'" : `job.state = ${value(state)}`];
	// As it was typed; or each of its words somewhere.
	const words = find.split(/\s+/).filter((word) => word.length > 2);
	const patterns = (each: readonly string[]) => each.map((one) => `job.found LIKE ${value(patternFor(one))}`).join(' AND ');
	if (find !== '') where.push(words.length > 1 ? `(${patterns([find])} OR (${patterns(words)}))` : patterns([find]));
	if (after)
		where.push(
			order === 'newest'
				? `-job.number > ${value(-after.number)}`
				: `(job.wanted, -job.number) > (coalesce(${value(after.wanted)}::date, 'infinity'), ${value(-after.number)})`
		);
	const by = order === 'newest' ? '-number' : 'wanted, -number';
	const rows = await headsOf(
		db,
		`SELECT * FROM job WHERE ${where.join(' AND ')} ORDER BY ${by} LIMIT ${value(PAGE + 1)}`,
		by,
		values
	);
	const jobs = rows.slice(0, PAGE);
	const last = jobs.at(-1);
	return { jobs, next: rows.length > PAGE ? { wanted: there(last, 'last').wanted, number: there(last, 'last').number } : null };
}

/** Jobs with their heads: the page is found among the jobs alone, and only what is on it is looked up further. */
export async function headsOf(db: Queries, page: string, by: string, values: unknown[]): Promise<ListedJob[]> {
	const { rows } = await db.query<ListedJob>(
		`WITH page AS MATERIALIZED (${page})
		 SELECT page.number, page.title, page.maker, page.owner, page.aim, page.reached, page.state,
			nullif(page.wanted, 'infinity')::text AS wanted, job_revision.rev, job_revision.spec, job_revision.at
		 FROM page JOIN job_revision ON job_revision.job_id = page.id AND job_revision.rev = page.head_rev
		 ORDER BY ${by}`,
		values
	);
	return rows;
}

/** Signs of a pattern are letters here. */
function patternFor(find: string): string {
	const literal = find.replace(/[\\%_]/g, '\\$&');
	return find.length < 3 ? `% ${literal}%` : `%${literal}%`;
}

/** Of these materials, those that any revision of any job uses. */
export async function usedAnywhere(db: Queries, materials: readonly string[]): Promise<Set<string>> {
	const { rows } = await db.query<{ material: string }>(
		'SELECT DISTINCT material FROM job_material WHERE material = ANY($1::text[])',
		[materials]
	);
	return new Set(rows.map((row) => row.material));
}

/** Open jobs at their head, the newest first. */
export async function selectOpen(db: Queries, most: number): Promise<{ number: number; title: string; spec: JobFile }[]> {
	const { rows } = await db.query<{ number: number; title: string; spec: JobFile }>(
		`SELECT job.number, job.title, job_revision.spec
		 FROM job JOIN job_revision ON job_revision.job_id = job.id AND job_revision.rev = job.head_rev
		 WHERE job.state = 'open' ORDER BY -job.number LIMIT $1`,
		[most]
	);
	return rows;
}

/** Open jobs whose head uses any of these materials, the newest first. */
export async function selectUsing(
	db: Queries,
	materials: readonly string[],
	most: number
): Promise<{ number: number; title: string; spec: JobFile }[]> {
	const { rows } = await db.query<{ number: number; title: string; spec: JobFile }>(
		`SELECT job.number, job.title, job_revision.spec
		 FROM job JOIN job_revision ON job_revision.job_id = job.id AND job_revision.rev = job.head_rev
		 WHERE job.state = 'open' AND job.id IN (
			SELECT job_material.job_id FROM job_material JOIN job AS of ON of.id = job_material.job_id AND of.head_rev = job_material.last_rev
			WHERE job_material.material = ANY($1::text[])
		 ) ORDER BY -job.number LIMIT $2`,
		[materials, most]
	);
	return rows;
}

/** How a job stands; null where there is none. */
export async function selectHead(db: Queries, number: number): Promise<{ rev: number; state: State } | null> {
	const { rows } = await db.query<{ rev: number; state: State }>(
		"SELECT head_rev AS rev, state FROM job WHERE number = $1 AND state <> 'deleted'",
		[number]
	);
	return rows[0] ?? null;
}

/** How many are open. */
export async function countOpen(db: Queries): Promise<number> {
	const { rows } = await db.query<{ count: number }>("SELECT count(*) AS count FROM job WHERE state = 'open'");
	return nth(rows, 0).count;
}
