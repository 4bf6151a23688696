/**
 * What lies ready on the shelf: the list shop_list says what each thing is and how many there are, its line in stock how many jobs hold
 * (job_ready) and all that ever happened. Both are written in one transaction, the list first, so that they say the same.
 */
import { claimed, claimsOf, type Claim } from '$core/job/claims.ts';
import { whyNotFree, type Held } from '$core/advice/on-shelf.ts';
import type { JobFile } from '$core/job/definition.ts';
import { FaultError, type Fault } from '$core/job/faults.ts';
import { showJobNumber } from '$core/job/number.ts';
import type { JobState } from '$core/job/state.ts';
import { readShelf, type ShelfItem, type WrittenShelfItem } from '$core/shop/shelf.ts';
import { there } from '$core/units/there.ts';
import { announce, type Queries } from './database.ts';
import { insertStock, moveStock, tellStock, type MovementKind } from './stock.ts';

/** A line of the shelf's stock, by the name on the shelf. */
export type ReadyLine = { id: number; name: string; present: number; reserved: number };
type Row = { stock: number; name: string; count: number; state: 'held' | 'used' };

const LINE = 'id::int, material AS name, present, reserved';

export async function selectReady(db: Queries): Promise<ReadyLine[]> {
	const { rows } = await db.query<ReadyLine>(`SELECT ${LINE} FROM stock WHERE kind = 'ready' ORDER BY id`);
	return rows;
}

/** What jobs hold that are worked on. */
export async function selectHeld(db: Queries): Promise<Held[]> {
	const { rows } = await db.query<{ name: string; job: number; count: number }>(
		`SELECT stock.material AS name, job.number AS job, job_ready.count
		 FROM job_ready JOIN stock ON stock.id = job_ready.stock_id JOIN job ON job.id = job_ready.job_id
		 WHERE job_ready.state = 'held' ORDER BY job.number, stock.id`
	);
	return rows.map(({ job, ...held }) => ({ ...held, job: showJobNumber(job) }));
}

/**
 * Brings the lines to what a list says that was just kept: what is new arrived, another count was counted, what is gone is none.
 * @throws FaultError where fewer would be there than jobs hold; the caller's transaction is undone with it
 */
export async function countShelf(tx: Queries, items: readonly ShelfItem[]): Promise<void> {
	const { rows: lines } = await tx.query<ReadyLine>(`SELECT ${LINE} FROM stock WHERE kind = 'ready' ORDER BY id FOR UPDATE`);
	const held = lines.some(({ reserved }) => reserved > 0) ? await selectHeld(tx) : [];
	const faults: Fault[] = [];
	const short = (name: string, path: string) => {
		const jobs = held.filter((one) => one.name === name).map(({ job }) => job);
		faults.push({
			path,
			says: `“${name}” is held for ${jobs.join(', ')}. Keep its name and number until that job is handed over or uses another.`
		});
	};
	for (const [index, { name, count }] of items.entries()) {
		const line = lines.find((one) => one.name === name);
		if (!line) {
			const id = await insertStock(tx, { kind: 'ready', material: name, colour: '', width: 0, height: 0, lot: '', place: '' });
			if (count > 0) await moveStock(tx, id, { kind: 'arrived', present: count, reserved: 0, plan: null });
		} else if (count < line.reserved) short(name, `shelf[${index}].count`);
		else if (count !== line.present)
			await moveStock(tx, line.id, { kind: 'counted', present: count - line.present, reserved: 0, plan: null });
	}
	for (const { id, name, present, reserved } of lines) {
		if (present === 0 || items.some((item) => item.name === name)) continue;
		if (reserved > 0) short(name, 'shelf');
		else await moveStock(tx, id, { kind: 'counted', present: -present, reserved: 0, plan: null });
	}
	if (faults.length > 0) throw new FaultError(faults);
	await tellStock(tx);
}

/** A job that is being kept, as far as the shelf is asked. */
type Taking = { id: number; number: number; spec: JobFile };

/**
 * What a job names is held for it, what it names no longer is free again; one that was handed over with it gives it back.
 * @param orNot what is not free is left out, instead of refused
 * @throws FaultError where another has it; the caller's transaction is undone with it
 */
export async function holdReady(tx: Queries, job: Taking, orNot = false): Promise<void> {
	const claims = claimsOf(job.spec);
	const before = await rowsOf(tx, job.id);
	if (claims.length === 0 && before.length === 0) return;
	const shelf = await lockShelf(tx);
	const copies = job.spec.copies ?? 1;
	const wanted = claims.flatMap((claim) => {
		const item = claimed(claim, shelf.items);
		return item ? [{ claim, item }] : [];
	});
	const back = before.filter(({ name }) => !wanted.some(({ item }) => item.name === name));
	for (const row of back) await giveBack(tx, job.id, row);
	await changeCounts(
		tx,
		back.flatMap(({ state, name, count }) => (state === 'used' ? [{ name, by: count }] : []))
	);
	const changed = wanted.filter(
		({ item }) => !before.some(({ name, count, state }) => name === item.name && (state === 'used' || count === copies))
	);
	const faults = await holdEach(tx, job, changed, copies);
	if (faults.length > 0 && !orNot) throw new FaultError(faults);
	if (back.length + changed.length > 0) await tellStock(tx);
}

