/** An empty house: what is asked once, what there is to look at, and the way to the first job sheet, key by key. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();
const run = <T>(script: string) => here.browser.driver.executeScript<T>(script);

test('an empty house says in three steps what there is to do, and asks once what papers begin with', async () => {
	const { browser } = here;
	await browser.open('/');
	for (const step of ['1 Measure', '2 Choose', '3 Print', 'Set up once']) await browser.heading(step);
	await browser.keys('n');
	await browser.waitFor('the question of the unit', () =>
		run('return document.activeElement.textContent.startsWith("Millimetres")')
	);
	await browser.sees('Do you measure in millimetres or inches?');
	await browser.open('/');
	await browser.press('Millimetres 402.5 mm');
	await browser.seesNo('Do you measure in millimetres or inches?');
	await browser.heading('Set up once');
	await browser.press('Save');
	await browser.sees('Enter a name of 1 to 80 letters: it is printed on labels and papers.');
	await browser.press('Letter');
	await browser.type('Shop name', 'Net Loft framing room');
	await browser.type('Currency, such as € or kr', 'kr');
	await browser.press('Save');
	await browser.seesNo('Set up once');
	await browser.open('/shop/details');
	assert.equal(await run('return document.querySelector("main input.input").value'), 'Net Loft framing room');
});

test('from the empty rack to a printed job sheet: forty keys at most', async () => {
	const { browser } = here;
	let strokes = 0;
	const keys = async (...typed: string[]) => {
		for (const text of typed) strokes += text.length;
		await browser.keys(...typed);
	};
	await browser.open('/');
	const start = Date.now();
	await keys('n');
	await browser.waitFor('the cursor in the title', () => run('return document.activeElement.matches("main input")'));
	await keys('Gull print', Key.ENTER, Key.ENTER, Key.ENTER, '300', Key.ENTER, '400', Key.ENTER);
	await browser.sees('Front, mm,');
	await keys('j');
	await browser.sees('Cut list, mm');
	await browser.sees('Net Loft framing room');
	assert.equal(await run('return document.querySelector(".paper-page").classList.contains("letter")'), true);
	console.log(
		`from an empty house to its first job sheet: ${strokes + 1} keys with Ctrl P, ${((Date.now() - start) / 1000).toFixed(1)} s`
	);
	assert.ok(strokes + 1 <= 40, `${strokes} keys`);
	await browser.open('/jobs/K-0101/label');
	await browser.sees('Net Loft framing room');
});

test('samples are for an empty house, and jobs like any other', async () => {
	const { browser, server } = here;
	const refused = await fetch(`${server.address}/api/samples`, { method: 'POST' });
	assert.equal(refused.status, 409);
	await fetch(`${server.address}/api/jobs/K-0101/state`, {
		method: 'PUT',
		headers: { 'content-type': 'application/json' },
		body: '{"state":"archived"}'
	});
	await browser.open('/');
	await browser.sees('Take in the first piece');
	await browser.seesNo('Load sample pieces');
});
