/** The tables cutting_plan, cutting_part and cutting_sheet: every query on them. */
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import type { PartWanted } from '$core/nesting/parts.ts';
import type { Queries } from './database.ts';
import { nth } from '$core/units/there.ts';

export type PlanState = 'open' | 'cut' | 'given-up';
export type AskedCutting = { job: CuttingJob; parts: PartWanted[] };
export type KeptPlan = {
	id: number;
	at: Date;
	material: string;
	colour: string;
	asked: AskedCutting;
	plan: CuttingPlan;
	state: PlanState;
	/** Places of the sheets that are cut. */
	cut: number[];
	/** How far the others are, by their place. */
	progress: Record<number, KeptProgress>;
	/** Drop-outs that were put away, by what they are called: `1 of K-0101 mat 1`. */
	drops: Record<string, number>;
};
export type Progress = {
	made: number;
	by: 'hand' | 'cutter';
	/** Why a machine stopped; empty while it goes on. */
	stopped: string;
};
/** `mark`: which word on this sheet it is, another with each. */
export type KeptProgress = Progress & { mark: number };
export type ListedPlan = Pick<KeptPlan, 'id' | 'material' | 'colour' | 'state'> & { sheets: number; cut: number };

export async function insertPlan(
	tx: Queries,
	{ material, colour, asked, plan }: Pick<KeptPlan, 'material' | 'colour' | 'asked' | 'plan'>
): Promise<number> {
	const { rows } = await tx.query<{ id: number }>(
		`INSERT INTO cutting_plan (material, colour, asked, plan, sheets, author) VALUES ($1, $2, $3::jsonb, $4::jsonb, $5, '') RETURNING id::int`,
		[material, colour, JSON.stringify(asked), JSON.stringify(plan), plan.sheets.length]
	);
	return rows[0]?.id ?? 0;
}

/** @returns false when there is no such job */
export async function insertPart(tx: Queries, plan: number, job: number, part: PartWanted, count: number): Promise<boolean> {
	const { rows } = await tx.query(
		`INSERT INTO cutting_part (plan_id, job_id, part, width, height, count)
		 SELECT $1, id, $3, $4, $5, $6 FROM job WHERE number = $2 RETURNING part`,
		[plan, job, part.id, part.width, part.height, count]
	);
	return rows.length > 0;
}

/** Jobs whose parts no other plan may take until the transaction ends, in one order, so that nobody waits for each other. */
export async function lockJobs(tx: Queries, numbers: readonly number[]): Promise<void> {
	await tx.query('SELECT id FROM job WHERE number = ANY($1::int[]) ORDER BY id FOR UPDATE', [numbers]);
}

export type TakenPart = { part: string; width: number; height: number; count: number };

/** How many of each part plans have taken that were not given up. */
export async function selectTaken(db: Queries, numbers: readonly number[]): Promise<TakenPart[]> {
	const { rows } = await db.query<TakenPart>(
		`SELECT part, width, height, sum(count)::int AS count FROM cutting_part
		 JOIN cutting_plan ON cutting_plan.id = plan_id AND state <> 'given-up'
		 JOIN job ON job.id = job_id WHERE job.number = ANY($1::int[]) GROUP BY part, width, height`,
		[numbers]
	);
	return rows;
}

export async function selectPlan(db: Queries, id: number, lock = false): Promise<KeptPlan | null> {
	const { rows } = await db.query<Omit<KeptPlan, 'cut' | 'progress' | 'drops'>>(
		`SELECT id::int, at, material, colour, asked, plan, state FROM cutting_plan WHERE id = $1${lock ? ' FOR UPDATE' : ''}`,
		[id]
	);
	const [plan] = rows;
	if (!plan) return null;
	const cut = await db.query<{ sheet: number }>('SELECT sheet FROM cutting_sheet WHERE plan_id = $1 ORDER BY sheet', [id]);
	return {
		...plan,
		cut: cut.rows.map(({ sheet }) => sheet),
		progress: await selectProgress(db, id),
		drops: await selectDrops(db, id)
	};
}

async function selectProgress(db: Queries, plan: number): Promise<Record<number, KeptProgress>> {
	const { rows } = await db.query<KeptProgress & { sheet: number }>(
		`SELECT DISTINCT ON (sheet) sheet, made, made_by AS by, stopped, id::int AS mark FROM cutting_progress WHERE plan_id = $1 ORDER BY sheet, id DESC`,
		[plan]
	);
	return Object.fromEntries(rows.map(({ sheet, ...progress }) => [sheet, progress]));
}

