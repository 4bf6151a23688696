/** The shop's two houses: a figure is found by its name, changed, refused in place, kept, and jobs follow. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Key } from 'selenium-webdriver';
import type { WrittenFigure } from '../../core/shop/own-house.ts';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { stage } from './setup.ts';

const here = stage();
const kept = async () =>
	((await (await fetch(`${here.server.address}/api/shop/house`)).json()) as { house: WrittenFigure[] }).house;
const valueOf = async (label: string) => (await here.browser.field(label)).getAttribute('value');

test('a house figure is found, a slip is said beside it and nothing that was typed is lost', async () => {
	const { browser } = here;
	await browser.open('/shop/defaults');
	await browser.heading('Defaults');
	await browser.type('Find', 'border width');
	await browser.type('border width, cut in millimetres', '80 parsecs');
	await browser.sees('is not a unit');
	assert.equal(await valueOf('border width, cut in millimetres'), '80 parsecs');
	assert.deepEqual(await kept(), []);
	await browser.type('border width, cut in millimetres', '80');
	await browser.type('border width, cut in inches', '3 1/4');
	await browser.type('border width: our reason', 'As the trust asks');
	await browser.press('See which jobs change');
	await browser.press('Save the change');
	await browser.sees('Saved. Jobs use these figures from now on.');
	await browser.sees('2 of your own');
	assert.deepEqual(await kept(), [
		{ house: 'mm', figure: 'borderWidth', value: '80', because: 'As the trust asks' },
		{ house: 'in', figure: 'borderWidth', value: '3 1/4', because: 'As the trust asks' }
	]);
});

test('each job follows the house of the unit that it is cut in, and follows it back', async () => {
	const { browser, server } = here;
	const { borders: _, ...bare } = workedJob();
	const metric = await keepJob(server.address, { ...bare, unit: 'mm' });
	const inches = await keepJob(server.address, { ...bare, unit: 'in' });
	await browser.open(`/jobs/${metric}?at=window`);
	assert.equal(await valueOf('Border width'), '80');
	await browser.open(`/jobs/${inches}?at=window`);
	assert.equal(await valueOf('Border width'), '3 1⁄4');
	await browser.open('/shop/defaults');
	await browser.type('Find', 'border width');
	await browser.press('default: 70 mm');
	await browser.press('See which jobs change');
	await browser.sees(`${metric}`);
	await browser.sees('1 of 2 open jobs is changed by it:');
	await browser.press('Save the change');
	await browser.sees('Saved. Jobs use');
	assert.deepEqual(await kept(), [{ house: 'in', figure: 'borderWidth', value: '3 1/4', because: 'As the trust asks' }]);
});

test('two people change the houses: the second is told, and keeps what was typed', async () => {
	const { browser, server } = here;
	await browser.open('/shop/defaults');
	await browser.type('Find', 'gutter');
	const before = await fetch(`${server.address}/api/shop/house`);
	const { rev } = (await before.json()) as { rev: number };
	await fetch(`${server.address}/api/shop/house`, {
		method: 'PUT',
		headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
		body: JSON.stringify({ house: [] })
	});
	await browser.type('gutter between windows, cut in millimetres', '50');
	await browser.press('See which jobs change');
	await browser.press('Save the change');
	await browser.sees('Someone else has changed the list');
	assert.equal(await valueOf('gutter between windows, cut in millimetres'), '50');
	assert.deepEqual(await kept(), []);
});

test('the shop’s side where practitioners differ: seen in its jobs before it is kept, with a reason, and taken back', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open('/shop/ways');
	await browser.heading('Ways of working');
	const quarter = await browser.driver.findElement({ css: '#ring-drop label:nth-of-type(2) input' });
	await quarter.click();
	await browser.type('Drop of the rings: our reason', 'Our walls lean');
	await browser.keys(Key.TAB);
	await browser.press('See which jobs change');
	await browser.sees(number);
	await browser.sees('other figures at Wall');
	await browser.press('Save the change');
	await browser.sees('Saved. Jobs are planned this way from now on.');
	const sides = async () => ((await (await fetch(`${server.address}/api/shop/schools`)).json()) as { schools: unknown }).schools;
	assert.deepEqual(await sides(), [{ school: 'ring-drop', option: 'quarter', because: 'Our walls lean' }]);
	await browser.press('drop of the rings: default');
	await browser.press('See which jobs change');
	await browser.press('Save the change');
	await browser.sees('Saved. Jobs are planned this way from now on.');
	assert.deepEqual(await sides(), []);
});

test('the shop’s own words and a step of its own: kept, at the bench of every job, and taken back', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	const keptSteps = async () =>
		((await (await fetch(`${server.address}/api/shop/steps`)).json()) as { steps: { step: string }[] }).steps;
	await browser.open('/shop/steps');
	await browser.heading('Steps');
	await browser.press('edit: Tape the back');
	await browser.type('Tape the back: Minutes of work', 'soon');
	await browser.sees('Enter minutes of work from 0 to 600.');
	await browser.type('Tape the back: Minutes of work', '7.5');
	await browser.type('Tape the back: sentences', 'Press it down with the bone.');
	await browser.press('own step after it: Tape the back');
	await browser.sees('Your own step needs a title.');
	await browser.keys('Stamp the tape');
	await browser.press('Save the change');
	await browser.sees('Saved. Every bench has it now.');
	assert.deepEqual(await keptSteps(), [
		{ step: 'seal', says: ['Press it down with the bone.'], minutes: 7.5 },
		{ step: 'own:seal:1', title: 'Stamp the tape', says: [] }
	]);
	await browser.open(`/jobs/${number}?at=bench`);
	await browser.sees('Press it down with the bone.');
	await browser.sees('Stamp the tape');
	await browser.open('/shop/steps');
	await browser.press('remove Stamp the tape');
	await browser.press('Save the change');
	await browser.sees('Saved. Every bench has it now.');
	assert.deepEqual(
		(await keptSteps()).map(({ step }) => step),
		['seal']
	);
});

test('where the shop’s pages stood before still leads to them, with what was asked', async () => {
	const { browser, server } = here;
	for (const [before, now] of [
		['/house', '/shop'],
		['/house/figures?find=gutter', '/shop/defaults?find=gutter'],
		['/house/schools', '/shop/ways'],
		['/house/shop', '/shop/details']
	] as const) {
		const answer = await fetch(server.address + before, { redirect: 'manual' });
		assert.deepEqual([answer.status, answer.headers.get('location')], [308, now], before);
	}
	await browser.open('/house/steps');
	await browser.heading('Steps');
	assert.match(await browser.driver.getCurrentUrl(), /\/shop\/steps$/);
});
