/** The one find and the list of keys: on every screen, from the keys alone, and with a finger. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();
const run = <T>(script: string) => here.browser.driver.executeScript<T>(script);
const isOpen = () => run<boolean>('return document.activeElement?.id === "find-anything"');
const path = () => run<string>('return location.pathname');
after(() => here.browser.inTheHand(null).catch(() => {}));

test('“/”, Ctrl K and “?” on every screen; Esc closes them', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ title: 'Terns over the bar' }));
	const screens = [
		'/',
		`/jobs/${number}`,
		`/jobs/${number}/bench`,
		`/jobs/${number}/sheet`,
		`/jobs/${number}/cost`,
		'/cutting',
		'/bench'
	];
	screens.push('/stock/materials', '/stock/sheets', '/stock/shelf', '/stock/orders', '/walls', '/level', '/light', '/handbook');
	screens.push('/trainer', '/shop', '/shop/details', '/shop/rules', '/shop/defaults', '/shop/ways', '/shop/steps');
	const dead: string[] = [];
	const opens = async (screen: string, what: string, check: () => Promise<boolean>) =>
		browser.waitFor(what, check).catch(() => void dead.push(`${screen}: ${what}`));
	for (const screen of screens) {
		await browser.open(screen);
		await run('document.activeElement?.blur()');
		await browser.keys('/');
		await opens(screen, 'the find by /', isOpen);
		await browser.keys(Key.ESCAPE);
		await opens(
			screen,
			'no find after Esc',
			async () => !(await run<boolean>('return document.getElementById("find-anything") !== null'))
		);
		await browser.keys('?');
		await opens(screen, 'the list of keys', () => run<boolean>('return document.querySelector(".keys") !== null'));
		await browser.keys(Key.ESCAPE);
	}
	assert.deepEqual(dead, []);
	await browser.open('/shop/details');
	await run('document.querySelector("main input[type=text], main input:not([type])").focus()');
	await browser.keys('/');
	assert.equal(await isOpen(), false, 'in a field it is a letter');
	await browser.keys(Key.chord(Key.CONTROL, 'k'));
	await browser.waitFor('the find from within a field', isOpen);
});

test('typed, arrowed, Enter: a piece, a place, something to do; and what there is none of', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ title: 'Oyster catchers' }));
	await browser.open('/handbook');
	await browser.keys('/');
	await browser.waitFor('the find', isOpen);
	await browser.keys('oystre catchers');
	await browser.sees(`${number} Oyster catchers`);
	await browser.keys(Key.ENTER);
	await browser.waitFor('the piece', async () => (await path()) === `/jobs/${number}`);
	await run('document.activeElement?.blur()');
	await browser.keys('/');
	await browser.waitFor('the find again', isOpen);
	await browser.keys('nothing of that name');
	await browser.sees('Nothing here is called “nothing of that name”.');
	await browser.keys(Key.chord(Key.CONTROL, 'a'), 'stock');
	await browser.sees('Sheets and sticks in stock');
	const chosen = () => run<string>('return document.querySelector("#found [aria-selected=true] span").textContent');
	const first = await chosen();
	await browser.keys(Key.ARROW_DOWN);
	await browser.waitFor('the next one', async () => (await chosen()) !== first);
	await browser.keys(Key.ARROW_UP);
	await browser.waitFor('the first again', async () => (await chosen()) === first);
	await browser.keys(Key.chord(Key.CONTROL, 'a'), 'level', Key.ENTER);
	await browser.waitFor('the level', async () => (await path()) === '/level');
	await browser.keys('/');
	await browser.waitFor('the find once more', isOpen);
	await browser.keys('list of keys');
	await browser.sees('List of keys');
	await browser.keys(Key.ENTER);
	await browser.sees('draw a zone on the sheet');
});

test('with a finger: a button on the bar, and a piece is opened by it', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ title: 'Knots at low water' }));
	await browser.inTheHand({ width: 390, height: 844 });
	await browser.open('/cutting');
	await browser.press('Find anything');
	await browser.waitFor('the find', isOpen);
	await browser.keys('knots');
	await browser.waitFor('the piece among what was found', () =>
		run<boolean>(`return (document.querySelector('#found [role=option]')?.textContent ?? '').startsWith('${number}')`)
	);
	await run('document.querySelector("#found [role=option]").click()');
	await browser.waitFor('the piece', async () => (await path()) === `/jobs/${number}`);
	await browser.inTheHand(null);
});

test('one Esc leaves a field, a list that hangs open too; then the keys are commands', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ title: 'Sandpipers' }));
	await browser.open(`/jobs/${number}?at=intake`);
	await run('document.querySelector("main [data-scope=combobox] input").focus()');
	await browser.keys(Key.ARROW_DOWN);
	await browser.waitFor('the list', () =>
		run('return document.querySelector("[data-scope=combobox][data-part=content]") !== null')
	);
	await browser.keys(Key.ESCAPE);
	await browser.waitFor('the field left', () => run('return document.activeElement === document.body'));
	await browser.keys('5');
	await browser.heading('Hold');
	await browser.waitFor('the first field of Hold', () => run('return document.activeElement.closest("main") !== null'));
	await browser.keys(Key.ESCAPE, '0');
	await browser.heading('Wall');
});
