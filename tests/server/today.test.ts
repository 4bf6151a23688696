/** What Today sorts, counts and finds, over the server; and that it stays true when the shop changes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { showJobNumber } from '../../core/job/number.ts';
import { countsNow } from '../../src/lib/server/counts.ts';
import { countShown, selectPressing, type AfterPressing, type Shown } from '../../src/lib/server/db/today.ts';
import { postSamples } from '../../src/lib/server/samples.ts';
import { putList } from '../../src/lib/server/shop.ts';
import { planSome } from '../../src/lib/server/standing.ts';
import { todayPage } from '../../src/lib/server/today.ts';
import { afterPressing, showAfterPressing } from '../../src/lib/server/validation/query.ts';
import { putState } from '../../src/lib/server/jobs.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

const TODAY = '2026-06-15';

onEachDatabase((here) => {
	const wanted = (title: string, day: string | null, changes: object = {}) =>
		here.kept({ ...workedJob({ title, ...changes }), ...(day ? { dates: { wanted: day } } : {}) });
	/** Chipboard with nothing before it stops at every grade. */
	const stopped = { guard: { backing: 'chipboard', barrier: null } };
	const all = async (shown: Shown) => {
		const seen: string[] = [];
		let after: AfterPressing = null;
		do {
			const page: Awaited<ReturnType<typeof selectPressing>> = await selectPressing(here.db, { shown, today: TODAY, after });
			seen.push(...page.jobs.map(({ title }) => title));
			// As an address carries it.
			after = page.next && (afterPressing.validate(showAfterPressing(page.next)).value as AfterPressing);
		} while (after);
		return seen;
	};

	test('samples: put on the rack of an empty house, refused by one that has pieces', async () => {
		const sample = workedJob({ title: 'Sample' });
		assert.equal((await postSamples(here.db, [sample, sample], ['<svg xmlns="http://www.w3.org/2000/svg"/>'])).status, 201);
		assert.equal((await postSamples(here.db, [sample], [])).status, 409);
		assert.deepEqual(await all('open'), ['Sample', 'Sample']);
		for (const number of [101, 102]) await putState(here.db, number, 'archived');
		assert.deepEqual(await all('open'), []);
	});

	test('late before stopped before those wanted soonest before the rest; a part alone; what has ended apart', async () => {
		await wanted('none', null);
		await wanted('in July', '2026-07-01');
		await wanted('stopped', null, stopped);
		await wanted('late, stopped', '2026-06-10', stopped);
		await wanted('today', TODAY);
		await wanted('late', '2026-06-14');
		const gone = await wanted('handed over', '2026-06-01');
		await putState(here.db, Number(gone.slice(2)), 'handed-over');
		assert.deepEqual(await all('open'), ['late, stopped', 'late', 'stopped', 'today', 'in July', 'none']);
		assert.deepEqual(await all('late'), ['late, stopped', 'late']);
		assert.deepEqual(await all('stopped'), ['stopped']);
		assert.deepEqual(await all('handed-over'), ['handed over']);
		assert.deepEqual(await all('archived'), ['Sample', 'Sample']);
		const { open, late, stopped: stops } = await countShown(here.db, TODAY);
		assert.deepEqual([open, late, stops], [6, 2, 2]);
	});

	test('all are counted, on whatever page; pages go on where they ended, through every part', async () => {
		// Nothing of them is measured: they are planned in no time.
		for (let count = 0; count < 50; count += 1)
			await here.kept({
				format: 'rare-keep/job',
				version: 1,
				title: `more ${count}`,
				piece: { readings: {} },
				dates: { wanted: `2026-06-${String(1 + (count % 28)).padStart(2, '0')}` }
			});
		const seen = await all('open');
		assert.equal(seen.length, 56);
		assert.equal(new Set(seen).size, 56);
		const page = await todayPage(here.db, { find: '', shown: 'open', after: null }, TODAY, null);
		assert.equal(page.pieces.length, 50);
		assert.equal(page.counts.open, 56);
		assert.ok(page.pressing.length <= 3 && page.pressing[0]!.wanted! < TODAY);
		assert.ok(page.ready.every(({ next }) => next.ready));
	});

	test('found by owner, medium, year and words in any order; a slip of the hand is looked past, and said', async () => {
		const number = await here.kept(
			workedJob({
				title: 'Signal flag',
				piece: { owner: 'Bird observatory', year: '1874', medium: ['watercolour'], readings: { width: 300, height: 400 } }
			})
		);
		const find = async (text: string) => {
			const { pieces, near } = await todayPage(here.db, { find: text, shown: 'open', after: null }, TODAY, null);
			return { numbers: pieces.map((piece) => piece.number), near };
		};
		for (const text of ['observatory', 'flag signal', '1874', 'watercolour bird'])
			assert.deepEqual(await find(text), { numbers: [number], near: false }, text);
		for (const text of ['singal flag', 'obsevratory']) {
			const found = await find(text);
			assert.equal(found.near, true, text);
			assert.equal(found.numbers[0], number, text);
		}
		assert.deepEqual(await find('nothing of the kind at all'), { numbers: [], near: true });
	});

	test('a change of the shop: open jobs are planned again until all stand as it has them', async () => {
		const number = await wanted('as the house has it', null);
		const standing = async () =>
			(
				await here.db.query<{ standing: string; planned_for: string }>(
					'SELECT standing, planned_for FROM job WHERE number = $1',
					[Number(number.slice(2))]
				)
			).rows[0]!;
		const before = await standing();
		assert.equal(
			(await putList(here.db, 'house', { house: [{ house: 'mm', figure: 'borderWidth', value: '81' }] }, 0)).status,
			200
		);
		// As if all had stood otherwise, counted on a day that nothing before has asked for.
		const day = '2026-07-01';
		await here.db.query(
			"UPDATE job SET standing = CASE standing WHEN 'ready' THEN 'stopped' ELSE 'ready' END WHERE state = 'open'"
		);
		const otherwise = await countsNow(here.db, day);
		while (await planSome(here.db));
		const truth = await countShown(here.db, day);
		assert.notDeepEqual(truth, otherwise);
		assert.deepEqual(await countsNow(here.db, day), truth);
		assert.notEqual((await standing()).planned_for, before.planned_for);
		assert.equal(await planSome(here.db), false);
		const { rows } = await here.db.query<{ count: number }>(
			"SELECT count(*) AS count FROM job WHERE state = 'open' AND planned_for <> $1",
			[(await standing()).planned_for]
		);
		assert.equal(rows[0]!.count, 0, `${showJobNumber(1)} and all others`);
	});
});
