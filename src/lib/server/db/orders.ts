/** The tables stock_kept, purchase, purchase_line and purchase_event: every query on them. */
import type { Item } from '$core/nesting/items.ts';
import type { Queries } from './database.ts';

export type Kept = Item & { point: number; batch: number; cents: number; leadDays: number; supplier: string };
export type KeptItem = Kept & {
	id: number;
	/** Free in the shop, and on order. */
	free: number;
	ordered: number;
};
export type NewLine = Item & { ordered: number; cents: number };
export type OrderLine = NewLine & { line: number; arrived: number };
export type Order = {
	id: number;
	supplier: string;
	ref: string;
	due: string;
	state: 'open' | 'closed';
	lines: OrderLine[];
};

const MOST = 500;
/** A sheet is of a size within so much, mm, whichever way round its sides are written. */
const WITHIN = 1;
const SAME = `one.kind = other.kind AND one.material = other.material AND one.colour = other.colour
	AND (abs(one.width - other.width) <= ${WITHIN} AND abs(one.height - other.height) <= ${WITHIN}
		OR one.kind = 'sheet' AND abs(one.width - other.height) <= ${WITHIN} AND abs(one.height - other.width) <= ${WITHIN})`;

/** What the shop keeps, with what is free of it and what is on its way. */
export async function selectKept(db: Queries): Promise<KeptItem[]> {
	const { rows } = await db.query<KeptItem>(
		`SELECT one.id::int, one.kind, one.material, one.colour, one.width, one.height, point, batch, cents, lead_days AS "leadDays", supplier,
		 COALESCE((SELECT sum(present - reserved) FROM stock other WHERE present > 0 AND ${SAME}), 0)::int AS free,
		 COALESCE((SELECT sum(GREATEST(0, other.ordered - COALESCE(
		   (SELECT sum(count) FROM purchase_event e WHERE e.purchase_id = other.purchase_id AND e.line = other.line AND good), 0)))
		   FROM purchase_line other JOIN purchase ON purchase.id = other.purchase_id AND state = 'open' AND purchase.ordered WHERE ${SAME}), 0)::int AS ordered
		 FROM stock_kept one ORDER BY one.kind, one.material, one.colour, one.width, one.id LIMIT $1`,
		[MOST]
	);
	return rows;
}

/** @returns its id; what was kept of it before is replaced */
export async function upsertKept(tx: Queries, { kind, material, colour, width, height, ...kept }: Kept): Promise<number> {
	const { rows } = await tx.query<{ id: number }>(
		`INSERT INTO stock_kept (kind, material, colour, width, height, point, batch, cents, lead_days, supplier)
		 VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
		 ON CONFLICT (kind, material, colour, width, height) DO UPDATE
		 SET point = $6, batch = $7, cents = $8, lead_days = $9, supplier = $10 RETURNING id::int`,
		[kind, material, colour, width, height, kept.point, kept.batch, kept.cents, kept.leadDays, kept.supplier]
	);
	return rows[0]?.id ?? 0;
}

/** @returns whether it was there */
export async function deleteKept(tx: Queries, id: number): Promise<boolean> {
	const { rows } = await tx.query('DELETE FROM stock_kept WHERE id = $1 RETURNING id', [id]);
	return rows.length > 0;
}

/** `ordered`: the supplier has it; until then no list shows it. */
export type NewOrder = Pick<Order, 'supplier' | 'ref' | 'due'> & { key: string; ordered: boolean; lines: readonly NewLine[] };

export async function insertOrder(
	tx: Queries,
	{ supplier, ref, due, key, ordered: isOrdered, lines }: NewOrder
): Promise<number> {
	const { rows } = await tx.query<{ id: number }>(
		'INSERT INTO purchase (supplier, ref, due, sent_as, ordered) VALUES ($1, $2, $3, $4, $5) RETURNING id::int',
		[supplier, ref, due, key, isOrdered]
	);
	const id = rows[0]?.id ?? 0;
	for (const [line, { kind, material, colour, width, height, ordered, cents }] of lines.entries())
		await tx.query(
			`INSERT INTO purchase_line (purchase_id, line, kind, material, colour, width, height, ordered, cents)
			 VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
			[id, line, kind, material, colour, width, height, ordered, cents]
		);
	return id;
}

const ORDERS = `SELECT id::int, supplier, ref, to_char(due, 'YYYY-MM-DD') AS due, state FROM purchase`;

/** Open orders, what is due first; then the latest that are closed. */
export async function selectOrders(db: Queries): Promise<Order[]> {
	const { rows } = await db.query<Omit<Order, 'lines'>>(
		`${ORDERS} WHERE ordered ORDER BY state = 'closed', CASE WHEN state = 'open' THEN due END, id DESC LIMIT $1`,
		[MOST]
	);
	return withLines(db, rows);
}

/** @param lock it stays as it is until the transaction ends */
export async function selectOrder(db: Queries, id: number, lock = false): Promise<Order | null> {
	const { rows } = await db.query<Omit<Order, 'lines'>>(`${ORDERS} WHERE ordered AND id = $1${lock ? ' FOR UPDATE' : ''}`, [id]);
	return (await withLines(db, rows))[0] ?? null;
}

async function withLines(db: Queries, orders: Omit<Order, 'lines'>[]): Promise<Order[]> {
	const { rows } = await db.query<OrderLine & { order: number }>(
		`SELECT purchase_id::int AS "order", line, kind, material, colour, width, height, ordered, cents,
		 COALESCE((SELECT sum(count) FROM purchase_event e WHERE e.purchase_id = l.purchase_id AND e.line = l.line AND good), 0)::int AS arrived
		 FROM purchase_line l WHERE purchase_id = ANY($1::bigint[]) ORDER BY purchase_id, line`,
		[orders.map(({ id }) => id)]
	);
	return orders.map((order) => ({
		...order,
		lines: rows.filter((line) => line.order === order.id).map(({ order: _, ...line }) => line)
	}));
}

/** The order that was written under a name, whether or not it is ordered yet. */
export async function selectSentAs(
	db: Queries,
	key: string
): Promise<(Pick<Order, 'id' | 'ref' | 'due'> & { ordered: boolean }) | null> {
	const { rows } = await db.query<Pick<Order, 'id' | 'ref' | 'due'> & { ordered: boolean }>(
		"SELECT id::int, ref, to_char(due, 'YYYY-MM-DD') AS due, ordered FROM purchase WHERE sent_as = $1",
		[key]
	);
	return rows[0] ?? null;
}

/** What the supplier calls it, and when it promises it. */
export async function updateSent(tx: Queries, id: number, { ref, due }: Pick<Order, 'ref' | 'due'>): Promise<void> {
	await tx.query('UPDATE purchase SET ref = $2, due = $3, ordered = true WHERE id = $1', [id, ref, due]);
}

export async function updateOrder(tx: Queries, id: number, { due, state }: Pick<Order, 'due' | 'state'>): Promise<void> {
	await tx.query('UPDATE purchase SET due = $2, state = $3 WHERE id = $1', [id, due, state]);
}

export async function insertCame(
	tx: Queries,
	order: number,
	{ line, count, good, stock }: { line: number; count: number; good: boolean; stock: number }
): Promise<void> {
	await tx.query('INSERT INTO purchase_event (purchase_id, line, count, good, stock_id) VALUES ($1, $2, $3, $4, $5)', [
		order,
		line,
		count,
		good,
		stock
	]);
}
