import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { readDay, showDay } from '../../../src/lib/ui/days.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();

async function openAt(station: string, changes: Partial<JobFile> = {}): Promise<string> {
	const number = await keepJob(here.server.address, workedJob(changes));
	await here.browser.open(`/jobs/${number}?at=${station}`);
	return number;
}

test('a day is read in the ways that people write it, month first where inches are read', () => {
	const today = new Date(2026, 10, 28);
	assert.equal(readDay('2026-12-03', 'mm', today, 'en-GB'), '2026-12-03');
	assert.equal(readDay('3 Dec 2026', 'mm', today, 'en-GB'), '2026-12-03');
	assert.equal(readDay('3.12.2026', 'mm', today, 'en-GB'), '2026-12-03');
	assert.equal(readDay('3/12/2026', 'mm', today, 'en-GB'), '2026-12-03');
	assert.equal(readDay('12/3/2026', 'in', today, 'en-GB'), '2026-12-03');
	assert.equal(readDay('3 Dec', 'mm', today, 'en-GB'), '2026-12-03');
	for (const none of ['', 'soon', '31.2.2026', '3.12.26']) assert.equal(readDay(none, 'mm', today, 'en-GB'), null, none);
	assert.equal(showDay('2026-12-03', 'en-GB'), '3 Dec 2026');
});

test('a board is found by a part of its name and taken with Enter; Esc puts the old one back', async () => {
	const number = await openAt('window');
	const { field, sees, keys } = here.browser;
	const board = await field('Board of mat 1');
	const before = await board.getAttribute('value');
	await board.click();
	await board.sendKeys(Key.chord(Key.CONTROL, 'a'), 'purif');
	await sees('Purified-pulp board, 4-ply');
	await keys(Key.ENTER);
	await here.untilKept(number, 'the board', (one) => one.mats![0]!.board === 'purified-4');
	assert.notEqual(await board.getAttribute('value'), before);
	await board.sendKeys(Key.chord(Key.CONTROL, 'a'), 'nothing like it');
	await sees('No match for “nothing like it”.');
	await keys(Key.ESCAPE);
	await here.browser.seesNo('No match for');
	await keys(Key.TAB);
	assert.equal(await board.getAttribute('value'), 'Purified-pulp board, 4-ply');
});

test('media: typed to find, one after the other, and the last taken off with Backspace', async () => {
	const number = await openAt('intake', { piece: { ...workedJob().piece, medium: [] } });
	const media = await here.browser.field('Media');
	await media.click();
	await media.sendKeys('charc');
	await here.browser.sees('charcoal');
	await here.browser.keys(Key.ENTER);
	await here.untilKept(number, 'charcoal', (job) => job.piece?.medium?.join() === 'charcoal');
	await media.sendKeys('watercol');
	await here.browser.waitFor('the list to narrow', async () =>
		here.browser.driver.executeScript<boolean>('return document.querySelectorAll("[role=option]").length === 1')
	);
	await here.browser.keys(Key.ENTER);
	await here.untilKept(number, 'watercolour', (job) => job.piece?.medium?.join() === 'charcoal,watercolour');
	await media.sendKeys(Key.ESCAPE, Key.BACK_SPACE, Key.BACK_SPACE);
	await here.untilKept(number, 'one medium left', (job) => job.piece?.medium?.join() === 'charcoal');
});

test('a day is typed or picked; what is no day is said, and the day before stays', async () => {
	const number = await openAt('intake');
	await here.browser.type('Due', '3 Dec 2026');
	await here.browser.keys(Key.TAB);
	await here.untilKept(number, 'the day', (job) => job.dates?.wanted === '2026-12-03');
	await here.browser.type('Due', 'soon');
	await here.browser.keys(Key.TAB);
	await here.browser.sees('“soon” is not a date. Enter it as 3 Dec 2026.');
	assert.equal((await here.kept(number)).dates?.wanted, '2026-12-03');
	await here.browser.press('Calendar: Due');
	await here.browser.sees('December 2026');
	await here.browser.press('Next month');
	await here.browser.sees('January 2027');
	const day = await here.browser.driver.findElement({ xpath: '//*[@data-part="table-cell-trigger" and normalize-space()="15"]' });
	await day.click();
	await here.untilKept(number, 'the picked day', (job) => job.dates?.wanted === '2027-01-15');
	await here.browser.type('Due', '');
	await here.browser.keys(Key.TAB);
	await here.untilKept(number, 'no day', (job) => job.dates?.wanted === undefined);
});

