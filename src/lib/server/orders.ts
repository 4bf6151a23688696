/** The calls on orders: what is kept in stock, what is ordered, what of it came, as it was counted and measured. */
import { randomUUID } from 'node:crypto';
import type { Size } from '$core/geometry/shapes.ts';
import { isItem, type Item } from '$core/nesting/items.ts';
import type { Shop } from '$core/shop/shop.ts';
import { there } from '$core/units/there.ts';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import {
	deleteKept,
	insertCame,
	insertOrder,
	selectKept,
	selectOrder,
	selectOrders,
	selectSentAs,
	updateOrder,
	updateSent,
	upsertKept,
	type OrderLine
} from './db/orders.ts';
import { insertStock, moveStock, tellStock } from './db/stock.ts';
import { shopOf } from './shop.ts';
import { askStanding, sendOrder } from './supplier.ts';
import { checkCame, checkKept, checkOrder, type CameLine } from './validation/orders.ts';

const SILENT = 'The supplier does not answer. Nothing was ordered; order by phone, or try again.';

export async function getKept(db: Database): Promise<Answer> {
	return { status: 200, body: { kept: await selectKept(db) } };
}

/** Keeps an item in stock, or changes how. */
export async function putKept(db: Database, body: unknown): Promise<Answer> {
	const checked = checkKept(body);
	if (!checked.ok) return faults(400, checked.faults);
	const unknown = unknownItem(checked.value, await shopOf(db), 'material');
	if (unknown) return unknown;
	const id = await db.transaction(async (tx) => {
		const kept = await upsertKept(tx, checked.value);
		await tellStock(tx);
		return kept;
	});
	return { status: 200, body: { id } };
}

export async function removeKept(db: Database, id: number): Promise<Answer> {
	return db.transaction(async (tx): Promise<Answer> => {
		if (!(await deleteKept(tx, id))) return notFound;
		await tellStock(tx);
		return { status: 200, body: { id } };
	});
}

export async function getOrders(db: Database): Promise<Answer> {
	return { status: 200, body: { orders: await selectOrders(db) } };
}

