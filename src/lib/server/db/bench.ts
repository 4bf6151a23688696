/** The tables bench_run and bench_event: every query on them. */
import type { Deed, RunEvent } from '$core/views/bench/run.ts';
import type { Queries } from './database.ts';

/** An event as it is kept: `n` counts upwards over all runs. */
export type KeptEvent = RunEvent & { n: number };
export type RunRow = { id: number; ended: boolean };

/** The latest run of a job, locked until the transaction ends; `null` when there was none, or no such job. */
export async function selectRun(db: Queries, job: number, lock = false): Promise<RunRow | null> {
	const { rows } = await db.query<RunRow>(
		`SELECT bench_run.id::int, ended_at IS NOT NULL AS ended FROM bench_run JOIN job ON job.id = job_id
		 WHERE number = $1 ORDER BY bench_run.id DESC LIMIT 1${lock ? ' FOR UPDATE OF bench_run' : ''}`,
		[job]
	);
	return rows[0] ?? null;
}

/** Only one device at a time begins a run of a job. @returns its latest revision; null when there is no such job */
export async function lockJob(tx: Queries, job: number): Promise<number | null> {
	const { rows } = await tx.query<{ rev: number }>(
		"SELECT head_rev AS rev FROM job WHERE number = $1 AND state <> 'deleted' FOR UPDATE",
		[job]
	);
	return rows[0]?.rev ?? null;
}

export async function insertRun(tx: Queries, job: number): Promise<RunRow> {
	const { rows } = await tx.query<{ id: number }>(
		'INSERT INTO bench_run (job_id) SELECT id FROM job WHERE number = $1 RETURNING id::int',
		[job]
	);
	return { id: rows[0]?.id ?? 0, ended: false };
}

/** A run until the transaction ends. @returns the row of its job; null when there is no such run */
export async function lockRun(tx: Queries, run: number): Promise<{ job: number } | null> {
	const { rows } = await tx.query<{ job: number }>('SELECT job_id::int AS job FROM bench_run WHERE id = $1 FOR UPDATE', [run]);
	return rows[0] ?? null;
}

export async function endRun(tx: Queries, id: number, ended: boolean): Promise<void> {
	await tx.query(`UPDATE bench_run SET ended_at = ${ended ? 'now()' : 'NULL'} WHERE id = $1`, [id]);
}

export type SentEvent = { id: string; by: string; ageMs: number; deed: Deed };

/** Of these events, by their own ids, those that were kept before. */
export async function selectKept(tx: Queries, ids: readonly string[]): Promise<Set<string>> {
	const { rows } = await tx.query<{ event: string }>('SELECT event FROM bench_event WHERE event = ANY($1::text[])', [ids]);
	return new Set(rows.map(({ event }) => event));
}

/** So many in one statement, which takes milliseconds. */
const AT_ONCE = 100;

/** In their order; what was sent before is not kept twice. */
export async function insertEvents(tx: Queries, run: number, sent: readonly SentEvent[]): Promise<void> {
	for (let from = 0; from < sent.length; from += AT_ONCE)
		await tx.query(
			`INSERT INTO bench_event (run_id, event, kind, deed, done_by, at)
			 SELECT $1, sent ->> 'id', sent #>> '{deed,kind}', sent -> 'deed', sent ->> 'by',
				now() - make_interval(secs => (sent ->> 'ageMs')::float8 / 1000)
			 FROM jsonb_array_elements($2::jsonb) WITH ORDINALITY AS line (sent, place)
			 ORDER BY place ON CONFLICT (event) DO NOTHING`,
			[run, JSON.stringify(sent.slice(from, from + AT_ONCE))]
		);
}

type EventRow = { n: number; id: string; by: string; at: Date; deed: Deed; head: number };

/** Events of a run in the order in which they were kept, from after one of them. */
export async function selectEvents(db: Queries, run: number, after = 0): Promise<KeptEvent[]> {
	const { rows } = await db.query<EventRow>(
		`SELECT bench_event.id::int AS n, event AS id, done_by AS by, bench_event.at, deed, head_rev AS head
		 FROM bench_event JOIN bench_run ON bench_run.id = run_id JOIN job ON job.id = job_id
		 WHERE run_id = $1 AND bench_event.id > $2 ORDER BY bench_event.id`,
		[run, after]
	);
	return rows.map(kept);
}

function kept({ n, id, by, at, deed, head }: EventRow): KeptEvent {
	// Kept before revisions were checked: 0 is no revision, so that nobody goes by it.
	const isOfNone = 'rev' in deed && deed.rev > head;
	return { n, id, by, at: at.getTime(), ...deed, ...(isOfNone ? { rev: 0 } : {}) };
}

/** What goes on at the bench: each open run with its job and what counts for its waits. */
export async function selectOpenRuns(db: Queries): Promise<{ job: number; title: string; events: KeptEvent[] }[]> {
	const { rows } = await db.query<EventRow & { job: number; title: string }>(
		`SELECT job.number AS job, job.title, bench_event.id::int AS n, event AS id, done_by AS by, bench_event.at, deed, head_rev AS head
		 FROM bench_run JOIN job ON job.id = job_id JOIN bench_event ON run_id = bench_run.id
		 WHERE ended_at IS NULL AND job.state NOT IN ('practice', 'deleted') ORDER BY job.number, bench_event.id`
	);
	const byJob = new Map<number, { job: number; title: string; events: KeptEvent[] }>();
	for (const { job, title, ...row } of rows) {
		const open = byJob.get(job) ?? { job, title, events: [] };
		open.events.push(kept(row));
		byJob.set(job, open);
	}
	return [...byJob.values()];
}

export type LostRow = { cause: string; kind: 'looked' | 'reopened'; count: number; minutes: number };

/** Minutes lost by cause, over all runs. */
export async function selectLost(db: Queries): Promise<LostRow[]> {
	const { rows } = await db.query<LostRow>(
		`SELECT deed ->> 'cause' AS cause, kind, count(*)::int AS count, sum((deed ->> 'minutes')::float8) AS minutes
		 FROM bench_event JOIN bench_run ON bench_run.id = run_id JOIN job ON job.id = job_id
		 WHERE (kind = 'reopened' OR (kind = 'looked' AND deed ->> 'clean' = 'false')) AND state NOT IN ('practice', 'deleted') GROUP BY 1, 2 ORDER BY 1, 2`
	);
	return rows;
}
