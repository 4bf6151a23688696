/** The tables cutting_plan, cutting_part and cutting_sheet: every query on them. */
import type { CuttingJob, CuttingPlan } from '$core/nesting/figures.ts';
import type { PartWanted } from '$core/nesting/parts.ts';
import type { Queries } from './database.ts';

export type PlanState = 'open' | 'cut' | 'given-up';
export type AskedCutting = { job: CuttingJob; parts: PartWanted[] };
export type KeptPlan = {
	id: number;
	material: string;
	colour: string;
	asked: AskedCutting;
	plan: CuttingPlan;
	state: PlanState;
	/** Places of the sheets that are cut. */
	cut: number[];
};
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
	const { rows } = await db.query<Omit<KeptPlan, 'cut'>>(
		`SELECT id::int, material, colour, asked, plan, state FROM cutting_plan WHERE id = $1${lock ? ' FOR UPDATE' : ''}`,
		[id]
	);
	const [plan] = rows;
	if (!plan) return null;
	const cut = await db.query<{ sheet: number }>('SELECT sheet FROM cutting_sheet WHERE plan_id = $1 ORDER BY sheet', [id]);
	return { ...plan, cut: cut.rows.map(({ sheet }) => sheet) };
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
