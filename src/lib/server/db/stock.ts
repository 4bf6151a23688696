/** The tables stock and stock_event: every query on them. A movement is written with what it changes, in one transaction. */
import type { InStock } from '$core/nesting/offer.ts';
import { announce, type Queries } from './database.ts';

export type NewStock = Pick<InStock, 'material' | 'colour' | 'width' | 'height' | 'lot' | 'place'> & {
	kind: InStock['kind'] | 'thing' | 'ready';
};
export type StockLine = InStock & { present: number; reserved: number };
export type MovementKind = 'arrived' | 'counted' | 'reserved' | 'freed' | 'cut' | 'left' | 'used' | 'returned';
export type Movement = {
	kind: MovementKind;
	present: number;
	reserved: number;
	plan: number | null;
	/** The job's row. */
	job?: number | null;
};

const MOST_LINES = 2000;

/** Sheets and sticks that lie there, by material and size. */
export async function selectStock(db: Queries): Promise<StockLine[]> {
	const { rows } = await db.query<StockLine>(
		`SELECT id::int, kind, material, colour, width, height, lot, place, present, reserved, present - reserved AS free
		 FROM stock WHERE present > 0 AND kind NOT IN ('thing', 'ready') ORDER BY material, colour, kind DESC, width * height DESC, id LIMIT $1`,
		[MOST_LINES]
	);
	return rows;
}

export type ThingLine = { id: number; material: string; place: string; present: number; reserved: number };

/** Things that are counted, by what they are. */
export async function selectThings(db: Queries): Promise<ThingLine[]> {
	const { rows } = await db.query<ThingLine>(
		`SELECT id::int, material, place, present, reserved FROM stock WHERE present > 0 AND kind = 'thing' ORDER BY material, id LIMIT $1`,
		[MOST_LINES]
	);
	return rows;
}

/** @returns its id */
export async function insertStock(tx: Queries, { kind, material, colour, width, height, lot, place }: NewStock): Promise<number> {
	const { rows } = await tx.query<{ id: number }>(
		`INSERT INTO stock (kind, material, colour, width, height, lot, place) VALUES ($1, $2, $3, $4, $5, $6, $7) RETURNING id::int`,
		[kind, material, colour, width, height, lot, place]
	);
	return rows[0]?.id ?? 0;
}

export type AnyLine = Omit<StockLine, 'kind'> & { kind: NewStock['kind'] };

/** What is free of some lines, which stay as they are until the transaction ends. */
export async function lockStock(tx: Queries, ids: readonly number[]): Promise<AnyLine[]> {
	const { rows } = await tx.query<AnyLine>(
		`SELECT id::int, kind, material, colour, width, height, lot, place, present, reserved, present - reserved AS free
		 FROM stock WHERE id = ANY($1::bigint[]) ORDER BY id FOR UPDATE`,
		[ids]
	);
	return rows;
}

/** @throws when less than nothing would be there, or more reserved than there is: the database holds that itself */
export async function moveStock(tx: Queries, id: number, { kind, present, reserved, plan, job = null }: Movement): Promise<void> {
	await tx.query('UPDATE stock SET present = present + $2, reserved = reserved + $3 WHERE id = $1', [id, present, reserved]);
	await tx.query(
		"INSERT INTO stock_event (stock_id, kind, present, reserved, plan_id, job_id, author) VALUES ($1, $2, $3, $4, $5, $6, '')",
		[id, kind, present, reserved, plan, job]
	);
}

/** Said to every open screen that shows stock or cuts from it. */
export const tellStock = (tx: Queries): Promise<void> => announce(tx, JSON.stringify({ list: 'stock', rev: 0 }));

export type KeptMovement = Movement & { /** The job's number. */ job: number | null; author: string; at: Date };

/** All that ever happened to a line, the oldest first. */
export async function selectMovements(db: Queries, id: number): Promise<KeptMovement[]> {
	const { rows } = await db.query<KeptMovement>(
		`SELECT kind, present, reserved, plan_id::int AS plan, job.number AS job, author, at
		 FROM stock_event LEFT JOIN job ON job.id = job_id WHERE stock_id = $1 ORDER BY stock_event.id LIMIT $2`,
		[id, MOST_LINES]
	);
	return rows;
}

/** Where the sheets lie that a plan takes from stock, by their id; those that are cut already too. */
export async function selectStockPlaces(db: Queries, plan: number): Promise<Record<number, string>> {
	const { rows } = await db.query<{ id: number; place: string }>(
		`SELECT DISTINCT stock.id::int, place FROM stock JOIN stock_event ON stock_id = stock.id WHERE plan_id = $1 AND stock_event.kind = 'reserved'`,
		[plan]
	);
	return Object.fromEntries(rows.map(({ id, place }) => [id, place]));
}
