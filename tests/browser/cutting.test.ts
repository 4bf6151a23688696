import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { InStock } from '../../core/nesting/offer.ts';
import { workedJob } from '../jobs.ts';
import { keepJob, send } from '../running/server.ts';
import { By, Key, openBrowser } from './browser.ts';
import { pagesOf } from './pdf.ts';
import { downloads, stage } from './setup.ts';

const here = stage();
const BOARD = { kind: 'sheet', material: 'cotton-4', width: 1524, height: 1016, lot: 'L7', place: 'rack 1' };
const stock = async (): Promise<(InStock & { present: number; reserved: number })[]> =>
	((await (await fetch(`${here.server.address}/api/stock`)).json()) as { stock: [] }).stock;
const arrive = (count: number) => send(here.server.address, 'POST', '/api/stock', { ...BOARD, count });

test('nothing to cut says so; a sheet is written down, counted, and its history read', async () => {
	const { open, sees, press, type } = here.browser;
	await open('/cutting');
	await sees('No open job needs board or glazing yet.');
	await open('/stock/sheets');
	await sees('Nothing recorded yet.');
	await press('Add');
	await sees('Enter a length, such as 412 or 16 1/4.');
	await press('1524 × 1016');
	await type('How many', 'two');
	await press('Add');
	await sees('Enter a whole number.');
	await type('How many', '2');
	await type('Where', 'rack 1');
	await press('Add');
	await sees('rack 1');
	await type('Counted, Cotton museum board, 4-ply 1524 × 1016', '3');
	await here.browser.keys(Key.TAB);
	await here.browser.waitFor('the count to be kept', async () => (await stock())[0]?.present === 3);
	await press('History of Cotton museum board, 4-ply 1524 × 1016');
	await sees(/arrived\s+2/);
	await sees(/counted\s+1\s+more/);
});

test('blanks of a job on a sheet that is there: kept, cut by the keys, its offcut put away and used next', async () => {
	const { open, sees, press, keys, type, heading, waitFor } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ title: 'Tide chart' }));
	await open('/cutting');
	await sees(`${number}`);
	await press('Cotton museum board, 4-ply, any colour');
	await sees('1 full sheet, and');
	await sees('Sheet 1524 × 1016, from rack 1');
	await sees(`${number} back mat`);
	// On paper a page for the one sheet of each material; they stand beside the screen for as long as that takes.
	const materials = await here.browser.driver.findElements(By.css('section[aria-label="Parts to cut"] .materials > li'));
	assert.ok(materials.length > 1);
	assert.deepEqual(await pagesOf(here.browser), { pages: materials.length, sizes: new Set(['595 × 842']) });
	assert.equal((await here.browser.driver.findElements(By.css('.paper-page'))).length, 0);
	const caught = await downloads(here.browser);
	await press('CSV');
	await waitFor('the cuts as a file', async () => (await caught()).some(({ name }) => name === 'cuts.csv'));
	const [csv] = await caught();
	assert.match(csv!.text, /^sheet,cut,piece,runs,fence_mm,at_mm,gives,and/);
	await press('Save plan and cut');
	await heading('Cotton museum board, 4-ply, any colour');
	await waitFor('the sheet to be reserved', async () => (await stock())[0]?.reserved === 1);
	// Every cut by the same key; one too many is taken back.
	await sees(/Cut 1 of \d+/);
	await keys(' ');
	await sees(/Cut 2 of \d+/);
	await keys(Key.ARROW_LEFT);
	await sees(/Cut 1 of \d+/);
	await keys(' ');
	await here.browser.driver.navigate().refresh();
	await sees(/Cut 2 of \d+/);
	await waitFor('the last cut', async () => {
		await keys(' ');
		return (await here.browser.text()).includes('Offcuts, measured');
	});
	await type('location', 'shelf 2');
	await press('Sheet 1 is cut');
	await sees('All its sheets are cut.');
	const left = await stock();
	assert.deepEqual(
		left.map(({ kind, present, reserved, place, lot }) => [kind, present, reserved, place, lot]),
		[
			['sheet', 2, 0, 'rack 1', ''],
			['offcut', 1, 0, 'shelf 2', ''],
			['offcut', 1, 0, '', '']
		]
	);
	const small = await keepJob(
		here.server.address,
		workedJob({ piece: { readings: { width: 60, height: 60 } }, borders: { way: 'even', width: 40 } })
	);
	await open('/cutting');
	await press('Cotton museum board, 4-ply, any colour');
	await sees(`${small} back mat`);
	await sees(/Offcut \d+ × \d+, (from shelf 2|in stock)/);
	await sees('No full sheet is used.');
});

test('two browsers reserve the same sheet: the second is told, and plans again', async () => {
	const { open, press, sees } = here.browser;
	for (const line of await stock()) await send(here.server.address, 'PUT', `/api/stock/${line.id}`, { present: 0 });
	await arrive(1);
	const number = await keepJob(here.server.address, workedJob({ title: 'Fog' }));
	const other = await openBrowser(here.server.address);
	// It hears nothing of what the first does.
	const tools = other.driver as unknown as { sendDevToolsCommand: (name: string, given: object) => Promise<void> };
	await tools.sendDevToolsCommand('Network.enable', {});
	await tools.sendDevToolsCommand('Network.setBlockedURLs', { urls: ['*/api/events*'] });
	try {
		await other.open('/cutting');
		await other.press('Cotton museum board, 4-ply, any colour');
		await other.sees('from rack 1');
		await open('/cutting');
		await press('Cotton museum board, 4-ply, any colour');
		await sees(`${number} back mat`);
		await press('Save plan and cut');
		await sees(/Cut 1 of \d+/);
		await other.press('Save plan and cut');
		await other.sees('another plan has');
	} finally {
		await other.quit();
	}
	await press('Cancel the rest');
	await sees('Save plan and cut');
	const [line] = await stock();
	assert.deepEqual([line?.present, line?.reserved], [1, 0]);
	// What is counted elsewhere is planned with at once.
	await press('Cotton museum board, 4-ply, any colour');
	await sees('from rack 1');
	await send(here.server.address, 'PUT', `/api/stock/${line!.id}`, { present: 0 });
	await here.browser.seesNo('from rack 1');
	await sees('Not in the shop yet');
});

test('a job is left out, what is stopped is not cut before somebody says so, and looking can be stopped', async () => {
	const { open, press, sees, seesNo } = here.browser;
	await here.loadDemo();
	await open('/cutting');
	await sees('Searching for better plans');
	await press('Stop searching');
	await seesNo('Stop searching');
	await press('Plain acrylic');
	await sees('K-0110 glazing');
	await press('K-0110 Ferry posters, twenty alike');
	await seesNo('K-0110 glazing');
	assert.equal(await (await here.browser.field('K-0106 Fog, charcoal study')).isSelected(), false);
});
