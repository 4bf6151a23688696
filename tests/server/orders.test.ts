/** Orders: what is kept, what is sent, what of it came, as it was counted and measured. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startSupplier } from '../../scripts/stand-ins/supplier.js';
import type { KeptItem, Order } from '../../src/lib/server/db/orders.ts';
import { selectStock, selectThings } from '../../src/lib/server/db/stock.ts';
import {
	closeOrder,
	getKept,
	getOrders,
	postAsk,
	postCame,
	postOrder,
	putKept,
	removeKept
} from '../../src/lib/server/orders.ts';
import { postStock } from '../../src/lib/server/stock.ts';
import { findSupplier } from '../../src/lib/server/supplier.ts';
import { onEachDatabase } from './databases.ts';

const BOARD = { kind: 'sheet', material: 'cotton-8', colour: '', width: 1524, height: 1016 };
const RING = { kind: 'thing', material: 'ring-10', colour: '', width: 0, height: 0 };
const ORDER = {
	supplier: 'North Quay Boards',
	leadDays: 6,
	lines: [
		{ ...BOARD, ordered: 5, cents: 2940 },
		{ ...RING, ordered: 50, cents: 40 }
	]
};

onEachDatabase((here) => {
	type Faulty = { faults: { path: string; says: string }[] };
	const fault = (answer: { body: unknown }) => (answer.body as Faulty).faults[0]!;
	const orders = async () => ((await getOrders(here.db)).body as { orders: Order[] }).orders;
	const ordered = async (changes: object = {}) => {
		const answer = await postOrder(here.db, { ...ORDER, ...changes });
		assert.equal(answer.status, 201, JSON.stringify(answer.body));
		return (answer.body as { id: number }).id;
	};
	const one = async (id: number) => (await orders()).find((order) => order.id === id)!;
	const boards = async () => (await selectStock(here.db)).filter(({ material }) => material === 'cotton-8');
	const came = (line: number, count: number, more: object = {}) => ({
		line,
		count,
		width: line === 0 ? 1524 : 0,
		height: line === 0 ? 1016 : 0,
		...more
	});

	test('what is kept is counted with what is free and on order, and runs low', async () => {
		const kept = { ...BOARD, point: 3, batch: 5, cents: 2940, leadDays: 6, supplier: 'North Quay Boards' };
		assert.equal((await putKept(here.db, kept)).status, 200);
		assert.equal((await putKept(here.db, { ...kept, point: 4 })).status, 200, 'the same item is replaced');
		await postStock(here.db, { ...BOARD, count: 2 });
		const id = await ordered();
		const list = async () => ((await getKept(here.db)).body as { kept: KeptItem[] }).kept;
		assert.deepEqual(
			(await list()).map(({ point, free, ordered: on }) => [point, free, on]),
			[[4, 2, 5]]
		);
		await postCame(here.db, id, { lines: [came(0, 2, { lot: 'C-9' })] });
		assert.deepEqual(
			(await list()).map(({ free, ordered: on }) => [free, on]),
			[[4, 3]]
		);
		assert.equal((await closeOrder(here.db, id)).status, 200);
		assert.equal((await closeOrder(here.db, id)).status, 409);
		assert.deepEqual((await list())[0]!.ordered, 0, 'what does not come is not on order');
		const [{ id: keptId }] = (await list()) as [KeptItem];
		assert.equal((await removeKept(here.db, keptId)).status, 200);
		assert.equal((await removeKept(here.db, keptId)).status, 404);
	});

	test('sent again under its own name an order is taken once, by the supplier and here', async () => {
		const supplier = await startSupplier();
		process.env.SUPPLIER_URL = supplier.address;
		const key = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff';
		const first = await postOrder(here.db, { ...ORDER, send: true, key });
		const again = await postOrder(here.db, { ...ORDER, send: true, key });
		assert.deepEqual(again.body, first.body);
		assert.equal((await orders()).filter(({ ref }) => ref === (first.body as { ref: string }).ref).length, 1);
		// Here the writing failed after the supplier had taken it: the row is there without its name.
		await here.db.query("UPDATE purchase SET ref = '', ordered = false WHERE sent_as = $1", [key]);
		const third = await postOrder(here.db, { ...ORDER, send: true, key });
		assert.deepEqual(third.body, first.body, 'the supplier knows it by its name');
		await supplier.close();
		const count = (await orders()).length;
		assert.equal((await postOrder(here.db, { ...ORDER, send: true })).status, 503);
		assert.equal((await orders()).length, count, 'what nobody took is not ordered');
		delete process.env.SUPPLIER_URL;
	});

	test('a sheet is in stock as it measures, never larger; what the shop keeps counts it whichever way round it is written', async () => {
		const kept = { ...BOARD, material: 'cotton-4', point: 3, batch: 5, cents: 2940, leadDays: 6, supplier: 'North Quay Boards' };
		await putKept(here.db, kept);
		const id = await ordered({ lines: [{ ...BOARD, material: 'cotton-4', width: 1016, height: 1524, ordered: 2, cents: 1 }] });
		await postCame(here.db, id, { lines: [{ ...came(0, 2), width: 1015.2, height: 1523.3 }] });
		const [line] = (await selectStock(here.db)).filter(({ material }) => material === 'cotton-4');
		assert.deepEqual([line!.width, line!.height], [1015.2, 1523.3]);
		const list = ((await getKept(here.db)).body as { kept: KeptItem[] }).kept;
		assert.equal(list.find(({ material }) => material === 'cotton-4')!.free, 2);
	});

	test('an order is closed once all of it came; more than was ordered is taken in too', async () => {
		const id = await ordered();
		const before = (await selectThings(here.db)).reduce((sum, { present }) => sum + present, 0);
		const part = await postCame(here.db, id, { lines: [came(0, 3), came(1, 50)] });
		assert.equal((part.body as Order).state, 'open');
		assert.equal(
			(await selectThings(here.db)).reduce((sum, { present }) => sum + present, 0),
			before + 50
		);
		const rest = await postCame(here.db, id, { lines: [came(0, 4)] });
		assert.equal((rest.body as Order).state, 'closed');
		assert.deepEqual(
			(await one(id)).lines.map(({ arrived }) => arrived),
			[7, 50]
		);
		assert.match(fault(await postCame(here.db, id, { lines: [came(0, 1)] })).says, /closed/);
		await assert.rejects(here.db.query('UPDATE purchase_event SET count = 1'), /never changed/);
	});

	test('a sheet of another size is in stock as it measures and goes towards no order', async () => {
		const id = await ordered();
		const answer = await postCame(here.db, id, { lines: [came(0, 5, { width: 1512, place: 'rack 9' })] });
		assert.deepEqual((answer.body as { wrong: number[] }).wrong, [0]);
		assert.deepEqual((await one(id)).lines[0]!.arrived, 0);
		const wrong = (await boards()).filter(({ place }) => place === 'rack 9');
		assert.deepEqual(
			wrong.map(({ width, height, present }) => [width, height, present]),
			[[1512, 1016, 5]]
		);
		// Half a millimetre is the saw's, not another size.
		await postCame(here.db, id, { lines: [came(0, 1, { width: 1524.5 })] });
		assert.equal((await one(id)).lines[0]!.arrived, 1);
	});

	test('bad orders and bad arrivals are refused with their path, and nothing comes of them', async () => {
		const count = (await orders()).length;
		for (const [body, path] of [
			[{ ...ORDER, lines: [] }, 'lines'],
			[{ ...ORDER, supplier: '' }, 'supplier'],
			[{ ...ORDER, lines: [{ ...BOARD, ordered: 0, cents: 1 }] }, 'lines[0].ordered'],
			[{ ...ORDER, lines: [{ ...BOARD, width: -1, ordered: 1, cents: 1 }] }, 'lines[0].width'],
			[{ ...ORDER, lines: [{ ...BOARD, material: 'gold leaf', ordered: 1, cents: 1 }] }, 'lines[0].material'],
			[{ ...ORDER, lines: [{ ...RING, width: 10, ordered: 1, cents: 1 }] }, 'lines[0].width'],
			[{ ...ORDER, paid: true }, 'paid']
		] as const) {
			const answer = await postOrder(here.db, body);
			assert.deepEqual([answer.status, fault(answer).path], [400, path]);
		}
		assert.equal((await orders()).length, count);
		const id = await ordered();
		const stock = (await boards()).length;
		for (const [lines, path] of [
			[[], 'lines'],
			[[came(0, 0)], 'lines[0].count'],
			[[came(0, 1), came(7, 1)], 'lines[1].line'],
			[[came(0, 1, { width: 0 })], 'lines[0].width']
		] as const) {
			const answer = await postCame(here.db, id, { lines });
			assert.deepEqual([answer.status, fault(answer).path], [400, path]);
		}
		assert.equal((await boards()).length, stock);
		assert.equal((await postCame(here.db, 999_999, { lines: [came(0, 1)] })).status, 404);
		assert.equal((await closeOrder(here.db, 999_999)).status, 404);
		assert.equal((await putKept(here.db, { ...BOARD, point: -1 })).status, 400);
	});

	test('two who take the same delivery in at once both count', async () => {
		const id = await ordered();
		await Promise.all([postCame(here.db, id, { lines: [came(0, 2)] }), postCame(here.db, id, { lines: [came(0, 2)] })]);
		assert.equal((await one(id)).lines[0]!.arrived, 4);
	});

	test('the simulated supplier: whole, in part, late, of another size; and one that does not answer', async () => {
		assert.equal(await findSupplier(), null);
		assert.equal((await postOrder(here.db, { ...ORDER, send: true })).status, 503);
		const supplier = await startSupplier({ today: () => new Date('2026-11-28T12:00:00') });
		process.env.SUPPLIER_URL = supplier.address;
		type Standing = { due: string; says: string; deliveries: { line: number; count: number; width: number }[] };
		const asked = async (mode: string) => {
			const id = await ordered({ send: true, mode });
			const answer = await postAsk(here.db, id);
			assert.equal(answer.status, 200, JSON.stringify(answer.body));
			return { order: await one(id), standing: answer.body as Standing };
		};
		const whole = await asked('whole');
		assert.match(whole.order.ref, /^SIM-/);
		assert.equal(whole.order.due, '2026-12-04');
		assert.deepEqual(
			whole.standing.deliveries.map(({ count }) => count),
			[5, 50]
		);
		assert.deepEqual(
			(await asked('part')).standing.deliveries.map(({ count }) => count),
			[2, 25]
		);
		const late = await asked('late');
		assert.deepEqual([late.order.due, late.standing.deliveries], ['2026-12-13', []]);
		assert.equal((await asked('wrong-size')).standing.deliveries[0]!.width, 1512);
		const byWord = await ordered();
		assert.match(fault(await postAsk(here.db, byWord)).says, /ordered by phone/);
		await supplier.close();
		assert.equal((await postAsk(here.db, whole.order.id)).status, 503);
		delete process.env.SUPPLIER_URL;
	});
});
