/** Every call of the open interface with a body that it takes: what tests of all of them walk. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type Joi from 'joi';
import { eventsSchema } from '../../src/lib/server/validation/bench.ts';
import { centreSchema } from '../../src/lib/server/validation/centre.ts';
import { cuttingSchema } from '../../src/lib/server/validation/cutting.ts';
import { jobFileSchema } from '../../src/lib/server/validation/job-file.ts';
import { came, kept, order } from '../../src/lib/server/validation/orders.ts';
import { stateSchema } from '../../src/lib/server/validation/state.ts';
import { arrival, counted, cutSheet, dropOut, keptPlan, made, toCutter } from '../../src/lib/server/validation/stock.ts';
import { judgeSchema } from '../../src/lib/server/validation/trainer.ts';
import { wallSchema } from '../../src/lib/server/validation/wall.ts';
import { calliperSchema } from '../../src/lib/server/instruments/calliper.ts';
import { meterSchema } from '../../src/lib/server/instruments/light-meter.ts';
import { roomSchema } from '../../src/lib/server/room-file.ts';
import { climateSchema } from '../../src/lib/server/rooms.ts';
import { keptWallSchema } from '../../src/lib/server/walls.ts';

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';
export type Known = {
	method: Method;
	/** As the folder of its route is named, from `/`. */ route: string;
	/** One that there is, in a house with the first pieces of the demo. */ path: string;
	schema?: Joi.Schema;
	body?: unknown;
	/** It wants the revision that it started from. */ on?: true;
	/** Keys behind the `?`. */ query?: readonly string[];
};

const json = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));
const job = json('demo/jobs/K-0101.json');
const wall = {
	format: 'rare-keep/wall',
	version: 1,
	unit: 'mm',
	wall: {
		width: 4200,
		height: 2500,
		kind: 'masonry',
		things: [{ name: 'stove', kind: 'heat', left: 300, bottom: 0, width: 500, height: 900 }]
	},
	pictures: [
		{ id: 'a', outer: { width: 577, height: 736 }, kg: 3.2, hooks: [{ x: -93.5, down: 117.4 }] },
		{ id: 'b', job: 'K-0101' }
	],
	groups: [{ pictures: ['a', 'b'], line: 'row', from: 200, to: 3000, align: 'centre', height: 1500, gap: 'equal', slope: 0 }]
};
const cutting = {
	format: 'rare-keep/cutting',
	version: 1,
	kerf: 3,
	trim: 1,
	minOffcut: 200,
	seconds: 0.01,
	sheets: [{ id: 'S', width: 1524, height: 1016, count: 2, cost: 1800 }],
	blanks: [{ id: 'A', width: 542, height: 701, count: 2, turn: true }]
};
const board = { kind: 'sheet', material: 'cotton-8', colour: '', width: 1524, height: 1016 };
const READINGS = { tl: 10, tr: 10.5, bl: 11, br: 10.5, lt: 9, lb: 9.5, rt: 10, rb: 9 };
const sides = { top: 10, right: 10, bottom: 10, left: 10 };
const room = Array.from({ length: 30 }, (_, hour) => [hour, 50, 20]);
const year = {
	id: 'a',
	own: true,
	backName: 'Board',
	seal: 'edge',
	tauDays: 70,
	halfDays: 48,
	min: 40,
	max: 61,
	steepestWeek: 2,
	hoursAbove65: 0,
	coldHours: null
};
const event = (deed: object) => ({ id: '6f1c7a52-3a54-4e0c-9a63-0d6d4f1f6a01', by: 'PA', ageMs: 0, deed });
const K = '/api/jobs/[number=number]';

const list = (key: string, items: unknown, path = `/api/shop/${key}`, route = '/api/shop/[list=list]'): Known[] => [
	{ method: 'GET', route, path },
	{ method: 'PUT', route, path, body: { [key]: items }, on: true }
];

