/** Drawings of every demo piece stay in their place: no figure is cut off at an edge or lies on another, in either unit. */
import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { test } from 'node:test';
import { stage } from './setup.ts';

const here = stage();
const run = <Value>(script: string) => here.browser.driver.executeScript<Value>(script);

/** Figures of the page's drawings that reach out of their drawing, and pairs that lie on each other. */
const MISPLACED = `
	const wrong = [];
	let looked = 0;
	for (const figure of [...document.querySelectorAll('figure')].filter((one) => one.checkVisibility())) {
		const svg = figure.querySelector(':scope > svg');
		if (!svg) continue;
		const place = svg.getBoundingClientRect();
		const texts = [...svg.querySelectorAll('text')].filter((text) => text.textContent.trim() !== '').map((text) => ({ says: text.textContent.trim(), box: text.getBoundingClientRect() }));
		looked += texts.length;
		const title = svg.getAttribute('aria-label').slice(0, 40);
		for (const { says, box } of texts) {
			if (box.left < place.left - 1 || box.right > place.right + 1 || box.top < place.top - 1 || box.bottom > place.bottom + 1)
				wrong.push(title + ': “' + says + '” is cut off');
		}
		for (const [index, one] of texts.entries())
			for (const other of texts.slice(index + 1)) {
				const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
				const down = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
				// Boxes have air round their letters.
				if (across > 4 && down > 6) wrong.push(title + ': “' + one.says + '” lies on “' + other.says + '”');
			}
	}
	return [wrong, looked];
`;

const NUMBERS = readdirSync('demo/jobs').map((name) => name.replace('.json', ''));

for (const unit of ['mm', 'in'] as const)
	test(`every figure of every drawing lies in its place and on no other, read in ${unit}`, async () => {
		await here.browser.open('/');
		if (unit === 'mm') await here.loadDemo();
		await run(`document.cookie = 'reads=${unit}; path=/'`);
		const wrong: string[] = [];
		for (const number of NUMBERS)
			for (const view of ['sheet', 'front', 'section', 'back', 'all']) {
				await here.browser.open(`/jobs/${number}?at=frame&view=${view}`);
				await here.browser.settled();
				const [misplaced, looked] = await run<[string[], number]>(MISPLACED);
				// Without a frame there is no back yet.
				assert.ok(looked >= 2 || (number === 'K-0118' && view === 'back'), `${number} ${view}: ${looked} figures`);
				wrong.push(...misplaced.map((one) => `${number} ${view}: ${one}`));
			}
		assert.deepEqual(wrong, []);
	});

/** What reaches out of the panel sideways: a figure there is not read, however right it is. */
const TOO_WIDE = `
	const panel = document.querySelector('section.panel');
	// A word that is pressed has its place to press round it.
	const right = panel.getBoundingClientRect().right + 10;
	return [...panel.querySelectorAll('dd, dt, td, th, p, h2, button, input, select, figure')]
		.filter((one) => one.checkVisibility() && !one.closest('.seen-by-readers') && one.getBoundingClientRect().right > right)
		.map((one) => one.tagName + ' “' + one.textContent.trim().slice(0, 40) + '”');
`;
const STATIONS = ['Intake', 'Measure', 'Window', 'Guard', 'Hold', 'Frame', 'Cut', 'Bench', 'Back', 'Wall', 'Record'];

test('every station of every demo piece opens, and its panel is no wider than its place; every other piece read in inches', async () => {
	await here.browser.open('/');
	const wrong: string[] = [];
	for (const [index, number] of NUMBERS.entries()) {
		await run(`document.cookie = 'reads=${index % 2 === 0 ? 'mm' : 'in'}; path=/'`);
		await here.browser.open(`/jobs/${number}?at=intake&view=front`);
		for (const [at, station] of STATIONS.entries()) {
			await run(`document.querySelectorAll('nav[aria-label^="Stations"] button')[${at}].click()`);
			await here.browser.waitFor(`${station} of ${number}`, () =>
				run<boolean>(`return document.querySelector('section.panel')?.getAttribute('aria-label') === '${station}'`)
			);
			await here.browser.settled();
			wrong.push(...(await run<string[]>(TOO_WIDE)).map((one) => `${number} ${station}: ${one}`));
			const [misplaced] = await run<[string[], number]>(MISPLACED);
			wrong.push(...misplaced.map((one) => `${number} ${station}: ${one}`));
		}
	}
	assert.deepEqual(wrong, []);
});
