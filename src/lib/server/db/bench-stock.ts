/** The tables bench_taken and stock_part: what steps at the bench took from stock, and what of a piece or metre is left to count off. */
import type { Used } from '$core/views/bench/takes.ts';
import type { Queries } from './database.ts';
import { moveStock, tellStock } from './stock.ts';

/** Sums of shares come out a hair beside the whole. */
const TINY = 1e-6;

/**
 * Brings what a run took to what its steps used: more is taken from the oldest of what lies there, what is taken back lies there again. Of
 * what was never written down there is nothing to take.
 * @param run locked by the caller
 */
export async function settleTaken(tx: Queries, run: number, job: number, used: readonly Used[]): Promise<void> {
	const { rows: before } = await tx.query<Used>('SELECT step, material, amount FROM bench_taken WHERE run_id = $1', [run]);
	const keyOf = ({ step, material }: Used) => `${step} ${material}`;
	const wanted = new Map(used.map((one) => [keyOf(one), one]));
	const had = new Map(before.map((one) => [keyOf(one), one]));
	const more = new Map<string, number>();
	for (const key of new Set([...wanted.keys(), ...had.keys()])) {
		const one = wanted.get(key) ?? had.get(key);
		const by = (wanted.get(key)?.amount ?? 0) - (had.get(key)?.amount ?? 0);
		if (!one || Math.abs(by) < TINY) continue;
		more.set(one.material, (more.get(one.material) ?? 0) + by);
		const next = wanted.get(key)?.amount;
		if (next === undefined)
			await tx.query('DELETE FROM bench_taken WHERE run_id = $1 AND step = $2 AND material = $3', [run, one.step, one.material]);
		else
			await tx.query(
				`INSERT INTO bench_taken (run_id, step, material, amount) VALUES ($1, $2, $3, $4)
				 ON CONFLICT (run_id, step, material) DO UPDATE SET amount = excluded.amount`,
				[run, one.step, one.material, next]
			);
	}
	// In one order for everybody, so that no two wait for each other.
	for (const [material, by] of [...more].sort(([one], [other]) => one.localeCompare(other)))
		await countOff(tx, { run, job }, material, by);
	if (more.size > 0) await tellStock(tx);
}

async function countOff(tx: Queries, { run, job }: { run: number; job: number }, material: string, by: number): Promise<void> {
	await tx.query('INSERT INTO stock_part (material) VALUES ($1) ON CONFLICT DO NOTHING', [material]);
	const { rows: parts } = await tx.query<{ amount: number }>('SELECT amount FROM stock_part WHERE material = $1 FOR UPDATE', [
		material
	]);
	const all = (parts[0]?.amount ?? 0) + by;
	const whole = Math.floor(all + TINY);
	await tx.query('UPDATE stock_part SET amount = $2 WHERE material = $1', [material, all - whole]);
	if (whole === 0) return;
	const { rows: lines } = await tx.query<{ id: number; free: number }>(
		"SELECT id::int, present - reserved AS free FROM stock WHERE kind = 'thing' AND material = $1 ORDER BY id FOR UPDATE",
		[material]
	);
	if (whole < 0) {
		const last = lines.at(-1);
		const back = -whole - (await lessMissing(tx, run, material, -whole));
		if (last && back > 0) await moveStock(tx, last.id, { kind: 'returned', present: back, reserved: 0, plan: null, job });
		return;
	}
	let left = whole;
	for (const { id, free } of lines) {
		const taken = Math.min(free, left);
		if (taken <= 0) continue;
		await moveStock(tx, id, { kind: 'used', present: -taken, reserved: 0, plan: null, job });
		left -= taken;
	}
	if (left > 0)
		await tx.query(
			`INSERT INTO stock_missing (run_id, material, count) VALUES ($1, $2, $3)
			 ON CONFLICT (run_id, material) DO UPDATE SET count = stock_missing.count + excluded.count`,
			[run, material, left]
		);
}

/** What a run wanted and did not find it does not give back either. @returns how many of those that it gives back were never taken */
async function lessMissing(tx: Queries, run: number, material: string, back: number): Promise<number> {
	const { rows } = await tx.query<{ count: number }>(
		'SELECT count FROM stock_missing WHERE run_id = $1 AND material = $2 FOR UPDATE',
		[run, material]
	);
	const never = Math.min(rows[0]?.count ?? 0, back);
	if (never > 0)
		await tx.query('UPDATE stock_missing SET count = count - $3 WHERE run_id = $1 AND material = $2', [run, material, never]);
	return never;
}

/** Of jobs, what the latest run of each took: it is wanted no more. */
export async function selectTakenAtBench(
	db: Queries,
	jobs: readonly number[]
): Promise<{ job: number; material: string; amount: number }[]> {
	const { rows } = await db.query<{ job: number; material: string; amount: number }>(
		`SELECT job.number AS job, material, sum(amount) AS amount
		 FROM bench_taken JOIN bench_run ON bench_run.id = run_id JOIN job ON job.id = bench_run.job_id
		 WHERE job.number = ANY($1::int[]) AND run_id = (SELECT max(id) FROM bench_run AS latest WHERE latest.job_id = job.id)
		 GROUP BY job.number, material`,
		[jobs]
	);
	return rows;
}
