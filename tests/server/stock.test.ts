import assert from 'node:assert/strict';
import { test } from 'node:test';
import { bestPlan } from '../../core/nesting/cut.ts';
import type { CuttingPlan } from '../../core/nesting/figures.ts';
import { cuttingJobOf, type InStock } from '../../core/nesting/offer.ts';
import { groupsOf, type PartWanted } from '../../core/nesting/parts.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { openParts } from '../../src/lib/server/cutting.ts';
import { deletePlan, getPlan, getPlans, postCutSheet, postPlan } from '../../src/lib/server/cutting-plans.ts';
import { selectStock, type KeptMovement } from '../../src/lib/server/db/stock.ts';
import { getMovements, getStock, postStock, putStock } from '../../src/lib/server/stock.ts';
import { workedJob } from '../jobs.ts';
import { countingClock, solve } from '../nesting/means.ts';
import { onEachDatabase } from './databases.ts';

const BOARD = { kind: 'sheet', material: 'cotton-4', colour: '', width: 1524, height: 1016, lot: 'L7', place: 'rack 1' };

onEachDatabase((here) => {
	type Faulty = { faults: { path: string; says: string }[] };
	const says = (answer: { body: unknown }) => (answer.body as Faulty).faults[0]!.says;
	const lines = () => selectStock(here.db);
	const movements = async (id: number) =>
		((await getMovements(here.db, id)).body as { movements: KeptMovement[] }).movements.map(({ kind, present, reserved }) => [
			kind,
			present,
			reserved
		]);
	const arrive = async (changes: Partial<typeof BOARD> & { count: number }) =>
		((await postStock(here.db, { ...BOARD, ...changes })).body as { id: number }).id;

	/** What stands on the screen for the uncoloured museum board of these jobs. */
	async function planned(numbers: string[], stock?: InStock[]) {
		const { jobs } = await openParts(here.db, '2026-11-28');
		const parts = jobs.filter(({ number }) => numbers.includes(number)).flatMap((job): PartWanted[] => job.parts);
		const group = groupsOf(parts).find(({ material, colour }) => material === 'cotton-4' && colour === '');
		if (!group) return null;
		const job = { ...cuttingJobOf(group, stock ?? (await lines()), builtInShop, 'mm'), seconds: 0.3 };
		return { material: 'cotton-4', colour: '', job, plan: bestPlan(job, { solve, now: countingClock() }) };
	}
	type Sent = { plan: CuttingPlan } & NonNullable<Awaited<ReturnType<typeof planned>>>;
	const keep = async (sent: Sent | null) => {
		const answer = await postPlan(here.db, sent);
		assert.equal(answer.status, 201, JSON.stringify(answer.body));
		return (answer.body as { id: number }).id;
	};

	test('what arrives is there, what is counted is a movement, and each movement stays', async () => {
		const id = await arrive({ count: 4 });
		assert.equal((await putStock(here.db, id, { present: 3 })).status, 200);
		assert.deepEqual(await movements(id), [
			['arrived', 4, 0],
			['counted', -1, 0]
		]);
		const body = (await getStock(here.db)).body as { stock: { id: number; present: number; free: number }[] };
		assert.deepEqual(
			body.stock.filter((one) => one.id === id).map(({ present, free }) => [present, free]),
			[[3, 3]]
		);
		await assert.rejects(here.db.query('UPDATE stock_event SET present = 9'), /never changed/);
		await assert.rejects(here.db.query('DELETE FROM stock'), /never changed/);
		await putStock(here.db, id, { present: 0 });
	});

	test('bad stock is refused with its path, and nothing comes of it', async () => {
		for (const [body, path] of [
			[{ ...BOARD, count: -1 }, 'count'],
			[{ ...BOARD, count: 0 }, 'count'],
			[{ ...BOARD, count: 1.5 }, 'count'],
			[{ ...BOARD, count: 1, width: 0 }, 'width'],
			[{ ...BOARD, count: 1, material: 'gold leaf' }, 'material'],
			[{ ...BOARD, count: 1, shelf: 2 }, 'shelf'],
			[null, '']
		] as const) {
			const answer = await postStock(here.db, body);
			assert.deepEqual([answer.status, (answer.body as Faulty).faults[0]!.path], [400, path]);
		}
		const id = await arrive({ count: 1 });
		assert.equal((await putStock(here.db, id, { present: -1 })).status, 400);
		assert.equal((await putStock(here.db, 999_999, { present: 1 })).status, 404);
		assert.equal((await getMovements(here.db, 999_999)).status, 404);
		await putStock(here.db, id, { present: 0 });
	});

	test('a plan reserves, cutting uses up and leaves an offcut, which the next plan is cut from', async () => {
		const first = await here.kept(workedJob());
		const board = await arrive({ count: 2 });
		const sent = await planned([first]);
		// A smaller one could be bought: what is there goes before it.
		assert.deepEqual([...new Set(sent!.plan.sheets.map(({ sheet }) => sheet))], [`stock ${board}`]);
		const id = await keep(sent);
		assert.equal((await lines()).find((one) => one.id === board)?.free, 2 - sent!.plan.sheets.length);
		assert.deepEqual(((await getPlans(here.db)).body as { plans: { id: number; cut: number }[] }).plans.at(-1)?.id, id);
		assert.equal(await planned([first]), null, 'what is planned is not asked for again');

		const offcut = sent!.plan.sheets[0]!.offcuts[0]!;
		const cut = await postCutSheet(here.db, id, 0, {
			offcuts: [{ width: offcut.width, height: offcut.height - 1, place: 'shelf 2' }]
		});
		assert.equal(cut.status, 200, JSON.stringify(cut.body));
		assert.equal((await postCutSheet(here.db, id, 0, {})).status, 409, 'nothing is cut twice');
		assert.equal(((await getPlan(here.db, id)).body as { state: string }).state, 'cut');
		const left = (await lines()).find(({ kind }) => kind === 'offcut')!;
		assert.deepEqual(
			[left.width, left.height, left.place, left.lot, left.free],
			[offcut.width, offcut.height - 1, 'shelf 2', 'L7', 1]
		);
		assert.deepEqual((await movements(board)).slice(0, 3), [
			['arrived', 2, 0],
			['reserved', 0, 1],
			['cut', -1, -1]
		]);
		const small = await here.kept(
			workedJob({ piece: { readings: { width: 60, height: 60 } }, borders: { way: 'even', width: 40 } })
		);
		const next = await planned([small]);
		assert.equal(next!.plan.sheets[0]!.sheet, `stock ${left.id}`);
		assert.equal(next!.plan.used.sheets, 0);
		assert.equal((await deletePlan(here.db, id)).status, 409);
	});

	test('two plans never reserve the same sheet or the same part', async () => {
		const [one, other] = [await here.kept(workedJob()), await here.kept(workedJob())];
		for (const line of await lines()) await putStock(here.db, line.id, { present: line.reserved });
		const board = await arrive({ count: 1 });
		const [mine, theirs] = [await planned([one]), await planned([other])];
		const answers = await Promise.all([postPlan(here.db, mine), postPlan(here.db, theirs)]);
		assert.deepEqual(answers.map(({ status }) => status).sort(), [201, 409]);
		assert.match(says(answers.find(({ status }) => status === 409)!), /^0 of 1 sheets are free: another plan has reserved them/);
		assert.equal((await putStock(here.db, board, { present: 0 })).status, 409);
		await arrive({ count: 5 });
		const again = answers[0].status === 201 ? mine : theirs;
		const second = await postPlan(here.db, {
			...again,
			job: {
				...again!.job,
				sheets: [{ ...BOARD, id: 'buy 1524 × 1016', count: 9, cost: 1 }].map(({ id, width, height, count, cost }) => ({
					id,
					width,
					height,
					count,
					cost
				}))
			},
			plan: { ...again!.plan, sheets: again!.plan.sheets.map((sheet) => ({ ...sheet, sheet: 'buy 1524 × 1016' })) }
		});
		assert.equal(second.status, 409);
		assert.match(says(second), /none is left to cut, another plan has the rest/);
	});

	test('a plan that is given up frees what is not cut; what is cut stays cut', async () => {
		const number = await here.kept(workedJob({ copies: 5 }));
		for (const line of await lines()) await putStock(here.db, line.id, { present: line.reserved });
		const board = await arrive({ count: 6 });
		const sent = await planned([number]);
		const id = await keep(sent);
		assert.ok(sent!.plan.sheets.length >= 2);
		await postCutSheet(here.db, id, 1, {});
		const onIt = sent!.plan.sheets[1]!.placed.length;
		assert.equal((await deletePlan(here.db, id)).status, 200);
		assert.deepEqual(
			(await lines()).filter((one) => one.id === board).map(({ present, reserved }) => [present, reserved]),
			[[5, 0]]
		);
		const rest = await planned([number]);
		const wanted = (all: Sent) => all.job.blanks.reduce((sum, { count }) => sum + count, 0);
		assert.equal(wanted(rest!), wanted(sent!) - onIt);
		assert.equal((await postCutSheet(here.db, id, 0, {})).status, 409);
	});

	test('a plan that cannot be cut, or is of sizes that a job has no more, is refused', async () => {
		const number = await here.kept(workedJob());
		await arrive({ count: 3 });
		const sent = (await planned([number]))!;
		const spoilt = structuredClone(sent);
		spoilt.plan.sheets[0]!.cuts[0]!.at += 40;
		assert.equal((await postPlan(here.db, spoilt)).status, 400);
		const many = structuredClone(sent);
		many.job.sheets[0]!.count = 9;
		many.plan.sheets.push(structuredClone(many.plan.sheets[0]!));
		assert.match(says(await postPlan(here.db, many)), /More of .* are cut than/);
		await here.put(number, workedJob({ piece: { readings: { width: 300, height: 400 } } }), 1);
		const stale = await postPlan(here.db, sent);
		assert.equal(stale.status, 409);
		assert.match(says(stale), /has another size now/);
		assert.equal((await postPlan(here.db, { ...sent, job: { ...sent.job, kerf: -1 } })).status, 400);
		assert.equal((await postPlan(here.db, {})).status, 400);
		assert.equal((await getPlan(here.db, 999_999)).status, 404);
		assert.equal((await deletePlan(here.db, 999_999)).status, 404);
		assert.equal((await postCutSheet(here.db, 999_999, 0, {})).status, 404);
	});
});
