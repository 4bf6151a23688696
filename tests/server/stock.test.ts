import assert from 'node:assert/strict';
import { test } from 'node:test';
import { bestPlan } from '../../core/nesting/cut.ts';
import type { CuttingPlan } from '../../core/nesting/figures.ts';
import { cuttingJobOf, type InStock } from '../../core/nesting/offer.ts';
import { groupsOf, type PartWanted } from '../../core/nesting/parts.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { openParts } from '../../src/lib/server/cutting.ts';
import { startCutter } from '../../scripts/stand-ins/cutter.js';
import { findCutter, postToCutter, settled } from '../../src/lib/server/cutter.ts';
import {
	deletePlan,
	getPlan,
	getPlans,
	postCutSheet,
	postDropOut,
	postPlan,
	putMade
} from '../../src/lib/server/cutting-plans.ts';
import type { KeptPlan } from '../../src/lib/server/db/cutting.ts';
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
		assert.match(says(second), /none is left to cut, another plan has the others/);
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
		assert.match(says(stale), /has changed size/);
		assert.equal((await postPlan(here.db, { ...sent, job: { ...sent.job, kerf: -1 } })).status, 400);
		assert.equal((await postPlan(here.db, {})).status, 400);
		assert.equal((await getPlan(here.db, 999_999)).status, 404);
		assert.equal((await deletePlan(here.db, 999_999)).status, 404);
		assert.equal((await postCutSheet(here.db, 999_999, 0, {})).status, 404);
	});

	test('a drop-out is put away once for each mat that is cut, of the lot of its sheet', async () => {
		const number = await here.kept(workedJob({ mats: [{ board: 'cotton-4' }] }));
		for (const line of await lines()) await putStock(here.db, line.id, { present: line.reserved });
		const { jobs } = await openParts(here.db, '2026-11-28');
		const parts = jobs.filter((job) => job.number === number).flatMap((job) => job.parts);
		const mat = parts.find(({ name }) => name === 'mat 1')!;
		const group = groupsOf(parts).find(({ parts: of }) => of.includes(mat))!;
		await arrive({ count: 2, lot: 'L9', colour: mat.colour });
		const job = { ...cuttingJobOf(group, await lines(), builtInShop, 'mm'), seconds: 0.2 };
		const plan = bestPlan(job, { solve, now: countingClock() });
		const id = await keep({ material: group.material, colour: group.colour, job, plan });
		const drop = { part: mat.id, which: 1, ...mat.drops![0]!, place: 'shelf 3' };
		assert.match(says(await postDropOut(here.db, id, drop)), /No drop-out of .* is left/);
		for (const at of plan.sheets.keys()) assert.equal((await postCutSheet(here.db, id, at, {})).status, 200);
		assert.equal((await postDropOut(here.db, id, { ...drop, which: 2 })).status, 404);
		assert.equal((await postDropOut(here.db, id, { ...drop, width: 0 })).status, 400);
		const answers = await Promise.all([postDropOut(here.db, id, drop), postDropOut(here.db, id, drop)]);
		assert.deepEqual(answers.map(({ status }) => status).sort(), [201, 409]);
		const left = (await lines()).find(({ kind }) => kind === 'drop-out')!;
		assert.deepEqual(
			[left.width, left.height, left.lot, left.place],
			[mat.drops![0]!.width, mat.drops![0]!.height, 'L9', 'shelf 3']
		);
		await assert.rejects(here.db.query('DELETE FROM cutting_drop'), /never changed/);
		await putStock(here.db, left.id, { present: 0 });
	});

	test('a plan may cut from its own drop-outs, after the mat that they fall out of', async () => {
		const small = { piece: { readings: { width: 60, height: 80 } }, borders: { way: 'even', width: 60 } } as const;
		const numbers = [
			await here.kept(workedJob({ mats: [{ board: 'cotton-4', colour: 'moss' }] })),
			await here.kept(workedJob({ mats: [{ board: 'cotton-4', colour: 'moss' }], ...small }))
		];
		const { jobs } = await openParts(here.db, '2026-11-28');
		const parts = jobs.filter(({ number }) => numbers.includes(number)).flatMap((job) => job.parts);
		const group = groupsOf(parts).find(({ colour }) => colour === 'moss')!;
		const job = { ...cuttingJobOf(group, [], builtInShop, 'mm'), seconds: 0.3 };
		const plan = bestPlan(job, { solve, now: countingClock() });
		const drop = plan.sheets.findIndex(({ sheet }) => sheet === `drop-out 1 of ${numbers[0]} mat 1`);
		assert.ok(drop >= 0, JSON.stringify(plan.sheets.map(({ sheet }) => sheet)));
		const forged = structuredClone(plan);
		forged.sheets = forged.sheets.filter(({ placed }) => placed.every(({ blank }) => blank !== `${numbers[0]} mat 1`));
		assert.match(
			says(await postPlan(here.db, { material: 'cotton-4', colour: 'moss', job, plan: forged })),
			/does not give this drop-out/
		);
		const id = await keep({ material: 'cotton-4', colour: 'moss', job, plan });
		assert.match(says(await postCutSheet(here.db, id, drop, {})), /Cut .* mat 1 and its window first/);
		const mat = plan.sheets.findIndex(({ placed }) => placed.some(({ blank }) => blank === `${numbers[0]} mat 1`));
		assert.equal((await postCutSheet(here.db, id, mat, {})).status, 200);
		assert.equal((await postCutSheet(here.db, id, drop, {})).status, 200);
	});

	test('cuts made by hand are kept as they go; a sheet that is begun is not given up as a whole one', async () => {
		const number = await here.kept(workedJob());
		await arrive({ count: 3 });
		const sent = (await planned([number]))!;
		const id = await keep(sent);
		const cuts = sent.plan.sheets[0]!.cuts.length;
		assert.equal((await putMade(here.db, id, 0, { made: 2, from: 0 })).status, 200);
		assert.equal((await putMade(here.db, id, 0, { made: 1, from: 2 })).status, 200);
		assert.match(says(await putMade(here.db, id, 0, { made: 3, from: 2 })), /Someone else is marking this sheet too: 1/);
		assert.equal((await putMade(here.db, id, 0, { made: cuts + 1, from: 1 })).status, 400);
		assert.equal((await putMade(here.db, id, 99, { made: 0, from: 0 })).status, 404);
		const first = ((await getPlan(here.db, id)).body as KeptPlan).progress[0]!;
		assert.deepEqual([first.made, first.by, first.stopped], [1, 'hand', '']);
		// Said again on the word before, it is a word of its own: what is late and was said before it changes nothing.
		const again = (await putMade(here.db, id, 0, { made: 1, from: 1, on: first.mark })).body as { made: number; mark: number };
		assert.ok(again.made === 1 && again.mark > first.mark);
		assert.equal((await putMade(here.db, id, 0, { made: 0, from: 1, on: first.mark })).status, 409);
		assert.match(says(await deletePlan(here.db, id)), /Sheet 1 is part cut/);
		assert.equal((await putMade(here.db, id, 0, { made: 0, from: 1 })).status, 200);
		assert.equal((await deletePlan(here.db, id)).status, 200);
		assert.equal((await putMade(here.db, id, 0, { made: 1, from: 0 })).status, 409);
		await assert.rejects(here.db.query('UPDATE cutting_progress SET made = 9'), /never changed/);
	});

	test('a cutter that fails half-way: what it made is in the books once, and it goes on from there', async () => {
		const cutter = await startCutter({ cutMs: 15 });
		process.env.CUTTER_URL = cutter.address;
		const number = await here.kept(workedJob());
		await arrive({ count: 3 });
		const sent = (await planned([number]))!;
		const id = await keep(sent);
		const cuts = sent.plan.sheets[0]!.cuts.length;
		const now = async () => ((await getPlan(here.db, id)).body as KeptPlan).progress[0];
		assert.deepEqual(await findCutter(), { simulated: true });
		assert.equal((await postToCutter(here.db, id, 0, { fail: true })).status, 202);
		assert.equal((await postToCutter(here.db, id, 0, {})).status, 409, 'it is at the cutter');
		assert.equal((await putMade(here.db, id, 0, { made: cuts, from: 0 })).status, 409, 'nobody marks what the cutter is at');
		await settled(id, 0);
		assert.equal((await now())?.stopped, 'The blade is jammed.');
		const half = Math.ceil(cuts / 2);
		assert.equal((await now())?.made, half);
		assert.match(says(await deletePlan(here.db, id)), /is part cut/);
		assert.equal((await postToCutter(here.db, id, 0, {})).status, 202);
		await settled(id, 0);
		const last = (await now())!;
		assert.deepEqual([last.made, last.by, last.stopped], [cuts, 'cutter', '']);
		const { rows } = await here.db.query<{ made: number }>(
			`SELECT made FROM cutting_progress WHERE plan_id = $1 AND stopped = '' ORDER BY id`,
			[id]
		);
		const marked = rows.map(({ made }) => made);
		assert.deepEqual(
			marked,
			[...marked].sort((one, other) => one - other),
			'never fewer than before'
		);
		assert.match(says(await postToCutter(here.db, id, 0, {})), /Every cut of this sheet is done/);
		assert.equal((await postCutSheet(here.db, id, 0, {})).status, 200);
		assert.equal((await postToCutter(here.db, id, 0, {})).status, 409);
		await cutter.close();
		assert.equal((await postToCutter(here.db, id, 0, {})).status, 503);
		delete process.env.CUTTER_URL;
		assert.equal(await findCutter(), null);
	});
});
