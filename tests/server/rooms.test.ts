import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readFileSync } from 'node:fs';
import type { ClimateAnswer } from '../../core/advice/climate-answer.ts';
import { readJobNumber } from '../../core/job/number.ts';
import type { WrittenMaterial } from '../../core/shop/catalogue.ts';
import { TYPICAL_ROOMS, yearOf } from '../../core/stations/climate/rooms.ts';
import { plan } from '../../core/plan.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { climateOfBody } from '../../src/lib/server/climate.ts';
import { readingAt, readMeter } from '../../src/lib/server/instruments/light-meter.ts';
import { getClimates, getRoom, getRooms, postClimate, postLoggerFile, postRoom } from '../../src/lib/server/rooms.ts';
import { getList, putList, shopOf } from '../../src/lib/server/shop.ts';
import { touchesOf, type TouchedJob } from '../../src/lib/server/touches.ts';
import { workedJob } from '../jobs.ts';
import { onEachDatabase, read } from './databases.ts';

const sent = (body: unknown) => new TextEncoder().encode(JSON.stringify(body));

onEachDatabase((here) => {
	type Faulty = { faults: { path: string; says: string }[] };
	const pathsOf = (answer: { body: unknown }) => (answer.body as Faulty).faults.map(({ path }) => path);
	const LOFT = yearOf(TYPICAL_ROOMS[0]!);

	test('climate: a job and a room in, the year of its pack out', async () => {
		const { status, body } = read(await climateOfBody(here.db, sent({ pack: workedJob(), room: LOFT })));
		assert.equal(status, 200);
		const year = body as ClimateAnswer;
		assert.equal(year.tauDays, plan(workedJob(), builtInShop).climate!.tauDays);
		assert.equal(year.inside.length, LOFT.length);
		assert.ok(year.min < year.max && year.hoursAbove65 > 0);
	});

	test('climate: faults name the job’s path and the reading', async () => {
		for (const [body, paths] of [
			[{ pack: { ...workedJob(), aim: 'best' }, room: LOFT }, ['pack.aim']],
			[
				{
					pack: workedJob(),
					room: [
						[0, 50, 20],
						[0, 51, 20]
					]
				},
				['room[1][0]']
			],
			[{ pack: workedJob(), room: [[0, 150, 20]] }, ['room[0][1]']],
			[{ pack: workedJob(), room: [[0]] }, ['room[0]']],
			[{ pack: workedJob(), room: [] }, ['room']],
			[{ pack: workedJob(), room: 'loft' }, ['room']],
			[{ pack: workedJob() }, ['room']],
			[{ pack: workedJob(), room: LOFT, wall: 3 }, ['wall']],
			[{ pack: { ...workedJob(), piece: {} }, room: LOFT }, ['pack']],
			[{ pack: { ...workedJob(), window: { overlap: 300 } }, room: LOFT }, ['pack.window.overlap']],
			[null, ['']]
		] as const) {
			const answer = await climateOfBody(here.db, sent(body));
			assert.equal(answer.status, 400);
			assert.deepEqual(pathsOf(answer).slice(0, 1), paths.slice(0, 1), JSON.stringify(paths));
		}
	});

	test('rooms: a logger’s file and readings are kept under a name of their own, and read back', async () => {
		const file = readFileSync('demo/rooms/Net Loft 2025.csv');
		const kept = await postLoggerFile(here.db, 'Net Loft', file);
		assert.equal(kept.status, 201);
		const { id } = kept.body as { id: string };
		const room = (await ((await getRoom(here.db, id)) as Response).json()) as {
			begins: string;
			readings: number[][];
			gaps: { hours: number }[];
		};
		assert.equal(room.begins, '2025-01-01 00:00');
		assert.ok(room.readings.length > 8700 && room.gaps.length === 1 && room.gaps[0]!.hours > 24);
		assert.equal((await postLoggerFile(here.db, 'Net Loft', file)).status, 409, 'never overwritten silently');
		assert.equal((await postLoggerFile(here.db, '', file)).status, 400);
		assert.match(
			((await postLoggerFile(here.db, 'Bad', Buffer.from('time,temperature\n2025-01-01,20\n'))).body as Faulty).faults[0]!.says,
			/No humidity column/
		);
		assert.equal(
			(await postRoom(here.db, sent({ name: 'Pantry', begins: '2025-03-01', readings: LOFT.slice(0, 48) }))).status,
			201
		);
		for (const [changes, path] of [
			[{ name: '' }, 'name'],
			[{ begins: 'spring' }, 'begins'],
			[{ begins: '2025-02-30' }, 'begins'],
			[{ readings: [[0, 50, null]] }, 'room[0][2]'],
			[{ readings: [[null, 50, 20]] }, 'room[0][0]'],
			[{ readings: [[1e300, 50, 20]] }, 'room[0][0]'],
			[{ readings: [[0, 'damp']] }, 'room[0][1]'],
			[{ gaps: [{ from: 'x' }] }, 'gaps[0].to']
		] as const) {
			const answer = await postRoom(
				here.db,
				sent({ name: 'Cellar', begins: '2025-03-01', readings: LOFT.slice(0, 48), ...changes })
			);
			assert.deepEqual([answer.status, pathsOf(answer)[0]], [400, path]);
		}
		const { rooms } = (await getRooms(here.db)).body as { rooms: { name: string; hours: number }[] };
		assert.deepEqual(
			rooms.map(({ name }) => name),
			['Net Loft', 'Pantry']
		);
		assert.equal((await getRoom(here.db, '999')).status, 404);
	});

	test('a year’s result stays with its job, newest first', async () => {
		const { number } = (await here.post(workedJob())).body as { number: string };
		const result = {
			id: 'fluted-pp edge',
			own: true,
			backName: 'Fluted polypropylene sheet',
			seal: 'edge',
			tauDays: 70,
			halfDays: 48,
			min: 40,
			max: 61,
			steepestWeek: 2,
			hoursAbove65: 0,
			coldHours: null
		};
		assert.equal((await postClimate(here.db, readJobNumber(number)!, { rev: 1, room: 'Loft', results: [result] })).status, 201);
		assert.equal((await postClimate(here.db, readJobNumber(number)!, { rev: 1, room: 'Pantry', results: [result] })).status, 201);
		const { kept } = (await getClimates(here.db, readJobNumber(number)!)).body as {
			kept: { rev: number; result: { room: string } }[];
		};
		assert.deepEqual(
			kept.map(({ result: { room } }) => room),
			['Pantry', 'Loft']
		);
		assert.equal(
			(await postClimate(here.db, readJobNumber(number)!, { rev: 9, room: 'Loft', results: [result] })).status,
			400,
			'no such revision yet'
		);
		assert.equal((await postClimate(here.db, 9999, { rev: 1, room: 'Loft', results: [result] })).status, 404);
		for (const body of [
			{},
			{ rev: 1, room: 'Loft', results: [] },
			{ rev: 1, room: 'Loft', results: [{ ...result, seal: 'wax' }] },
			{ rev: 1, room: 'Loft', results: [result], more: 1 }
		])
			assert.equal((await postClimate(here.db, readJobNumber(number)!, body)).status, 400);
		assert.equal((await getClimates(here.db, 9999)).status, 404);
	});

	test('materials: kept on top of what they started from; an own one that a job names never goes', async () => {
		const own: WrittenMaterial = {
			kind: 'board',
			id: 'loft-rag',
			name: 'Rag board of the loft',
			figures: { thickness: 2 },
			sources: {}
		};
		const put = (materials: unknown, rev: number) => putList(here.db, 'materials', { materials }, rev);
		const file = workedJob({ guard: { ...workedJob().guard, underMat: 'loft-rag' } });
		assert.equal((await here.post(file)).status, 400, 'the shop default has none');
		assert.equal((await put([own], 0)).status, 200);
		assert.equal((await put([], 0)).status, 409);
		const { number } = (await here.post(file)).body as { number: string };
		const touched = (await touchesOf(here.db, 'materials', { materials: [{ ...own, figures: { thickness: 3 } }] })).body as {
			jobs: TouchedJob[];
			looked: number;
		};
		assert.deepEqual(
			touched.jobs.map((job) => job.number),
			[number]
		);
		assert.ok(touched.jobs[0]!.changes.includes('pack depth 11.5 mm → 12.5 mm'), touched.jobs[0]!.changes.join());
		assert.ok(touched.looked >= 2);
		const gone = (await put([], 1)).body as { materials: WrittenMaterial[] };
		assert.deepEqual(gone.materials, [{ ...own, withdrawn: true }]);
		assert.ok(plan(file, await shopOf(here.db)).pack, 'its job is planned as before');
		assert.deepEqual(pathsOf(await touchesOf(here.db, 'materials', { materials: [{ ...own, figures: { thickness: -1 } }] })), [
			'materials[0].figures.thickness'
		]);
		const { materials } = (await getList(here.db, 'materials')).body as { materials: unknown[] };
		assert.equal(materials.length, 1);
		// One that nobody names is really taken out.
		assert.equal(
			(
				await put(
					[
						{ ...own, withdrawn: true },
						{ ...own, id: 'loft-spare' }
					],
					2
				)
			).status,
			200
		);
		assert.equal(((await put([{ ...own, withdrawn: true }], 3)).body as { materials: unknown[] }).materials.length, 1);
	});

	test('places: the shop’s own, with their faults', async () => {
		const place = { name: 'Study', lux: 150, hoursPerDay: 6, uv: 400, monthsPerYear: 12 };
		assert.equal((await putList(here.db, 'places', { places: [place] }, 0)).status, 200);
		assert.deepEqual(pathsOf(await putList(here.db, 'places', { places: [{ ...place, lux: -1, hoursPerDay: 30 }] }, 1)), [
			'places[0].lux',
			'places[0].hoursPerDay'
		]);
		assert.deepEqual(pathsOf(await putList(here.db, 'places', { places: [place], rooms: [] }, 1)), ['rooms']);
	});

	test('the light meter shows what its place has, a little different each time', () => {
		for (const random of [0, 0.5, 0.999]) {
			const { lux, uv } = readingAt('living-room', () => random);
			assert.ok(Math.abs(lux / 150 - 1) <= 0.061 && Math.abs(uv / 400 - 1) <= 0.061);
		}
		assert.equal(readMeter({ room: 'attic' }).status, 400);
		assert.equal(readMeter(null).status, 400);
		assert.equal((readMeter({ room: 'corridor' }).body as { simulated: boolean }).simulated, true);
	});
});