test('a removal says so and is undone where it is said; undone, it offers to redo', async () => {
	const number = await openAt('window');
	const mats = workedJob().mats!.length;
	await here.browser.press('remove mat 2');
	await here.browser.sees('Mat 2 removed.');
	await here.untilKept(number, 'one mat less', (job) => job.mats?.length === mats - 1);
	const undo = await here.browser.driver.findElement({ css: '[data-scope=toast] [data-part=action-trigger]' });
	await undo.click();
	await here.browser.sees('Undone.');
	await here.untilKept(number, 'the mat again', (job) => job.mats?.length === mats);
	assert.deepEqual((await here.kept(number)).mats, workedJob().mats);
	// The word that was pressed has gone; what it led to stays to be read and pressed.
	await here.browser.seesNo('Mat 2 removed.');
	await here.browser.driver.findElement({ css: '[data-scope=toast] [data-part=action-trigger]' }).click();
	await here.browser.sees('Redone.');
	await here.untilKept(number, 'one mat less again', (job) => job.mats?.length === mats - 1);
	// Another page has nothing to do with it; another station of the job has.
	await here.browser.station('Hold');
	await here.browser.sees('Redone.');
	await here.browser.press('Places');
	await here.browser.press('Today');
	await here.browser.sees('What each piece needs next');
	assert.deepEqual(await here.browser.driver.findElements({ css: '[data-scope=toast][data-part=root][data-state=open]' }), []);
});

test('every paper and file is reached from the menu on the bar, by keys too', async () => {
	const number = await openAt('window');
	await (await here.browser.button('Papers and files')).sendKeys(Key.ENTER);
	await here.browser.sees('Files, in mm');
	const offered = await here.browser.driver.executeScript<string[]>(
		'return [...document.querySelectorAll("[role=menuitem]")].map((one) => one.getAttribute("href"))'
	);
	assert.deepEqual(offered.slice(0, 2), [`/jobs/${number}/sheet`, `/jobs/${number}/label`]);
	for (const href of offered) assert.equal((await fetch(here.server.address + href)).status, 200, href);
	await here.browser.keys(Key.ARROW_DOWN, Key.ENTER);
	await here.browser.waitFor('a paper', async () => (await here.browser.driver.getCurrentUrl()).includes(`/jobs/${number}/`));
	assert.match(await here.browser.driver.getCurrentUrl(), /\/(sheet|label)$/);
});

test('revisions stand on pages once there are many', async () => {
	const number = await keepJob(here.server.address, workedJob());
	for (let rev = 1; rev <= 24; rev += 1) {
		const sent = await fetch(`${here.server.address}/api/jobs/${number}`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
			body: JSON.stringify(workedJob({ title: `Title ${rev}` }))
		});
		assert.equal(sent.status, 200);
	}
	await here.browser.open(`/jobs/${number}?at=record`);
	const revisions = () =>
		here.browser.driver.executeScript<string[]>(
			'return [...document.querySelectorAll("main .rev")].map((one) => one.textContent)'
		);
	await here.browser.waitFor('the newest', async () => (await revisions())[0] === '25');
	assert.equal((await revisions()).length, 20);
	await here.browser.press('Next page');
	await here.browser.waitFor('the oldest', async () => (await revisions()).at(-1) === '1');
});

test('a why stands beside the figure that was pressed, follows the figure, and Esc leads back to it', async () => {
	await openAt('window');
	const boxes = () =>
		here.browser.driver.executeScript<{ why: DOMRect; figure: DOMRect } | null>(
			'const why = document.querySelector(".why"); const figure = document.querySelector("main .figure"); return why && { why: why.getBoundingClientRect().toJSON(), figure: figure.getBoundingClientRect().toJSON() };'
		);
	await here.browser.press(await firstFigure());
	await here.browser.waitFor('it to stand beside the figure', async () => {
		const at = await boxes();
		return at !== null && at.why.left >= at.figure.right && Math.abs(at.why.top - at.figure.top) < 300;
	});
	await here.browser.keys(Key.ESCAPE);
	await here.browser.waitFor('it to be closed, the figure in focus', async () =>
		here.browser.driver.executeScript<boolean>(
			'return document.querySelector(".why") === null && document.activeElement.classList.contains("figure")'
		)
	);
});

async function firstFigure(): Promise<string> {
	return here.browser.driver.executeScript<string>('return document.querySelector("main .figure").getAttribute("aria-label")');
}
