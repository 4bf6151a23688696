import assert from 'node:assert/strict';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import Papa from 'papaparse';
import { yearsToFade } from '../../../core/stations/light/years.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import { By, Key } from '../browser.ts';
import { downloads, stage } from '../setup.ts';

const here = stage();
const folder = mkdtempSync(join(tmpdir(), 'rare-keep-logger-'));
after(() => rmSync(folder, { recursive: true, force: true }));

const YEARS = 'How long until fading is just visible, behind each glazing?';
const HALF_TIME = 'How slowly does humidity get in, by back and seal?';

/** Rows of the table behind a chart. */
const tableOf = async (question: string) => {
	await here.browser.unfold();
	return here.browser.driver.executeScript<string[][]>(
		'return [...[...document.querySelectorAll("main section")].find((one) => one.getAttribute("aria-label") === arguments[0]).querySelectorAll("table tr")].map((row) => [...row.cells].map((cell) => cell.textContent))',
		question
	);
};
const drawn = (count: number) =>
	here.browser.waitFor(`${count} charts to be drawn`, () =>
		here.browser.driver.executeScript<boolean>(`return document.querySelectorAll('[data-drawn] svg').length === ${count}`)
	);
const take = async (name: string, text: string) => {
	const path = join(folder, name);
	writeFileSync(path, text);
	await here.browser.driver.findElement(By.css('aside input[type=file]')).sendKeys(path);
};
const hours = (count: number, row: (hour: number) => string) =>
	Array.from(
		{ length: count },
		(_, hour) => `${new Date(Date.UTC(2025, 0, 1, hour)).toISOString().slice(0, 16).replace('T', ' ')},${row(hour)}`
	);

test('light: years behind each glazing are the core’s, follow the place, and are exported', async () => {
	const { sees, type, keys, open, press, choose } = here.browser;
	await here.loadDemo();
	await open('/light?job=K-0109');
	await drawn(4);
	const rows = await tableOf(YEARS);
	const exposure = { sources: [{ lux: 500, hoursPerDay: 8, uv: 400 }], monthsPerYear: 12 };
	const wanted = yearsToFade(exposure, 3, builtInShop.glazings['uv-acrylic']!).years!.toPrecision(3);
	assert.equal(rows.find(([name]) => name === 'UV acrylic')![3], wanted);
	assert.equal(rows.length, Object.keys(builtInShop.glazings).length + 1);
	await sees(/Behind UV acrylic .* times the yearly budget of 15 klx h/);

	const files = await downloads(here.browser);
	await press(`${YEARS} As SVG`);
	await press(`${YEARS} As CSV`);
	const [svg, csv] = await files();
	assert.deepEqual([svg!.name, csv!.name], ['years-by-glazing.svg', 'years-by-glazing.csv']);
	assert.match(svg!.text, /^<svg [\s\S]*Plain glass[\s\S]*<\/svg>$/);
	assert.equal(Papa.parse<string[]>(csv!.text).data.find(([name]) => name === 'UV acrylic')![3], wanted);

	// A bad figure stays in its field, with what to do; the charts stay.
	await type('Light at the picture, lx', '-5');
	await keys(Key.TAB);
	await sees('Light of −5 lx: must be between 0 and 200000 lx.');
	await type('Light at the picture, lx', '250');
	await keys(Key.TAB);
	await here.browser.waitFor('twice the years', async () => {
		const years = (await tableOf(YEARS)).find(([name]) => name === 'UV acrylic')![3]!;
		return Math.abs(Number(years) / Number(wanted) - 2) < 0.01;
	});
	await choose('Place', 'dim corridor');
	await sees('UV glazing hardly helps here: visible light does it.');
	await type('Light at the picture, lx', '0');
	await keys(Key.TAB);
	await sees('No light here: nothing fades.');
});

test('climate: a year of every back and seal, its own marked, and kept with the job', async () => {
	const { sees, open, press, choose, type, keys } = here.browser;
	await open('/light?job=K-0101');
	await drawn(4);
	await sees('Fluted polypropylene sheet, edge seal · this pack');
	const rows = await tableOf(HALF_TIME);
	assert.ok(rows.length - 1 >= 20, `${rows.length - 1} combinations`);
	await choose('Room', 'Logger: Net Loft 2025');
	await sees('Net Loft 2025. Inside, % relative humidity; an estimate.');
	await type('Outside wall at its coldest, °C', '4');
	await keys(Key.TAB);
	await sees('hours of condensation on the wall');
	// While the year is run anew, there is nothing to keep.
	const keep = await here.browser.button('Save with K-0101');
	await here.browser.waitFor('the year to be run', () => keep.isEnabled());
	await press('Save with K-0101');
	await sees('Saved with K-0101.');
	await sees(/rev \d+, Net Loft 2025: \d+ to \d+ % inside, [\d ]+h above 65 %/);
	const { kept } = (await (await fetch(`${here.server.address}/api/jobs/K-0101/climate`)).json()) as {
		kept: { result: { results: unknown[] } }[];
	};
	assert.equal(kept[0]!.result.results.length, rows.length - 1);
});

test('a logger’s file: its columns are mapped, gaps named, the room kept; bad files say what to do', async () => {
	const { sees, open, press, choose } = here.browser;
	await open('/light');
	const lines = hours(800, (hour) => `68.${hour % 10},${50 + (hour % 24)}`);
	lines.splice(100, 30);
	await take('pantry.csv', ['When,Sensor A,Sensor B', ...lines].join('\n'));
	await sees('Which column is which?');
	await sees('2025-01-01 00:00');
	await choose('Time, or date', 'When');
	await choose('Humidity', 'Sensor B');
	await choose('Temperature', 'Sensor A');
	await press('Temperature in °F');
	await press('Read it');
	await sees('770 rows from 2025-01-01 00:00 to 2025-02-03 07:00.');
	await sees('2025-01-05 04:00 to 2025-01-06 10:00 (30 h)');
	await sees('pantry. Inside, % relative humidity; an estimate.');
	await press('Save this room');
	await sees('“pantry” is saved.');
	await open('/light');
	await choose('Room', 'Logger: pantry');
	await sees('pantry. Inside, % relative humidity');

	const backwards = hours(100, () => '20,50');
	[backwards[20], backwards[60]] = [backwards[60]!, backwards[20]!];
	await take('backwards.csv', ['time,temperature,humidity', ...backwards].join('\n'));
	await press('Read it');
	await sees(/Line 23: 2025-01-01 21:00 comes after 2025-01-03 12:00. Times are out of order/);
	await press('cancel');
	await take('two.csv', ['time,temperature', ...hours(100, () => '20')].join('\n'));
	await sees('No humidity column found');
	await press('cancel');
	await take('comma.csv', ['time;humidity', ...hours(100, () => '51,5').map((line) => line.replace(',', ';'))].join('\n'));
	await press('Read it');
	await sees('It holds no temperature: only humidity is simulated.');
});
