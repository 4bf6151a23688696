/** The calls on what lies in stock: what is there, what arrives, what is counted, and all that happened to a line. */
import { isItem, type ItemKind } from '$core/nesting/items.ts';
import { faults, notFound, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { insertStock, lockStock, moveStock, selectMovements, selectStock, selectThings, tellStock } from './db/stock.ts';
import { shopOf } from './shop.ts';
import { checkArrival, checkCounted } from './validation/stock.ts';

export async function getStock(db: Database): Promise<Answer> {
	return { status: 200, body: { stock: await selectStock(db), things: await selectThings(db) } };
}

export async function postStock(db: Database, body: unknown): Promise<Answer> {
	const checked = checkArrival(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { count, ...line } = checked.value;
	// An offcut is of what sheets are.
	const item = line.kind === 'stick' || line.kind === 'thing' ? line.kind : 'sheet';
	if (!isItem({ kind: item, material: line.material }, await shopOf(db)))
		return faults(400, [{ path: 'material', says: `“${line.material}” is not among the shop’s ${NAMES[item]}.` }]);
	const id = await db.transaction(async (tx) => {
		const made = await insertStock(tx, line);
		await moveStock(tx, made, { kind: 'arrived', present: count, reserved: 0, plan: null });
		await tellStock(tx);
		return made;
	});
	return { status: 201, body: { id }, headers: { location: `/api/stock/${id}` } };
}

const NAMES: Record<ItemKind, string> = {
	sheet: 'boards and glazings',
	stick: 'mouldings',
	thing: 'hardware, tapes and tissues'
};

/** Stock-taking: what was counted becomes what is there; no fewer than plans have reserved. */
export async function putStock(db: Database, id: number, body: unknown): Promise<Answer> {
	const checked = checkCounted(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { present } = checked.value;
	return db.transaction(async (tx): Promise<Answer> => {
		const [line] = await lockStock(tx, [id]);
		// What lies ready is counted on the shelf's own list.
		if (!line || line.kind === 'ready') return notFound;
		if (present < line.reserved)
			return faults(409, [
				{
					path: 'present',
					says: `${line.reserved} of these are reserved for cutting. Cancel a plan first, then count ${present}.`
				}
			]);
		if (present !== line.present) {
			await moveStock(tx, id, { kind: 'counted', present: present - line.present, reserved: 0, plan: null });
			await tellStock(tx);
		}
		return { status: 200, body: { id, present, reserved: line.reserved, free: present - line.reserved } };
	});
}

export async function getMovements(db: Database, id: number): Promise<Answer> {
	const movements = await selectMovements(db, id);
	return movements.length === 0 ? notFound : { status: 200, body: { id, movements } };
}
