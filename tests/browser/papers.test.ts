import assert from 'node:assert/strict';
import { test } from 'node:test';
import { stage } from './setup.ts';

const here = stage();

/** The page as it is printed: number of its pages, and the size of each in points. */
async function printed(): Promise<{ pages: number; sizes: Set<string> }> {
	await here.browser.settled();
	const driver = here.browser.driver as unknown as {
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

/** The fullest of each kind: two mats that lean, a lift, a filler, a metal kit, no mat, strips, a frame out of true. */
const FULLEST = ['K-0101', 'K-0103', 'K-0106', 'K-0108', 'K-0110', 'K-0111', 'K-0114'];

test('the job sheet is three pages at its own size: the fullest ones on Letter, which is shorter, and on A4', async () => {
	await here.loadDemo();
	for (const number of FULLEST) {
		await here.browser.open(`/jobs/${number}/sheet`);
		if (number === 'K-0101') assert.deepEqual(await printed(), { pages: 3, sizes: new Set(['595 × 842']) }, number);
		await here.browser.press('Letter');
		assert.deepEqual(await printed(), { pages: 3, sizes: new Set(['612 × 792']) }, number);
	}
});

test('the sheet of several windows: each sheet’s place, each opening’s stops, each board as it lies', async () => {
	await here.browser.open('/jobs/K-0112/sheet');
	for (const text of ['Window 1: Where it lies', 'Window 3: Where it lies', '2, window 3', 'Window 2: T-hinges'])
		await here.browser.sees(text);
	assert.deepEqual(await printed(), { pages: 4, sizes: new Set(['595 × 842']) });
});

test('the sheet of a float and of the customer’s frame leave out what they have not', async () => {
	await here.browser.open('/jobs/K-0107/sheet');
	await here.browser.sees('support, set back 548 × 748');
	await here.browser.seesNo('to within, across and down');
	await here.browser.open('/jobs/K-0114/sheet');
	await here.browser.sees('rabbet 397 × 494');
	await here.browser.seesNo('rails at the long points');
});

test('the back label is one label, with a code that leads to the job', async () => {
	await here.browser.open('/jobs/K-0104/label');
	assert.deepEqual(await printed(), { pages: 1, sizes: new Set(['283 × 198']) });
	await here.browser.sees('Kelp, cyanotype');
});

test('a piece without readings has a paper that says so', async () => {
	await here.browser.open('/');
	await here.browser.keys('n');
	await here.browser.heading('Intake');
	await here.browser.press('Job sheet');
	await here.browser.sees('The sheet is not measured yet');
});
