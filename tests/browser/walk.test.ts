import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';
import { walk } from './the-walk.ts';

const here = stage();

test('the whole walk, on the embedded database', () => walk(here.browser, here.server.address));

test('keys: stations, views, the list of keys, a figure says why and gives the focus back', async () => {
	const { keys, sees, seesNo, heading } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ unit: 'in' }));
	await here.browser.open(`/jobs/${number}`);
	await keys('2');
	await heading('Measure');
	// Measure opens the sheet, with the cursor in its first field.
	await sees('The sheet as measured, in,');
	await keys(Key.ESCAPE, ']', ']', ']', ']');
	await sees('Back, in,');
	await keys('[');
	await sees('Section at the rabbet, in,');
	await keys('3');
	const figure = await here.browser.button('Pack width');
	await figure.sendKeys(Key.ENTER);
	await sees('Handbook: window, ');
	await keys(Key.ESCAPE);
	await seesNo('Handbook: window, ');
	const focused = await here.browser.driver.executeScript<string>('return document.activeElement.getAttribute("aria-label")');
	assert.match(focused, /^Pack width/);
	await here.browser.open('/');
	await keys('?');
	await sees('new piece');
});
