/** The tables job and job_revision: every query on them. */
import type { JobFile } from '$core/job/definition.ts';
import type { Database } from './open.ts';

export type JobRow = { number: string; rev: number; spec: JobFile };
/** What lists find a job by. */
export type Facts = { title: string; maker: string; aim: string; reached: string | null };
export type Kept = { kind: 'kept'; number: string; rev: number };
export type Conflict = { kind: 'conflict'; rev: number; theirs: JobFile; base: JobFile | null };

const PAGE = 50;

/** A new job; its number is the next, or the one that it brings along. */
export async function insertJob(
	db: Database,
	spec: JobFile,
	facts: Facts,
	number: string | null
): Promise<Kept | { kind: 'taken' }> {
	return db.transaction(async (tx) => {
		if (number !== null) {
			const { rows } = await tx.query('SELECT 1 FROM job WHERE number = $1', [number]);
			if (rows.length > 0) return { kind: 'taken' as const };
			// Later numbers go on behind it.
			await tx.query("SELECT setval('job_number_seq', greatest((SELECT last_value FROM job_number_seq), $1::bigint))", [
				Number(number.slice(2))
			]);
		}
		const { rows } = await tx.query<{ id: string; number: string }>(
			`INSERT INTO job (number, head_rev, title, maker, aim, reached)
			 VALUES (coalesce($1, 'K-' || lpad(nextval('job_number_seq')::text, 4, '0')), 1, $2, $3, $4, $5)
			 RETURNING id, number`,
			[number, facts.title, facts.maker, facts.aim, facts.reached]
		);
		const [job] = rows;
		await tx.query("INSERT INTO job_revision (job_id, rev, spec, author, reason) VALUES ($1, 1, $2, '', 'new')", [
			job!.id,
			JSON.stringify(spec)
		]);
		return { kind: 'kept' as const, number: job!.number, rev: 1 };
	});
}

/** The head of a job, or an earlier revision; null where there is none. */
export async function selectJob(db: Database, number: string, rev: number | null): Promise<JobRow | null> {
	const { rows } = await db.query<JobRow>(
		`SELECT job.number, job_revision.rev, job_revision.spec
		 FROM job JOIN job_revision ON job_revision.job_id = job.id
		 WHERE job.number = $1 AND job_revision.rev = coalesce($2, job.head_rev)`,
		[number, rev]
	);
	return rows[0] ?? null;
}

/** A new revision on top of `from`; a conflict when another came between. Null where there is no such job. */
export async function insertRevision(
	db: Database,
	number: string,
	from: number,
	spec: JobFile,
	facts: Facts,
	reason: string
): Promise<Kept | Conflict | null> {
	return db.transaction(async (tx) => {
		const { rows } = await tx.query<{ id: string; head_rev: number }>(
			'SELECT id, head_rev FROM job WHERE number = $1 FOR UPDATE',
			[number]
		);
		const [job] = rows;
		if (!job) return null;
		if (job.head_rev !== from) {
			const found = await tx.query<{ rev: number; spec: JobFile }>(
				'SELECT rev, spec FROM job_revision WHERE job_id = $1 AND rev IN ($2, $3)',
				[job.id, job.head_rev, from]
			);
			const at = (rev: number) => found.rows.find((row) => row.rev === rev)?.spec ?? null;
			return { kind: 'conflict' as const, rev: job.head_rev, theirs: at(job.head_rev)!, base: at(from) };
		}
		const rev = from + 1;
		await tx.query("INSERT INTO job_revision (job_id, rev, spec, author, reason) VALUES ($1, $2, $3, '', $4)", [
			job.id,
			rev,
			JSON.stringify(spec),
			reason
		]);
		await tx.query('UPDATE job SET head_rev = $2, title = $3, maker = $4, aim = $5, reached = $6 WHERE id = $1', [
			job.id,
			rev,
			facts.title,
			facts.maker,
			facts.aim,
			facts.reached
		]);
		return { kind: 'kept' as const, number, rev };
	});
}

export type RevisionRow = { rev: number; author: string; at: Date; reason: string };

/** Newest first; null where there is no such job. */
export async function selectRevisions(db: Database, number: string): Promise<RevisionRow[] | null> {
	const { rows } = await db.query<RevisionRow>(
		`SELECT job_revision.rev, job_revision.author, job_revision.at, job_revision.reason
		 FROM job JOIN job_revision ON job_revision.job_id = job.id
		 WHERE job.number = $1 ORDER BY job_revision.rev DESC`,
		[number]
	);
	return rows.length > 0 ? rows : null;
}

export type ListedJob = JobRow & Facts & { at: Date };

/** A page of jobs by number, with their heads; `find` looks in number, title and maker. */
export async function selectJobs(db: Database, find: string, after: string): Promise<{ jobs: ListedJob[]; next: string | null }> {
	const { rows } = await db.query<ListedJob>(
		`SELECT job.number, job.title, job.maker, job.aim, job.reached, job_revision.rev, job_revision.spec, job_revision.at
		 FROM job JOIN job_revision ON job_revision.job_id = job.id AND job_revision.rev = job.head_rev
		 WHERE job.number > $2 AND ($1 = '' OR strpos(lower(job.number || ' ' || job.title || ' ' || job.maker), lower($1)) > 0)
		 ORDER BY job.number LIMIT $3`,
		[find, after, PAGE + 1]
	);
	const jobs = rows.slice(0, PAGE);
	return { jobs, next: rows.length > PAGE ? jobs.at(-1)!.number : null };
}

/** Whether any revision of any job holds this word as a value, such as the id of a material. */
export async function isUsedAnywhere(db: Database, word: string): Promise<boolean> {
	const { rows } = await db.query('SELECT 1 FROM job_revision WHERE strpos(spec::text, $1) > 0 LIMIT 1', [JSON.stringify(word)]);
	return rows.length > 0;
}
