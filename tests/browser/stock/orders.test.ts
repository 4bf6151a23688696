/** What is missing is ordered, arrives short and of another size, and is cut from. */
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { startCutter } from '../../../scripts/stand-ins/cutter.js';
import { startSupplier } from '../../../scripts/stand-ins/supplier.js';
import { workedJob } from '../../jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer, type Server } from '../../running/server.ts';
import { openBrowser, type Browser } from '../browser.ts';

const folder = newFolder();
let [server, browser]: [Server | null, Browser | null] = [null, null];
let standIns: { close: () => Promise<void> }[] = [];
const here = () => ({ server: server!, ...browser! });

before(async () => {
	const [cutter, supplier] = [await startCutter({ cutMs: 60 }), await startSupplier()];
	standIns = [cutter, supplier];
	server = await startServer(folder, 0, { CUTTER_URL: cutter.address, SUPPLIER_URL: supplier.address });
	browser = await openBrowser(server.address);
});
after(async () => {
	await browser?.quit();
	await server?.stop();
	for (const one of standIns) await one.close();
	removeFolder(folder);
});

test('an order that arrives short stays open; what came is in the rack', async () => {
	const { open, sees, press, type, choose, waitFor } = here();
	await keepJob(here().server.address, workedJob({ title: 'Tide chart' }));
	await open('/stock/orders');
	await sees('Cotton museum board, 4-ply 1016 × 813');
	await press('Put Cotton museum board, 4-ply 1016 × 813 on the order');
	await type('How many, Cotton museum board, 4-ply 1016 × 813', 'some');
	await sees('Enter how many, a whole number from 1.');
	await type('How many, Cotton museum board, 4-ply 1016 × 813', '6');
	await choose('simulated supplier delivers', 'half of it');
	await press('Send the order');
	await sees(/SIM-0001/);
	await press('ask the supplier');
	await sees('Part of it is on its way; the rest is out of stock.');
	await press('Goods arrived');
	await press('Receive');
	await sees('3 of 6 arrived');
	const { stock } = (await (await fetch(`${here().server.address}/api/stock`)).json()) as { stock: { present: number }[] };
	assert.deepEqual(
		stock.map(({ present }) => present),
		[3]
	);
	await press('Goods arrived');
	await type('how many, Cotton museum board, 4-ply 1016 × 813', '3');
	await type('width, Cotton museum board, 4-ply 1016 × 813', '1004');
	await press('Receive');
	await sees('A different size, still on order');
	await sees('3 of 6 arrived');
	await press('cancel the rest');
	await sees('Nothing on order.');
	await waitFor('both sizes in the rack', async () => {
		const answer = (await (await fetch(`${here().server.address}/api/stock`)).json()) as { stock: { width: number }[] };
		return (
			answer.stock
				.map(({ width }) => width)
				.sort()
				.join() === '1004,1016'
		);
	});
});

test('what is kept in stock is said when it runs low, and ordered by word', async () => {
	const { open, sees, press, type, choose } = here();
	await open('/stock/orders');
	await choose('what', 'hardware, tape, tissue');
	await press('Keep in stock');
	await sees('Enter the supplier.');
	await type('supplier', 'North Quay Boards');
	await type('reorder below', '10');
	await press('Keep in stock');
	await sees('0 free; under 10: 5');
	await press('Order 5 D-ring, narrow plate');
	await press('Ordered by phone');
	await sees('0 of 5 arrived');
	await sees('5 on order');
	await press('Stop stocking: D-ring, narrow plate');
	await sees('No stock levels set yet.');
});

test('the cutter fails half-way: what it made is marked, and it goes on from there', async () => {
	const { open, sees, press, driver, waitFor, heading } = here();
	await open('/cutting');
	await press('Cotton museum board, 4-ply, any colour');
	await sees('Blanks on this sheet');
	await press('Save plan and cut');
	await heading('Cotton museum board, 4-ply, any colour');
	await sees('Send to the cutter');
	await driver.executeScript("document.querySelector('.cutter input').click()");
	await press('Send to the cutter');
	await sees('The blade is jammed.');
	await sees(/[1-9]\d* of \d+ cuts made; continue with cut \d+/);
	await driver.navigate().refresh();
	await sees('The blade is jammed.');
	await driver.executeScript(
		"document.querySelector('.cutter input').checked && document.querySelector('.cutter input').click()"
	);
	const [, from] = /continue with cut (\d+)/.exec(await here().text()) ?? [];
	await press(`The cutter continues from cut ${from}`);
	await waitFor('the last cut', async () => /is cut\b/.test(await here().text()));
	await press('Sheet 1 is cut');
	await sees('All its sheets are cut.');
});

test('a blank stays where it lies and another is left out: the rest is cut again round it', async () => {
	const { open, sees, seesNo, press, waitFor, text } = here();
	const number = await keepJob(here().server.address, workedJob({ title: 'Lens' }));
	await send(here().server.address, 'POST', '/api/stock', {
		kind: 'sheet',
		material: 'cotton-4',
		width: 1524,
		height: 1016,
		count: 2
	});
	await open('/cutting');
	await press('Cotton museum board, 4-ply, any colour');
	await sees('Blanks on this sheet');
	await press(`Keep here ${number} back mat`);
	await sees(/keep here\s*✓/);
	await press(`Keep here ${number} back mat`);
	await waitFor('it to be free again', async () => !/keep here\s*✓/.test(await text()));
	await press(`Leave out ${number} back mat`);
	await sees('Left out');
	await press('put back');
	await seesNo('Left out');
});
