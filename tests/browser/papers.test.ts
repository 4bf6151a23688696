import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { loadDemo } from '../../scripts/load-demo.js';
import { newFolder, removeFolder, startServer, type Server } from '../running/server.ts';
import { openBrowser, type Browser } from './browser.ts';

const folder = newFolder();
let server: Server;
let browser: Browser;
before(async () => {
	server = await startServer(folder);
	await loadDemo(server.address, 'demo');
	browser = await openBrowser(server.address);
});
after(async () => {
	await browser?.quit();
	await server?.stop();
	removeFolder(folder);
});

/** The page as it is printed: number of its pages, and the size of each in points. */
async function printed(): Promise<{ pages: number; sizes: Set<string> }> {
	await browser.settled();
	const driver = browser.driver as unknown as {
		sendAndGetDevToolsCommand: (name: string, options: object) => Promise<{ data: string }>;
	};
	const { data } = await driver.sendAndGetDevToolsCommand('Page.printToPDF', { preferCSSPageSize: true });
	const text = Buffer.from(data, 'base64').toString('latin1');
	const boxes = [...text.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
	return {
		pages: [...text.matchAll(/\/Type \/Page\b/g)].length,
		sizes: new Set(boxes.map(([, width, height]) => `${Math.round(Number(width))} × ${Math.round(Number(height))}`))
	};
}

test('the job sheet of every demo piece is two pages, on A4 and on Letter, at its own size', async () => {
	for (const number of ['K-0101', 'K-0103', 'K-0104', 'K-0106', 'K-0116']) {
		await browser.open(`/jobs/${number}/sheet`);
		assert.deepEqual(await printed(), { pages: 2, sizes: new Set(['595 × 842']) }, number);
		await browser.press('Letter');
		assert.deepEqual(await printed(), { pages: 2, sizes: new Set(['612 × 792']) }, number);
	}
});

test('the back label is one label, with a code that leads to the job', async () => {
	await browser.open('/jobs/K-0104/label');
	assert.deepEqual(await printed(), { pages: 1, sizes: new Set(['283 × 198']) });
	await browser.sees('Kelp, cyanotype');
});

test('a piece without readings has a paper that says so', async () => {
	await browser.open('/');
	await browser.keys('n');
	await browser.heading('Measure');
	await browser.press('Job sheet');
	await browser.sees('The sheet is not measured yet');
});