/** Writes an order down, then sends it to the supplier where that is asked. 503: the supplier does not answer, and nothing is ordered. */
export async function postOrder(db: Database, body: unknown): Promise<Answer> {
	const checked = checkOrder(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { supplier, send, mode, leadDays, lines, key: given } = checked.value;
	const shop = await shopOf(db);
	for (const [at, line] of lines.entries()) {
		const unknown = unknownItem(line, shop, `lines[${at}].material`);
		if (unknown) return unknown;
	}
	const key = given ?? randomUUID();
	// Written before it is sent: an order that the supplier took is never one of which nobody here knows.
	const known = await selectSentAs(db, key);
	const due = dayIn(leadDays);
	const id = known?.id ?? (await db.transaction((tx) => insertOrder(tx, { supplier, ref: '', due, key, ordered: !send, lines })));
	if (!send || known?.ordered) {
		await db.transaction(tellStock);
		return ordered(id, { ref: known?.ref ?? '', due: known?.due ?? due });
	}
	const taken = await sendOrder(key, lines, leadDays, mode);
	// What is written stays under its name: tried again it is the same order.
	if (!taken) return faults(503, [{ path: '', says: SILENT }]);
	await db.transaction(async (tx) => {
		await updateSent(tx, id, taken);
		await tellStock(tx);
	});
	return ordered(id, taken);
}

function ordered(id: number, taken: { ref: string; due: string }): Answer {
	return { status: 201, body: { id, ...taken }, headers: { location: `/api/orders/${id}` } };
}

function unknownItem(item: Item, shop: Shop, path: string): Answer | null {
	return isItem(item, shop) ? null : faults(400, [{ path, says: `“${item.material}” is not among the shop’s materials.` }]);
}

function dayIn(days: number): string {
	const day = new Date();
	day.setDate(day.getDate() + days);
	return day.toISOString().slice(0, 10);
}

/** Asks the supplier how an order stands; a later day is written down. */
export async function postAsk(db: Database, id: number): Promise<Answer> {
	const order = await selectOrder(db, id);
	if (!order) return notFound;
	if (order.ref === '') return faults(409, [{ path: '', says: 'This was ordered by phone: ask the supplier.' }]);
	const standing = await askStanding(order.ref);
	if (!standing) return faults(503, [{ path: '', says: 'The supplier does not answer.' }]);
	if (standing.due !== order.due)
		await db.transaction(async (tx) => {
			await updateOrder(tx, id, { due: standing.due, state: order.state });
			await tellStock(tx);
		});
	return { status: 200, body: standing };
}

/** A sheet is of the size that was ordered within so much, mm; in stock it is no larger than it measures. */
const SIZE_WITHIN = 1;

/**
 * What came: it is in stock as it was counted and measured; only what has the size that was ordered goes towards the order. More than was
 * ordered is taken in too. The order is closed once all of it came.
 */
export async function postCame(db: Database, id: number, body: unknown): Promise<Answer> {
	const checked = checkCame(body);
	if (!checked.ok) return faults(400, checked.faults);
	return db.transaction(async (tx): Promise<Answer> => {
		const order = await selectOrder(tx, id, true);
		if (!order) return notFound;
		if (order.state !== 'open') return faults(409, [{ path: '', says: 'This order is closed: nothing more will arrive.' }]);
		for (const [at, came] of checked.value.lines.entries()) {
			const line = order.lines.find((one) => one.line === came.line);
			if (!line) return faults(400, [{ path: `lines[${at}].line`, says: `This order has ${order.lines.length} lines.` }]);
			if (line.kind !== 'thing' && !(came.width > 0 && came.height > 0))
				return faults(400, [{ path: `lines[${at}].width`, says: 'Measure the sheet on arrival: enter its size.' }]);
		}
		const wrong: number[] = [];
		for (const came of checked.value.lines) {
			const line = there(
				order.lines.find((one) => one.line === came.line),
				'line'
			);
			const good = isAsOrdered(line, came);
			if (!good) wrong.push(line.line);
			const { kind, material, colour } = line;
			const size = kind === 'thing' ? { width: 0, height: 0 } : sizeInStock(line, came, good);
			const stock = await insertStock(tx, { kind, material, colour, ...size, lot: came.lot, place: came.place });
			await moveStock(tx, stock, { kind: 'arrived', present: came.count, reserved: 0, plan: null });
			await insertCame(tx, id, { line: line.line, count: came.count, good, stock });
		}
		const after = there(await selectOrder(tx, id), 'order');
		const isWhole = after.lines.every(({ ordered, arrived }) => arrived >= ordered);
		if (isWhole) await updateOrder(tx, id, { due: order.due, state: 'closed' });
		await tellStock(tx);
		return { status: 200, body: { ...after, state: isWhole ? 'closed' : 'open', wrong } };
	});
}

/** As it measures; what is larger by a hair counts as what was ordered, so that sheets of one delivery lie in one line. */
function sizeInStock(line: OrderLine, came: CameLine, good: boolean): Size {
	if (!good) return { width: came.width, height: came.height };
	return { width: Math.min(line.width, came.width), height: Math.min(line.height, came.height) };
}

function isAsOrdered({ kind, width, height }: OrderLine, came: CameLine): boolean {
	if (kind === 'thing') return true;
	return Math.abs(width - came.width) <= SIZE_WITHIN && Math.abs(height - came.height) <= SIZE_WITHIN;
}

/** The rest does not come. */
export async function closeOrder(db: Database, id: number): Promise<Answer> {
	return db.transaction(async (tx): Promise<Answer> => {
		const order = await selectOrder(tx, id, true);
		if (!order) return notFound;
		if (order.state !== 'open') return faults(409, [{ path: '', says: 'This order is already closed.' }]);
		await updateOrder(tx, id, { due: order.due, state: 'closed' });
		await tellStock(tx);
		return { status: 200, body: { id } };
	});
}
