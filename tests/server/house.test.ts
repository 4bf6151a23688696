/** The shop's two houses over the server: kept, read back, refused with their place, and what they do to a job. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { WrittenFigure } from '../../core/shop/own-house.ts';
import type { Plan } from '../../core/plan.ts';
import { plan } from '../../core/plan.ts';
import { getList, putList, shopOf } from '../../src/lib/server/shop.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase } from './databases.ts';

onEachDatabase((here) => {
	const put = (house: unknown, rev: number) => putList(here.db, 'house', { house }, rev);
	const borderOf = (made: Plan) => (made.window as { mats: { border: { left: number } }[] }).mats[0]!.border.left;

	test('house figures: none at first; kept as they were written; each job planned with its own house', async () => {
		const none = await getList(here.db, 'house');
		assert.deepEqual(none.body, { rev: 0, house: [] });
		const house: WrittenFigure[] = [
			{ house: 'mm', figure: 'borderWidth', value: '80' },
			{ house: 'in', figure: 'borderWidth', value: '3 1/4' }
		];
		assert.equal((await put(house, 0)).status, 200);
		assert.deepEqual((await getList(here.db, 'house')).body, { rev: 1, house });
		const { borders: _, ...bare } = workedJob();
		const shop = await shopOf(here.db);
		assert.equal(borderOf(plan({ ...bare, unit: 'mm' }, shop)), 80);
		assert.equal(borderOf(plan({ ...bare, unit: 'in' }, shop)), 82.55);
		assert.equal(
			borderOf(plan({ ...workedJob({ borders: { way: 'even', width: 65 } }), unit: 'mm' }, shop)),
			65,
			'what a job asks for'
		);
	});

	test('two writers: the second is told, and nothing is overwritten', async () => {
		const { rev } = (await getList(here.db, 'house')).body as { rev: number };
		assert.equal((await put([{ house: 'mm', figure: 'overlap', value: '5' }], rev)).status, 200);
		assert.equal((await put([{ house: 'mm', figure: 'overlap', value: '9' }], rev)).status, 409);
		assert.deepEqual((await getList(here.db, 'house')).body, {
			rev: rev + 1,
			house: [{ house: 'mm', figure: 'overlap', value: '5' }]
		});
	});

	test('faults name the figure’s place and say what to do; nothing is kept of a list with one', async () => {
		const before = await getList(here.db, 'house');
		const { rev } = before.body as { rev: number };
		for (const [house, path, says] of [
			[[{ house: 'mm', figure: 'overlap', value: '6 furlongs' }], 'house[0].value', /is not a unit/],
			[
				[
					{ house: 'mm', figure: 'overlap', value: 5 },
					{ house: 'mm', figure: 'overlap', value: 6 }
				],
				'house[1].figure',
				/twice/
			],
			[[{ house: 'mm', figure: 'gravity', value: 9 }], 'house[0].figure', /not a shop figure/],
			[[{ house: 'yd', figure: 'overlap', value: 6 }], 'house[0].house', /Enter mm or in/],
			[[{ house: 'in', figure: 'fraction', value: 10 }], 'house[0].value', /8, 16 or 32/],
			[[null], 'house[0].house', /Enter mm or in/],
			['all', 'house', /./]
		] as const) {
			const answer = await put(house, rev);
			assert.equal(answer.status, 400, path);
			const [fault] = (answer.body as { faults: { path: string; says: string }[] }).faults;
			assert.equal(fault!.path, path);
			assert.match(fault!.says, says);
		}
		assert.deepEqual(await getList(here.db, 'house'), before);
		const strange = await putList(here.db, 'house', { house: [], rings: [] }, rev);
		assert.equal((strange.body as { faults: { path: string }[] }).faults[0]!.path, 'rings');
	});
});