export const CALLS: readonly Known[] = [
	{ method: 'GET', route: '/health', path: '/health', query: ['full'] },
	{ method: 'GET', route: '/metrics', path: '/metrics' },
	{ method: 'GET', route: '/house/[...rest]', path: '/house/rules' },
	{ method: 'GET', route: '/api/job.schema.json', path: '/api/job.schema.json' },
	{ method: 'GET', route: '/api/jobs', path: '/api/jobs', query: ['find', 'after', 'state', 'order'] },
	{ method: 'POST', route: '/api/jobs', path: '/api/jobs', schema: jobFileSchema, body: job, query: ['number', 'orEmpty'] },
	{ method: 'GET', route: K, path: '/api/jobs/K-0101', query: ['rev'] },
	{
		method: 'PUT',
		route: K,
		path: '/api/jobs/K-0102',
		schema: jobFileSchema,
		body: json('demo/jobs/K-0102.json'),
		on: true,
		query: ['reason']
	},
	{ method: 'DELETE', route: K, path: '/api/jobs/K-0101' },
	{ method: 'GET', route: `${K}/revisions`, path: '/api/jobs/K-0101/revisions' },
	{ method: 'GET', route: `${K}/[sheet=sheet].svg`, path: '/api/jobs/K-0101/front.svg', query: ['rev'] },
	{ method: 'GET', route: `${K}/[sheet=sheet].dxf`, path: '/api/jobs/K-0101/cut.dxf', query: ['rev'] },
	{ method: 'GET', route: `${K}/cut.csv`, path: '/api/jobs/K-0101/cut.csv', query: ['rev'] },
	{ method: 'PUT', route: `${K}/state`, path: '/api/jobs/K-0103/state', schema: stateSchema, body: { state: 'archived' } },
	{ method: 'GET', route: `${K}/climate`, path: '/api/jobs/K-0101/climate' },
	{
		method: 'POST',
		route: `${K}/climate`,
		path: '/api/jobs/K-0101/climate',
		schema: climateSchema,
		body: { rev: 1, room: 'Loft', results: [year] }
	},
	{ method: 'GET', route: `${K}/bench`, path: '/api/jobs/K-0101/bench', query: ['after'] },
	{
		method: 'POST',
		route: `${K}/bench`,
		path: '/api/jobs/K-0101/bench',
		schema: eventsSchema,
		body: { events: [event({ kind: 'begun', rev: 1 })] },
		query: ['after']
	},
	{ method: 'POST', route: `${K}/judge`, path: '/api/jobs/T-0001/judge', schema: judgeSchema, body: { by: 'PA', tell: false } },
	{ method: 'POST', route: '/api/plan', path: '/api/plan', schema: jobFileSchema, body: job },
	{ method: 'POST', route: '/api/steps', path: '/api/steps', schema: jobFileSchema, body: job },
	{ method: 'POST', route: '/api/cut', path: '/api/cut', schema: cuttingSchema, body: cutting },
	{
		method: 'POST',
		route: '/api/centre',
		path: '/api/centre',
		schema: centreSchema,
		body: { targets: sides, readings: READINGS, spans: { width: 400, height: 500 }, allowance: { width: 3, height: 3 } }
	},
	{ method: 'POST', route: '/api/climate', path: '/api/climate', body: { pack: job, room } },
	{ method: 'POST', route: '/api/wall', path: '/api/wall', schema: wallSchema, body: wall },
	{ method: 'GET', route: '/api/walls', path: '/api/walls' },
	{ method: 'POST', route: '/api/walls', path: '/api/walls', schema: keptWallSchema, body: { name: 'Hall', file: wall } },
	{ method: 'GET', route: '/api/walls/[id=count]', path: '/api/walls/1', query: ['rev'] },
	{
		method: 'PUT',
		route: '/api/walls/[id=count]',
		path: '/api/walls/1',
		schema: keptWallSchema,
		body: { name: 'Hall', file: wall },
		on: true
	},
	{ method: 'DELETE', route: '/api/walls/[id=count]', path: '/api/walls/2' },
	{ method: 'POST', route: '/api/walls/[id=count]/back', path: '/api/walls/2/back' },
	{ method: 'GET', route: '/api/rooms', path: '/api/rooms' },
	{
		method: 'POST',
		route: '/api/rooms',
		path: '/api/rooms',
		schema: roomSchema,
		body: { name: 'Loft', begins: '2025-03-01', readings: room, gaps: [] },
		query: ['name']
	},
	{ method: 'GET', route: '/api/rooms/[id=count]', path: '/api/rooms/1' },
	{ method: 'GET', route: '/api/events', path: '/api/events', query: ['job'] },
	{ method: 'GET', route: '/api/bench', path: '/api/bench' },
	{ method: 'GET', route: '/api/bench/lost', path: '/api/bench/lost' },
	{ method: 'GET', route: '/api/trainer', path: '/api/trainer' },
	{ method: 'POST', route: '/api/trainer/[case]', path: '/api/trainer/window' },
	{ method: 'POST', route: '/api/samples', path: '/api/samples' },
	{ method: 'POST', route: '/api/pictures', path: '/api/pictures', body: {} },
	{ method: 'GET', route: '/api/pictures/[sum=sum]', path: `/api/pictures/${'0'.repeat(64)}` },
	{
		method: 'POST',
		route: '/api/instruments/calliper',
		path: '/api/instruments/calliper',
		schema: calliperSchema,
		body: { job: 'K-0101', round: 0, place: 'tl', targets: sides, spans: { width: 400, height: 500 } }
	},
	{
		method: 'POST',
		route: '/api/instruments/light-meter',
		path: '/api/instruments/light-meter',
		schema: meterSchema,
		body: { room: 'living-room' }
	},
	...list('packSizes', [{ name: 'Small', width: '8 in', height: '10 in' }], '/api/shop', '/api/shop'),
	...list('about', { name: 'Harbour Frames', currency: 'EUR' }),
	...list('materials', json('demo/materials.json')),
	...list('places', json('demo/places.json')),
	...list('shelf', []),
	...list('house', []),
	...list('schools', []),
	...list('steps', []),
	{
		method: 'POST',
		route: '/api/shop/[list=list]/touches',
		path: '/api/shop/materials/touches',
		body: { materials: json('demo/materials.json') }
	},
	{ method: 'GET', route: '/api/stock', path: '/api/stock' },
	{
		method: 'POST',
		route: '/api/stock',
		path: '/api/stock',
		schema: arrival,
		body: { ...board, lot: 'C-1', place: 'rack', count: 3 }
	},
	{ method: 'GET', route: '/api/stock/[id=count]', path: '/api/stock/1' },
	{ method: 'PUT', route: '/api/stock/[id=count]', path: '/api/stock/1', schema: counted, body: { present: 5 } },
	{ method: 'GET', route: '/api/stock/kept', path: '/api/stock/kept' },
	{
		method: 'PUT',
		route: '/api/stock/kept',
		path: '/api/stock/kept',
		schema: kept,
		body: { ...board, point: 3, batch: 5, cents: 2940, leadDays: 6, supplier: 'North Quay Boards' }
	},
	{ method: 'DELETE', route: '/api/stock/kept/[id=count]', path: '/api/stock/kept/1' },
	{ method: 'GET', route: '/api/find', path: '/api/find', query: ['find'] },
	{ method: 'GET', route: '/api/orders', path: '/api/orders' },
	{
		method: 'POST',
		route: '/api/orders',
		path: '/api/orders',
		schema: order,
		body: { supplier: 'North Quay Boards', leadDays: 6, lines: [{ ...board, ordered: 2, cents: 2940 }] }
	},
	{ method: 'DELETE', route: '/api/orders/[id=count]', path: '/api/orders/1' },
	{
		method: 'POST',
		route: '/api/orders/[id=count]/came',
		path: '/api/orders/1/came',
		schema: came,
		body: { lines: [{ line: 0, count: 1, width: 1524, height: 1016 }] }
	},
	{ method: 'POST', route: '/api/orders/[id=count]/ask', path: '/api/orders/1/ask' },
	{ method: 'GET', route: '/api/cutting', path: '/api/cutting' },
	{
		method: 'POST',
		route: '/api/cutting',
		path: '/api/cutting',
		schema: keptPlan,
		body: {
			material: 'cotton-8',
			colour: '',
			job: {
				kerf: 0,
				trim: 0,
				minOffcut: 200,
				seconds: 1,
				sheets: [{ id: 'stock 1', width: 1524, height: 1016 }],
				blanks: [{ id: 'K-0101 mat 1', width: 542, height: 701 }]
			},
			plan: { sheets: [{ sheet: 'stock 1', placed: [], cuts: [], offcuts: [] }], unplaced: [] }
		}
	},
	{ method: 'GET', route: '/api/cutting/[id=count]', path: '/api/cutting/1' },
	{ method: 'DELETE', route: '/api/cutting/[id=count]', path: '/api/cutting/1' },
	{
		method: 'POST',
		route: '/api/cutting/[id=count]/drop-outs',
		path: '/api/cutting/1/drop-outs',
		schema: dropOut,
		body: { part: 'K-0101 mat 1', which: 1, width: 300, height: 400, place: '' }
	},
	{
		method: 'POST',
		route: '/api/cutting/[id=count]/sheets/[sheet=count]',
		path: '/api/cutting/1/sheets/0',
		schema: cutSheet,
		body: { offcuts: [] }
	},
	{
		method: 'PUT',
		route: '/api/cutting/[id=count]/sheets/[sheet=count]/made',
		path: '/api/cutting/1/sheets/0/made',
		schema: made,
		body: { made: 1, from: 0 }
	},
	{
		method: 'POST',
		route: '/api/cutting/[id=count]/sheets/[sheet=count]/cutter',
		path: '/api/cutting/1/sheets/0/cutter',
		schema: toCutter,
		body: { fail: false }
	}
];

