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

/** Only one device at a time begins a run of a job. @returns false when there is no such job */
export async function lockJob(tx: Queries, job: number): Promise<boolean> {
	const { rows } = await tx.query('SELECT id FROM job WHERE number = $1 FOR UPDATE', [job]);
	return rows.length > 0;
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

/** @returns whether it is new: what was sent before is not kept twice */
export async function insertEvent(tx: Queries, run: number, { id, by, ageMs, deed }: SentEvent): Promise<boolean> {
	const { rows } = await tx.query(
		`INSERT INTO bench_event (run_id, event, kind, deed, done_by, at)
		 VALUES ($1, $2, $3, $4::jsonb, $5, now() - make_interval(secs => $6)) ON CONFLICT (event) DO NOTHING RETURNING id`,
		[run, id, deed.kind, JSON.stringify(deed), by, ageMs / 1000]
	);
	return rows.length > 0;
}

type EventRow = { n: number; id: string; by: string; at: Date; deed: Deed };

/** Events of a run in the order in which they were kept, from after one of them. */
export async function selectEvents(db: Queries, run: number, after = 0): Promise<KeptEvent[]> {
	const { rows } = await db.query<EventRow>(
		`SELECT id::int AS n, event AS id, done_by AS by, at, deed FROM bench_event WHERE run_id = $1 AND bench_event.id > $2 ORDER BY bench_event.id`,
		[run, after]
	);
	return rows.map(kept);
}

const kept = ({ n, id, by, at, deed }: EventRow): KeptEvent => ({ n, id, by, at: at.getTime(), ...deed });

/** What goes on at the bench: each open run with its job and what counts for its waits. */
export async function selectOpenRuns(db: Queries): Promise<{ job: number; title: string; events: KeptEvent[] }[]> {
	const { rows } = await db.query<EventRow & { job: number; title: string }>(
		`SELECT job.number AS job, job.title, bench_event.id::int AS n, event AS id, done_by AS by, bench_event.at, deed
		 FROM bench_run JOIN job ON job.id = job_id JOIN bench_event ON run_id = bench_run.id
		 WHERE ended_at IS NULL AND job.state <> 'practice' ORDER BY job.number, bench_event.id`
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
		 WHERE (kind = 'reopened' OR (kind = 'looked' AND deed ->> 'clean' = 'false')) AND state <> 'practice' GROUP BY 1, 2 ORDER BY 1, 2`
	);
	return rows;
}
