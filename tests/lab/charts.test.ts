import assert from 'node:assert/strict';
import { test } from 'node:test';
import { combinationsOf, looseBuffer, worthDrawing, yearsOf } from '../../core/advice/combinations.ts';
import { TYPICAL_ROOMS, yearOf } from '../../core/stations/climate/rooms.ts';
import { doseOverLife, rotationsBeside, yearsByGlazing } from '../../core/stations/light/curves.ts';
import { exposureIn } from '../../core/shop/places.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { doseChart } from '../../src/lib/lab/dose-chart.ts';
import { halfTimeChart } from '../../src/lib/lab/half-time-chart.ts';
import { STROKES } from '../../src/lib/ui/chart/look.ts';
import { roomChart } from '../../src/lib/lab/room-chart.ts';
import { yearsChart } from '../../src/lib/lab/years-chart.ts';
import { sayDays, sayYears } from '../../core/units/spans.ts';

type Series = {
	type: string;
	name?: string;
	data: { value?: number[] }[] | number[][];
	symbol?: string;
	lineStyle?: object;
	endLabel?: { formatter: string; offset: number[] };
};
const seriesOf = (drawn: { option: Record<string, unknown> }) => drawn.option.series as Series[];
const place = exposureIn('living-room');
const glazings = Object.values(builtInShop.glazings);

test('years: a line and the marks of all classes a glazing, the piece’s own marked and named', () => {
	const rows = yearsByGlazing(place, glazings);
	const drawn = yearsChart(rows, 3, 'uv-acrylic');
	const own = seriesOf(drawn).find(({ name }) => name === 'this piece')!;
	assert.deepEqual(
		(own.data as { value: number[] }[]).map(({ value }) => value[0]),
		rows.map(({ years }) => years[2])
	);
	assert.equal(seriesOf(drawn).find(({ name }) => name === 'other classes')!.data.length, rows.length * 7);
	assert.equal(seriesOf(drawn).filter(({ type }) => type === 'line').length, rows.length);
	const { xAxis } = drawn.option as { xAxis: { type: string; min: number; max: number } };
	assert.equal(xAxis.type, 'log');
	const all = rows.flatMap(({ years }) => years);
	assert.ok(xAxis.min <= Math.min(...all) && xAxis.max >= Math.max(...all), 'every mark lies within the axis');
	assert.equal(drawn.rows.length, rows.length);
	assert.equal(drawn.head.length, 9);
	assert.equal(seriesOf(yearsChart(rows, null, null)).find(({ name }) => name === 'this piece')!.data.length, 0);
});

test('lines are told apart without colour: dash or width differ', () => {
	const looks = STROKES.map(({ type, width }) => JSON.stringify([type, width]));
	assert.equal(new Set(looks).size, STROKES.length);
	assert.deepEqual(new Set(Object.values({ none: 'circle', tape: 'diamond', edge: 'rect' })).size, 3);
});

test('dose: each rotation ends where it leaves the chart, and its table says how much', () => {
	const rotations = doseOverLife(place, 3, builtInShop.glazings['uv-acrylic']!, rotationsBeside(12), 20);
	const drawn = doseChart(rotations, 20);
	for (const { data } of seriesOf(drawn))
		for (const [year, share] of data as number[][]) assert.ok(year! <= 20 && share! <= 1.2 + 1e-9);
	assert.equal(drawn.rows[0]!.join(), '0,0.0,0.0,0.0,0.0');
	assert.equal(drawn.head.length, 5);
});

test('room: names at the lines’ ends never lie on each other, and say the hours', () => {
	const room = yearOf(TYPICAL_ROOMS[0]!);
	const combinations = combinationsOf(looseBuffer(0.7, { width: 500, height: 700 }), builtInShop, null);
	const shown = worthDrawing(combinations);
	assert.equal(shown.length, 3);
	assert.equal(shown[0], 'foam-free tape');
	const years = [...yearsOf(combinations, room, null)];
	const lines = shown.map((id) => {
		const { inside, hoursAbove65 } = years.find((one) => one.id === id)!;
		return { name: id, rh: Array.from(inside), hoursAbove65 };
	});
	const drawn = roomChart(room, lines, { from: 0, to: 8760 }, null);
	const { yAxis } = drawn.option as { yAxis: { min: number; max: number } };
	const height = 300 - 14 - 30;
	const ends = seriesOf(drawn).map(({ endLabel }, index) => {
		const last = index === 0 ? room.at(-1)![1] : lines[index - 1]!.rh.at(-1)!;
		return ((yAxis.max - last) * height) / (yAxis.max - yAxis.min) + endLabel!.offset[1]!;
	});
	ends.sort((one, other) => one - other);
	for (const [index, at] of ends.entries())
		if (index > 0) assert.ok(at - ends[index - 1]! >= 17 - 1e-6, `${at} after ${ends[index - 1]}`);
	assert.match(seriesOf(drawn)[1]!.endLabel!.formatter, /208 h above$/);
	assert.equal(drawn.rows.length, 8760);
	const quarter = roomChart(room, lines, { from: 6570, to: 8760 }, new Date('2025-03-01T00:00Z'));
	assert.equal(quarter.rows.length, 8760 - 6570);
	assert.equal(roomChart([], [], { from: 0, to: 1 }, null).rows.length, 0);
});

test('half-times: every back once, every seal a shape', () => {
	const combinations = combinationsOf(looseBuffer(0.7, { width: 500, height: 700 }), builtInShop, null);
	const drawn = halfTimeChart(combinations);
	assert.equal(seriesOf(drawn).length, 3);
	assert.equal(new Set(seriesOf(drawn).map(({ symbol }) => symbol)).size, 3);
	assert.equal(
		seriesOf(drawn).reduce((sum, { data }) => sum + data.length, 0),
		combinations.length
	);
	assert.equal(drawn.rows.length, combinations.length);
});

test('years and days as people say them', () => {
	assert.deepEqual([0.001, 0.02, 0.09, 0.33, 0.97, 1, 2.34, 24.1].map(sayYears), [
		'a day',
		'7 days',
		'a month',
		'4 months',
		'a year',
		'a year',
		'2.3 years',
		'24 years'
	]);
	assert.deepEqual([0.01, 0.3, 1, 3.04, 60.06].map(sayDays), ['an hour', '7 hours', 'a day', '3 days', '60 days']);
});
