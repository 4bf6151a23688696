import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { guessColumns, LoggerError, LoggerReader, readTime, sayTime, type LoggerYear } from './logger.ts';

const day = (count: number, row: (hour: number) => string, from = Date.UTC(2025, 2, 1)) =>
	Array.from({ length: count }, (_, hour) => `${sayTime(from + hour * 3_600_000)},${row(hour)}`);

function read(lines: string[], delimiter = ',', changes: object = {}): LoggerYear {
	const rows = lines.map((line) => line.split(delimiter));
	const { columns, heading } = guessColumns(rows.slice(0, 20));
	const reader = new LoggerReader({ ...columns, ...changes }, heading ? 2 : 1);
	for (const row of rows.slice(heading ? 1 : 0)) reader.take(row);
	return reader.end();
}

const HEAD = 'time,temperature °C,relative humidity %';

test('a file as a logger writes it: columns by their names, hours since the first', () => {
	const year = read([HEAD, ...day(48, (hour) => `${10 + hour / 10},${50 + (hour % 24) / 2}`)]);
	assert.deepEqual([year.readings.length, year.rows, year.from, year.to], [48, 48, '2025-03-01 00:00', '2025-03-02 23:00']);
	assert.deepEqual(year.readings[10], [10, 55, 11]);
	assert.deepEqual([year.gaps, year.notes], [[], []]);
});

test('readings oftener than the hour become its mean', () => {
	const quarters = Array.from(
		{ length: 24 * 4 },
		(_, at) => `${sayTime(Date.UTC(2025, 0, 1) + at * 900_000)},20,${40 + (at % 4)}`
	);
	const year = read([HEAD, ...quarters]);
	assert.equal(year.readings.length, 24);
	assert.deepEqual(year.readings[5], [5, 41.5, 20]);
});

test('°F by its heading, a decimal comma with semicolons, date and clock in columns of their own', () => {
	const fahrenheit = read(['Date,Temp (°F),RH', ...day(24, () => '68,50')]);
	assert.ok(Math.abs(fahrenheit.readings[3]![2] - 20) < 1e-9);
	const comma = read(
		[
			'Datum;Zeit;Temperatur;Feuchte',
			...Array.from({ length: 24 }, (_, hour) => `01.02.2025;${String(hour).padStart(2, '0')}:00;19,5;45,3`)
		],
		';'
	);
	assert.deepEqual(comma.readings[4], [4, 45.3, 19.5]);
	assert.equal(comma.from, '2025-02-01 00:00');
});

test('two columns: humidity alone is enough and said; temperature alone is not', () => {
	const alone = read(['time,humidity', ...day(24, () => '51')]);
	assert.match(alone.notes.join(), /no temperature/);
	assert.equal(alone.readings[0]![1], 51);
	assert.throws(() => read(['time,temperature', ...day(24, () => '20')]), /No humidity column/);
	assert.throws(() => read(['humidity', '50', '51']), /Not a logger file/);
});

test('gaps are named, and filled on the straight line', () => {
	const lines = [HEAD, ...day(48, (hour) => `20,${hour < 20 ? 40 : 60}`)];
	lines.splice(11, 10);
	const year = read(lines);
	assert.deepEqual(year.gaps, [{ from: '2025-03-01 10:00', to: '2025-03-01 20:00', hours: 10 }]);
	assert.equal(year.readings.length, 48);
	assert.ok(Math.abs(year.readings[14]![1] - (40 + (20 * 5) / 11)) < 1e-9);
});

test('time that runs backwards is refused with its line; a clock set back in autumn is not', () => {
	const lines = [HEAD, ...day(48, () => '20,50')];
	[lines[10], lines[30]] = [lines[30]!, lines[10]!];
	assert.throws(() => read(lines), /Line 12: 2025-03-01 10:00 comes after 2025-03-02 05:00. Times are out of order/);
	const back = [HEAD, ...day(48, () => '20,50')];
	back.splice(20, 0, back[19]!, back[18]!);
	assert.match(read(back).notes.join(), /set back/);
});

test('what can’t be read says which line and what to do', () => {
	for (const [lines, says] of [
		[[HEAD, ...day(30, () => '20,50'), 'soon,20,50'], /Line 32: “soon” is not a time/],
		[[HEAD, ...day(30, () => '20,50'), '2025-04-01 00:00,20,150'], /Line 32: a humidity of 150 %/],
		[[HEAD, ...day(5, () => '20,50')], /holds 5 hours/],
		[[HEAD, ...day(3, () => '20,50'), '2025-03-01 05:00,20,5,50,3'], /has 5 columns, the ones before it 3/],
		[['when,t,h', 'a,b,c'], /No time column/]
	] as const)
		assert.throws(
			() => read([...lines]),
			(error: Error) => error instanceof LoggerError && says.test(error.message)
		);
	assert.match(read([HEAD, ...day(30, (hour) => (hour === 4 ? '20,' : '20,50'))]).notes.join(), /1 rows hold no reading/);
	const rows = [HEAD, ...day(24, () => '20|45,3')].map((line) => line.split(/,(?=\d{4}|rel|temp)|\|/));
	const reader = new LoggerReader(
		{ time: 0, clock: null, rh: 1, celsius: null, fahrenheit: false, comma: false, dayFirst: true },
		2
	);
	assert.throws(() => reader.take(['2025-03-01 00:00', '45,3']), /decimal comma/);
	assert.ok(rows.length > 0);
});

test('times as people and machines write them', () => {
	const noon = Date.UTC(2025, 3, 3, 12, 30);
	for (const [text, dayFirst] of [
		['2025-04-03 12:30', true],
		['2025-04-03T12:30:00Z', true],
		['03.04.2025 12:30', false],
		['03/04/2025 12:30', true],
		['04/03/2025 12:30 PM', false],
		['2025/4/3 12:30:00', false]
	] as const)
		assert.equal(readTime(text, dayFirst), noon, text);
	assert.equal(readTime('13/04/2025 00:00', false), Date.UTC(2025, 3, 13), '13 is no month');
	assert.equal(readTime('1743683400', true), 1743683400000);
	for (const text of ['', 'yesterday', '2025-13-01', '45']) assert.ok(Number.isNaN(readTime(text, true)), text);
});

test('property: whichever hours are missing, every hour has a reading within what was read', () => {
	fc.assert(
		fc.property(
			fc.array(fc.integer({ min: 20, max: 90 }), { minLength: 30, maxLength: 200 }),
			fc.integer({ min: 2, max: 9 }),
			(values, leave) => {
				const lines = day(values.length, (hour) => `20,${values[hour]}`).filter((_, hour) => hour % leave !== 1 || hour === 0);
				const year = read([HEAD, ...lines]);
				for (const [at, [hour, rh]] of year.readings.entries()) {
					assert.equal(hour, at);
					assert.ok(rh >= Math.min(...values) && rh <= Math.max(...values));
				}
			}
		)
	);
});
