/** The tables practice and practice_try: every query on them. */
import type { Queries } from './database.ts';

/** A piece of a case that was begun and on which nothing was done since; null where there is none. */
export async function selectUntouched(
	tx: Queries,
	trainerCase: string
): Promise<{ number: number; rev: number; at: Date } | null> {
	const { rows } = await tx.query<{ number: number; rev: number; at: Date }>(
		`SELECT number, head_rev AS rev, practice.at FROM practice JOIN job ON job.id = job_id
		 WHERE trainer_case = $1 AND state = 'practice' AND head_rev = 1
		 AND NOT EXISTS (SELECT FROM practice_try WHERE practice_try.job_id = job.id)
		 AND NOT EXISTS (SELECT FROM bench_event JOIN bench_run ON bench_run.id = run_id
			WHERE bench_run.job_id = job.id AND received_at > practice.at)
		 ORDER BY number DESC LIMIT 1`,
		[trainerCase]
	);
	return rows[0] ?? null;
}

/** Of a case that is begun anew the pieces on which it was not solved are put away; their tries still count. */
export async function putPracticeAway(tx: Queries, trainerCase: string): Promise<void> {
	await tx.query(
		`UPDATE job SET state = 'deleted' FROM practice WHERE job_id = job.id AND trainer_case = $1 AND state = 'practice'
		 AND NOT EXISTS (SELECT FROM practice_try WHERE practice_try.job_id = job.id AND solved)`,
		[trainerCase]
	);
}

export async function insertPractice(tx: Queries, job: number, trainerCase: string): Promise<void> {
	await tx.query('INSERT INTO practice (job_id, trainer_case) SELECT id, $2 FROM job WHERE number = $1', [job, trainerCase]);
}

export type Practice = { trainerCase: string; begunAt: Date };

/** @returns null for a job of the shop's own, and for none */
export async function selectPractice(db: Queries, job: number): Promise<Practice | null> {
	const { rows } = await db.query<Practice>(
		`SELECT trainer_case AS "trainerCase", practice.at AS "begunAt" FROM practice JOIN job ON job.id = job_id WHERE number = $1`,
		[job]
	);
	return rows[0] ?? null;
}

export type NewTry = { rev: number; solved: boolean; told: boolean; by: string };

export async function insertTry(db: Queries, job: number, { rev, solved, told, by }: NewTry): Promise<void> {
	await db.query(
		`INSERT INTO practice_try (job_id, rev, solved, told, done_by) SELECT id, $2, $3, $4, $5 FROM job WHERE number = $1`,
		[job, rev, solved, told, by]
	);
}

/** `minutes` since its case was begun. */
export type TryRow = {
	trainerCase: string;
	number: number;
	at: Date;
	by: string;
	solved: boolean;
	told: boolean;
	minutes: number;
};

/** Of each case its latest tries, the newest first. @param most of each case */
export async function selectTries(db: Queries, most: number): Promise<TryRow[]> {
	const { rows } = await db.query<TryRow>(
		`SELECT trainer_case AS "trainerCase", number, at, done_by AS by, solved, told, minutes FROM (
		   SELECT trainer_case, job.number, practice_try.at, done_by, solved, told, practice_try.id,
		     extract(epoch FROM practice_try.at - practice.at)::float8 / 60 AS minutes,
		     row_number() OVER (PARTITION BY trainer_case ORDER BY practice_try.id DESC) AS place
		   FROM practice_try JOIN practice ON practice.job_id = practice_try.job_id JOIN job ON job.id = practice.job_id
		 ) AS tries WHERE place <= $1 ORDER BY id DESC`,
		[most]
	);
	return rows;
}

/** Of each case the latest piece on which it is not solved yet. */
export async function selectUnsolved(db: Queries): Promise<{ trainerCase: string; number: number }[]> {
	const { rows } = await db.query<{ trainerCase: string; number: number }>(
		`SELECT trainer_case AS "trainerCase", max(number) AS number FROM practice JOIN job ON job.id = job_id
		 WHERE state = 'practice'
		 AND NOT EXISTS (SELECT FROM practice_try WHERE practice_try.job_id = practice.job_id AND solved) GROUP BY 1`
	);
	return rows;
}

export type CaseCount = { trainerCase: string; tries: number; solved: number; told: number };

export async function countTries(db: Queries): Promise<CaseCount[]> {
	const { rows } = await db.query<CaseCount>(
		`SELECT trainer_case AS "trainerCase", count(*)::int AS tries, (count(*) FILTER (WHERE solved))::int AS solved,
		   (count(*) FILTER (WHERE told))::int AS told
		 FROM practice_try JOIN practice ON practice.job_id = practice_try.job_id GROUP BY 1`
	);
	return rows;
}
