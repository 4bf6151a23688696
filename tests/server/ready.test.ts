/** What lies ready on the shelf: held by the job that takes it, by no two at once, gone with the piece, and in the books at every step. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Held } from '../../core/advice/on-shelf.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { readJobNumber } from '../../core/job/number.ts';
import { openParts } from '../../src/lib/server/cutting.ts';
import { selectReady } from '../../src/lib/server/db/ready.ts';
import { selectStock, selectThings, type KeptMovement } from '../../src/lib/server/db/stock.ts';
import { putState } from '../../src/lib/server/jobs.ts';
import { getList, putList } from '../../src/lib/server/shop.ts';
import { getMovements, putStock } from '../../src/lib/server/stock.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

const SECTION = { face: 30, lip: 9, depth: 34, rabbetDepth: 22 };
const frame = (name: string, more: object = {}) => ({
	kind: 'frame',
	name,
	place: 'Rack 1',
	...SECTION,
	width: 545,
	height: 704,
	colour: 'ash',
	...more
});
const STICK = { kind: 'stick', name: 'Long ash', place: 'Beam', moulding: 'ash-22', length: '4 m' };

/** A job that takes a frame from the shelf. */
const taking = (ready: string, more: JobFile = {}): JobFile =>
	workedJob({
		frame: { kind: 'ready-made', section: { ...SECTION, density: 560 }, opening: { width: 545, height: 704 }, ready },
		borders: { way: 'fit', weight: 10 },
		...more
	});