/** @returns its mark */
export async function insertProgress(tx: Queries, plan: number, sheet: number, { made, by, stopped }: Progress): Promise<number> {
	const { rows } = await tx.query<{ mark: number }>(
		'INSERT INTO cutting_progress (plan_id, sheet, made, made_by, stopped) VALUES ($1, $2, $3, $4, $5) RETURNING id::int AS mark',
		[plan, sheet, made, by, stopped]
	);
	return nth(rows, 0).mark;
}

/** Plans of which a machine is cutting a sheet. */
export async function selectRunning(db: Queries): Promise<{ plan: number; sheet: number }[]> {
	const { rows } = await db.query<{ plan: number; sheet: number; by: string; stopped: string }>(
		`SELECT DISTINCT ON (plan_id, sheet) plan_id::int AS plan, sheet, made_by AS by, stopped FROM cutting_progress
		 JOIN cutting_plan ON cutting_plan.id = plan_id AND state = 'open'
		 WHERE NOT EXISTS (SELECT 1 FROM cutting_sheet WHERE cutting_sheet.plan_id = cutting_progress.plan_id AND cutting_sheet.sheet = cutting_progress.sheet)
		 ORDER BY plan_id, sheet, cutting_progress.id DESC`
	);
	return rows.filter(({ by, stopped }) => by === 'cutter' && stopped === '');
}

async function selectDrops(db: Queries, plan: number): Promise<Record<string, number>> {
	const { rows } = await db.query<{ part: string; which: number; count: number }>(
		'SELECT part, which, count(*)::int AS count FROM cutting_drop WHERE plan_id = $1 GROUP BY part, which',
		[plan]
	);
	return Object.fromEntries(rows.map(({ part, which, count }) => [dropName(part, which), count]));
}
export const dropName = (part: string, which: number): string => `${which} of ${part}`;

export async function insertDrop(tx: Queries, plan: number, part: string, which: number, stock: number): Promise<void> {
	await tx.query('INSERT INTO cutting_drop (plan_id, part, which, stock_id) VALUES ($1, $2, $3, $4)', [plan, part, which, stock]);
}

const MOST_PLANS = 200;

/** Plans that are still to be cut, the oldest first. */
export async function selectOpenPlans(db: Queries): Promise<ListedPlan[]> {
	const { rows } = await db.query<ListedPlan>(
		`SELECT id::int, material, colour, state, sheets,
		 (SELECT count(*)::int FROM cutting_sheet WHERE plan_id = cutting_plan.id) AS cut
		 FROM cutting_plan WHERE state = 'open' ORDER BY id LIMIT $1`,
		[MOST_PLANS]
	);
	return rows;
}

/** Plans that cut a job's parts and were not given up. */
export async function selectPlansOfJob(db: Queries, number: number): Promise<Pick<KeptPlan, 'material' | 'plan'>[]> {
	const { rows } = await db.query<Pick<KeptPlan, 'material' | 'plan'>>(
		`SELECT material, plan FROM cutting_plan WHERE state <> 'given-up' AND id IN (
		   SELECT plan_id FROM cutting_part JOIN job ON job.id = job_id WHERE job.number = $1
		 ) ORDER BY id LIMIT $2`,
		[number, MOST_PLANS]
	);
	return rows;
}

export async function insertCutSheet(tx: Queries, plan: number, sheet: number): Promise<void> {
	await tx.query("INSERT INTO cutting_sheet (plan_id, sheet, author) VALUES ($1, $2, '')", [plan, sheet]);
}

export async function updatePlanState(tx: Queries, id: number, state: PlanState): Promise<void> {
	await tx.query('UPDATE cutting_plan SET state = $2 WHERE id = $1', [id, state]);
}

/** Of a plan that ends before its time, only what lies on sheets that are cut is taken. */
export async function updateParts(tx: Queries, plan: number, counts: ReadonlyMap<string, number>): Promise<void> {
	const kept = [...counts.keys()];
	await tx.query('DELETE FROM cutting_part WHERE plan_id = $1 AND NOT part = ANY($2::text[])', [plan, kept]);
	for (const [part, count] of counts)
		await tx.query('UPDATE cutting_part SET count = $3 WHERE plan_id = $1 AND part = $2', [plan, part, count]);
}