/** Every route that there is, but the one that says that there is none. */
export function routesThere(): string[] {
	const found: string[] = [];
	const walk = (folder: string, route: string) => {
		for (const entry of readdirSync(folder, { withFileTypes: true })) {
			if (entry.isDirectory()) walk(join(folder, entry.name), `${route}/${entry.name}`);
			else if (entry.name === '+server.ts') found.push(route);
		}
	};
	walk('src/routes', '');
	return found.filter((route) => route !== '/api/[...rest]').sort();
}

/** Every text of a body with the way to it. */
export function textsIn(value: unknown, way: readonly (string | number)[] = []): (readonly (string | number)[])[] {
	if (typeof value === 'string') return [way];
	if (typeof value !== 'object' || value === null) return [];
	return Object.entries(value).flatMap(([key, item]) => textsIn(item, [...way, Array.isArray(value) ? Number(key) : key]));
}

/** The same body with something else at one place. */
export function withAt(value: unknown, [key, ...rest]: readonly (string | number)[], put: unknown): unknown {
	if (key === undefined) return put;
	if (Array.isArray(value)) return value.map((item: unknown, index) => (index === key ? withAt(item, rest, put) : item));
	// What another change took away stays away.
	if (typeof value !== 'object' || value === null) return value;
	return { ...value, [key]: withAt((value as Record<string, unknown>)[key], rest, put) };
}