onEachDatabase((here) => {
	type Shelf = { rev: number; shelf: { name: string; count?: number }[]; held: Held[] };
	const shelf = async () => (await getList(here.db, 'shelf')).body as Shelf;
	const keepShelf = async (list: object[]) => putList(here.db, 'shelf', { shelf: list }, (await shelf()).rev);
	const state = (number: string, to: 'open' | 'handed-over' | 'archived') => putState(here.db, readJobNumber(number)!, to);
	const heldBy = async () => (await shelf()).held.map(({ name, job, count }) => `${count} ${name} ${job}`);
	const faultsOf = ({ status, body }: { status: number; body: unknown }) => [
		status,
		...(body as { faults: { path: string; says: string }[] }).faults.map(({ path, says }) => `${path}: ${says}`)
	];
	/** What is there and held, from the list and from the books, which never differ. */
	async function counts(): Promise<Record<string, [number, number]>> {
		const lines = await selectReady(here.db);
		const { shelf: list } = await shelf();
		for (const { name, count = 1 } of list) assert.equal(lines.find((line) => line.name === name)!.present, count, name);
		return Object.fromEntries(lines.map(({ name, present, reserved }) => [name, [present, reserved]]));
	}
	async function movements(name: string): Promise<string[]> {
		const line = (await selectReady(here.db)).find((one) => one.name === name)!;
		const { movements: all } = (await getMovements(here.db, line.id)).body as { movements: KeptMovement[] };
		return all.map(({ kind, present, reserved, job }) => `${kind} ${present} ${reserved}${job === null ? '' : ` ${job}`}`);
	}

	test('what is written on the shelf is counted: arrived, counted otherwise, gone', async () => {
		assert.equal((await keepShelf([frame('Old oak', { count: 2 }), STICK])).status, 200);
		assert.deepEqual(await counts(), { 'Old oak': [2, 0], 'Long ash': [1, 0] });
		await keepShelf([frame('Old oak', { count: '3' }), STICK]);
		await keepShelf([frame('Old oak', { count: 1 })]);
		assert.deepEqual(await counts(), { 'Old oak': [1, 0], 'Long ash': [0, 0] });
		assert.deepEqual(await movements('Old oak'), ['arrived 2 0', 'counted 1 0', 'counted -2 0']);
		assert.deepEqual(await movements('Long ash'), ['arrived 1 0', 'counted -1 0']);
		// It is no sheet and no hardware, and is counted on its own list.
		assert.deepEqual([await selectStock(here.db), await selectThings(here.db)], [[], []]);
		const [line] = await selectReady(here.db);
		assert.equal((await putStock(here.db, line!.id, { present: 9 })).status, 404);
		assert.deepEqual(await counts(), { 'Old oak': [1, 0], 'Long ash': [0, 0] });
	});

	test('a job holds what it takes; another is refused by name, and nothing of it is kept', async () => {
		const number = await here.kept(taking('Old oak'));
		assert.deepEqual([await counts(), await heldBy()], [{ 'Old oak': [1, 1], 'Long ash': [0, 0] }, [`1 Old oak ${number}`]]);
		assert.deepEqual(faultsOf(await here.post(taking('Old oak'))), [
			400,
			`frame.ready: “Old oak” on the shelf: ${number} holds it. Use another, or free it there first.`
		]);
		const other = await here.kept(workedJob());
		assert.deepEqual(faultsOf(await here.put(other, taking('Old oak'), 1))[0], 400);
		assert.equal(((await here.get(other)).body as { rev: number }).rev, 1);
		// Kept again, it holds it as before; without it, it is free for the other.
		assert.equal((await here.put(number, taking('Old oak', { title: 'Later' }), 1)).status, 200);
		assert.deepEqual(await movements('Old oak').then((all) => all.slice(3)), [`reserved 0 1 ${readJobNumber(number)}`]);
		assert.equal((await here.put(number, workedJob(), 2)).status, 200);
		assert.equal((await here.put(other, taking('Old oak'), 1)).status, 200);
		assert.deepEqual(await heldBy(), [`1 Old oak ${other}`]);
		assert.deepEqual(await movements('Old oak').then((all) => all.slice(3)), [
			`reserved 0 1 ${readJobNumber(number)}`,
			`freed 0 -1 ${readJobNumber(number)}`,
			`reserved 0 1 ${readJobNumber(other)}`
		]);
		// What a job names and the shelf does not have holds nothing.
		assert.equal((await here.post(taking('Nobody’s'))).status, 201);
		await here.put(other, workedJob(), 2);
	});

	test('twenty who take the last one at once: one has it', async () => {
		const asked = await Promise.all(Array.from({ length: 20 }, () => here.post(taking('Old oak'))));
		assert.deepEqual(
			[201, 400].map((status) => asked.filter((answer) => answer.status === status).length),
			[1, 19]
		);
		assert.deepEqual((await counts())['Old oak'], [1, 1]);
		const { number } = asked.find(({ status }) => status === 201)!.body as { number: string };
		await here.put(number, workedJob(), 1);
	});

	test('several alike take several; fewer than are held can be counted by nobody, nor the name be changed', async () => {
		await keepShelf([frame('Old oak', { count: 3 }), STICK]);
		const number = await here.kept(taking('Old oak', { copies: 2 }));
		assert.deepEqual((await counts())['Old oak'], [3, 2]);
		assert.match(
			String(faultsOf(await here.put(number, taking('Old oak', { copies: 4 }), 1))[1]),
			/^frame.ready: “Old oak” on the shelf: 3 are free, and this job is of 4 alike/
		);
		assert.equal((await here.put(number, taking('Old oak', { copies: 3 }), 1)).status, 200);
		for (const list of [[frame('Old oak', { count: 2 })], [frame('Oak', { count: 3 })], []])
			assert.match(String(faultsOf(await keepShelf(list)).join()), new RegExp(`^409,shelf.*held for ${number}`));
		assert.equal((await here.put(number, taking('Old oak'), 2)).status, 200);
		assert.deepEqual((await counts())['Old oak'], [3, 1]);
		assert.equal((await keepShelf([frame('Old oak'), STICK])).status, 200);
		await here.put(number, workedJob(), 3);
		assert.deepEqual(await counts(), { 'Old oak': [1, 0], 'Long ash': [1, 0] });
	});

	test('handed over it leaves the shelf with the piece; the archive frees it; taken up again it is held where it is still free', async () => {
		const number = await here.kept(taking('Old oak'));
		await state(number, 'archived');
		assert.deepEqual((await counts())['Old oak'], [1, 0]);
		await state(number, 'open');
		assert.deepEqual((await counts())['Old oak'], [1, 1]);
		await state(number, 'archived');
		const other = await here.kept(taking('Old oak'));
		// Nobody is kept from opening a job by what another has meanwhile; keeping it so is refused.
		assert.equal((await state(number, 'open')).status, 200);
		assert.deepEqual(await heldBy(), [`1 Old oak ${other}`]);
		assert.equal((await here.put(number, taking('Old oak', { title: 'Still' }), 1)).status, 400);
		const { rev } = await shelf();
		await state(other, 'handed-over');
		assert.deepEqual(await counts(), { 'Old oak': [0, 0], 'Long ash': [1, 0] });
		// Whoever still writes on the list of before is told.
		assert.equal((await putList(here.db, 'shelf', { shelf: [frame('Old oak'), STICK] }, rev)).status, 409);
		await state(other, 'open');
		await state(other, 'handed-over');
		assert.deepEqual((await counts())['Old oak'], [0, 0]);
		// Taken out of the job again, it is back.
		await state(other, 'open');
		assert.equal((await here.put(other, workedJob(), 1)).status, 200);
		assert.deepEqual((await counts())['Old oak'], [1, 0]);
		assert.deepEqual((await movements('Old oak')).slice(-2), [
			`used -1 -1 ${readJobNumber(other)}`,
			`returned 1 0 ${readJobNumber(other)}`
		]);
	});

	test('rails of a stick that it takes are cut from no other stick; what lies ready for a job is said before anything is cut', async () => {
		const number = await here.kept(
			workedJob({
				guard: { ...workedJob().guard, spacer: { material: 'acrylic', thickness: 5 } },
				frame: { kind: 'wood', moulding: 'ash-22', ready: 'Long ash' }
			})
		);
		const plain = await here.kept(workedJob({ frame: { kind: 'wood', moulding: 'ash-22' } }));
		const { jobs } = await openParts(here.db, '2026-11-29', true);
		const of = (wanted: string) => jobs.find((job) => job.number === wanted)!;
		const sticks = (wanted: string) => of(wanted).parts.filter(({ material }) => material === 'ash-22').length;
		assert.deepEqual([of(number).taken, sticks(number)], [['Long ash'], 0]);
		assert.ok(
			of(number).parts.some(({ from, material }) => from === 'stick' && material === 'acrylic'),
			'its spacers are cut from sticks of their own'
		);
		assert.deepEqual([of(plain).taken, sticks(plain) > 0], [[], true]);
		assert.deepEqual(
			of(plain).shelf.map(({ name, fits }) => [name, fits]),
			[['Old oak', 'as-is']]
		);
		// Another moulding is another stick: it is free again.
		assert.equal(
			(await here.put(number, workedJob({ frame: { kind: 'wood', moulding: 'oak-30', ready: 'Long ash' } }), 1)).status,
			200
		);
		assert.deepEqual(await heldBy(), []);
	});
});