/** @returns why some are not held */
async function holdEach(tx: Queries, job: Taking, wanted: { claim: Claim; item: ShelfItem }[], copies: number): Promise<Fault[]> {
	const faults: Fault[] = [];
	const held = wanted.length === 0 ? [] : await selectHeld(tx);
	for (const { claim, item } of wanted) {
		const says = whyNotFree(item, copies, { held, by: showJobNumber(job.number) });
		if (says !== null) {
			faults.push({ path: claim.path, says: `“${item.name}” on the shelf: ${says} Use another, or free it there first.` });
			continue;
		}
		const line = await lineOf(tx, item.name);
		const now = held.find(({ name, job: holder }) => name === item.name && holder === showJobNumber(job.number))?.count ?? 0;
		const kind = copies > now ? 'reserved' : 'freed';
		await moveStock(tx, line.id, { kind, present: 0, reserved: copies - now, plan: null, job: job.id });
		await tx.query(
			`INSERT INTO job_ready (job_id, stock_id, count) VALUES ($1, $2, $3)
			 ON CONFLICT (job_id, stock_id) DO UPDATE SET count = excluded.count`,
			[job.id, line.id, copies]
		);
	}
	return faults;
}

/** What becomes of the things of a job whose state changes: handed over with it, free again in the archive, held where they still are free. */
export async function readyFollows(tx: Queries, job: Taking, state: JobState | 'deleted'): Promise<void> {
	if (state === 'open' || state === 'handed-over') await holdReady(tx, job, true);
	const held = (await rowsOf(tx, job.id)).filter((row) => row.state === 'held');
	if (state === 'open' || held.length === 0) return;
	await lockShelf(tx);
	for (const row of held) {
		if (state !== 'handed-over') {
			await giveBack(tx, job.id, row);
			continue;
		}
		await moveStock(tx, row.stock, { kind: 'used', present: -row.count, reserved: -row.count, plan: null, job: job.id });
		await tx.query("UPDATE job_ready SET state = 'used' WHERE job_id = $1 AND stock_id = $2", [job.id, row.stock]);
	}
	if (state === 'handed-over')
		await changeCounts(
			tx,
			held.map(({ name, count }) => ({ name, by: -count }))
		);
	await tellStock(tx);
}

async function giveBack(tx: Queries, job: number, { stock, count, state }: Row): Promise<void> {
	const moved: { kind: MovementKind; present: number; reserved: number } =
		state === 'used' ? { kind: 'returned', present: count, reserved: 0 } : { kind: 'freed', present: 0, reserved: -count };
	await moveStock(tx, stock, { ...moved, plan: null, job });
	await tx.query('DELETE FROM job_ready WHERE job_id = $1 AND stock_id = $2', [job, stock]);
}

async function rowsOf(tx: Queries, job: number): Promise<Row[]> {
	const { rows } = await tx.query<Row>(
		`SELECT stock.id::int AS stock, stock.material AS name, job_ready.count, job_ready.state
		 FROM job_ready JOIN stock ON stock.id = job_ready.stock_id WHERE job_id = $1 ORDER BY stock.id`,
		[job]
	);
	return rows;
}

async function lineOf(tx: Queries, name: string): Promise<ReadyLine> {
	const { rows } = await tx.query<ReadyLine>(`SELECT ${LINE} FROM stock WHERE kind = 'ready' AND material = $1 FOR UPDATE`, [
		name
	]);
	return there(rows[0], 'line of the shelf');
}

/** The list as it stands until the transaction ends; one that can't be read (an older version kept it) has nothing. */
async function lockShelf(tx: Queries): Promise<{ items: ShelfItem[]; written: WrittenShelfItem[] }> {
	const { rows } = await tx.query<{ items: WrittenShelfItem[] }>("SELECT items FROM shop_list WHERE name = 'shelf' FOR UPDATE");
	const written = rows[0]?.items ?? [];
	const read = readShelf(written);
	return { items: read.ok ? read.items : [], written };
}

/** Writes another count into the list, as a revision of it: whoever writes on the one before is told. What is no longer on it is left out. */
async function changeCounts(tx: Queries, changes: readonly { name: string; by: number }[]): Promise<void> {
	if (changes.length === 0) return;
	const { items, written } = await lockShelf(tx);
	const next = written.map((one, index) => {
		const item = items[index];
		const change = changes.find(({ name }) => name === item?.name);
		return item && change ? { ...one, count: item.count + change.by } : one;
	});
	const { rows } = await tx.query<{ rev: number }>(
		"UPDATE shop_list SET rev = rev + 1, items = $1::jsonb, at = now() WHERE name = 'shelf' RETURNING rev",
		[JSON.stringify(next)]
	);
	if (rows[0]) await announce(tx, JSON.stringify({ list: 'shelf', rev: rows[0].rev }));
}
