import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { workedJob } from '../jobs.ts';
import { keepJob, send } from '../running/server.ts';
import { Key, openBrowser, type Browser } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();

async function kept(number: string): Promise<{ rev: number; job: JobFile }> {
	return (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { rev: number; job: JobFile };
}

const valueOf = async (one: Browser, label: string) => (await one.field(label)).getAttribute('value');

test('two browsers on one job: the second sees both versions, field by field, and chooses', async (context) => {
	const number = await keepJob(here.server.address, workedJob());
	const other = await openBrowser(here.server.address);
	context.after(() => other.quit());
	await here.browser.open(`/jobs/${number}?at=window`);
	await openDeaf(other, number);
	await here.browser.type('Border width', '75');
	await here.browser.type('Wider at the bottom by', '12');
	await here.untilKept(number, 'both of the first’s figures', ({ borders }) => borders!.width === 75 && borders!.weight === 12);

	await other.type('Border width', '80');
	await other.sees('Someone else has changed this job');
	await other.sees('borders · width 80 75');
	// What only the first changed is theirs unless the second says otherwise.
	await other.sees('borders · weight 10 12');
	// A change made while both stand there is one of mine, not lost.
	await other.type('Overlap, each side', '7');
	await other.sees('window · overlap 7 6');
	await other.press('Save these choices');
	const settled = await here.untilKept(number, 'the chosen mixture', ({ window }) => window!.overlap === 7);
	assert.deepEqual(settled.borders, { way: 'weighted', width: 80, weight: 12 });

	// The first has heard of it; behind once more, it chooses theirs.
	await here.browser.sees('saved elsewhere');
	await openDeaf(here.browser, number);
	const { job, rev } = await kept(number);
	const written = { ...job, borders: { ...job.borders, width: 85 } };
	await send(here.server.address, 'PUT', `/api/jobs/${number}`, written, { 'if-match': `"${rev}"` });
	await here.browser.type('Border width', '90');
	await here.browser.sees('Someone else has changed this job');
	await here.browser.press('85');
	await here.browser.press('Save these choices');
	await here.browser.sees('saved');
	await here.browser.waitFor('the settled width', async () => (await valueOf(here.browser, 'Border width')) === '85');
	const revisions = (await (await fetch(`${here.server.address}/api/jobs/${number}/revisions`)).json()) as {
		revisions: unknown[];
	};
	assert.ok(revisions.revisions.length >= 3);
});

test('what another keeps is shown at once where nothing is unsent, and undo goes back to what was there', async (context) => {
	const number = await keepJob(here.server.address, workedJob());
	const other = await openBrowser(here.server.address);
	context.after(() => other.quit());
	for (const one of [here.browser, other]) await one.open(`/jobs/${number}?at=window`);
	await here.browser.type('Border width', '75');
	await other.sees('rev 2 · saved elsewhere');
	await other.waitFor('their width', async () => (await valueOf(other, 'Border width')) === '75');
	// A text that is no figure yet stays, and nothing is changed round it.
	await other.type('Border width', '12 in mm');
	await here.browser.type('Border width', '77');
	await here.browser.sees('rev 3 · saved');
	assert.equal(await valueOf(other, 'Border width'), '12 in mm');
	await other.keys(Key.ESCAPE);
	await other.type('Overlap, each side', '7');
	await other.sees('Someone else has changed this job');
	await other.press('Save these choices');
	await other.sees('rev 4 · saved');
	const { job } = await kept(number);
	assert.deepEqual([job.borders!.width, job.window!.overlap], [77, 7]);
});

test('a job is handed over and reopened in Record; another screen hears of it; an empty one is deleted', async (context) => {
	const number = await keepJob(here.server.address, workedJob({ title: 'Going home' }));
	const other = await openBrowser(here.server.address);
	context.after(() => other.quit());
	for (const one of [here.browser, other]) await one.open(`/jobs/${number}?at=record`);
	await here.browser.press('Handed over');
	// What is not done is said, and asked once.
	await here.browser.sees('It was never started at the bench.');
	await here.browser.press('Not yet');
	await other.sees('It stays on Today’s list until');
	await here.browser.press('Handed over');
	await here.browser.press('Hand over anyway');
	await here.browser.sees('It is off Today’s list');
	await other.sees('handed over');
	await here.browser.open('/');
	await here.browser.seesNo('Going home');
	await here.browser.open('/?find=going+home');
	await here.browser.sees('handed over');
	await other.press('Open');
	await other.sees('It stays on Today’s list until');
	await here.browser.open('/');
	await here.browser.sees('Going home');

	await here.browser.press('New piece');
	await here.browser.heading('Intake');
	await here.browser.station('Record');
	await here.browser.press('Delete it');
	await here.browser.sees('Going home');
	await here.browser.seesNo('not measured');
});

/** A page that hears nothing of others, as behind a connection that broke off. */
async function openDeaf(one: Browser, number: string): Promise<void> {
	await one.open('/');
	await one.driver.executeScript('window.EventSource = class extends EventTarget { close() {} };');
	await one.press(number);
	await one.heading('Window');
}

test('a fault stays where it was typed, says what to do, changes nothing, and outlives a reload', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=window`);
	for (const text of ['', '-3', '0', '12 in mm', '1/0', '6 m', '2400']) {
		await here.browser.type('Border width', text);
		const field = await here.browser.field('Border width');
		await here.browser.waitFor(`${text} to be refused`, async () => (await field.getAttribute('aria-invalid')) === 'true');
		const told = await here.browser.driver.executeScript<string>(
			'return document.getElementById(arguments[0].getAttribute("aria-describedby")).textContent',
			field
		);
		assert.ok(told.length > 12, `“${text}”: ${told}`);
	}
	await here.browser.type('Border width', '12 in mm');
	await here.browser.sees('577 × 736');
	await here.browser.sees('saved');
	assert.equal((await kept(number)).job.borders!.width, 70);

	await here.browser.driver.navigate().refresh();
	await here.browser.waitFor(
		'the text to be there again',
		async () => (await valueOf(here.browser, 'Border width')) === '12 in mm'
	);
	assert.equal(await (await here.browser.field('Border width')).getAttribute('aria-invalid'), 'true');
	await (await here.browser.field('Border width')).sendKeys(Key.ESCAPE);
	await here.browser.waitFor('the length to be back', async () => (await valueOf(here.browser, 'Border width')) === '70');

	// Good again: kept at once.
	await here.browser.type('Border width', '72.5');
	await here.browser.waitFor('it to be kept', async () => (await kept(number)).job.borders!.width === 72.5);
});

test('a stopped server: it is said, typing goes on, and all is sent when it is back, even by a later visit', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=window`);
	await here.stop();
	await here.browser.type('Border width', '81');
	await here.browser.sees('no connection to the server: entries are saved in this browser');
	await here.browser.type('Wider at the bottom by', '14');
	await here.browser.sees('599 × 762');
	await here.startAgain();
	await here.browser.sees('rev 2 · saved');
	assert.deepEqual((await kept(number)).job.borders, { way: 'weighted', width: 81, weight: 14 });

	await here.stop();
	await here.browser.type('Border width', '83');
	await here.browser.sees('no connection to the server: entries are saved in this browser');
	await here.browser.driver.get('about:blank');
	await here.startAgain();
	await here.browser.open(`/jobs/${number}?at=window`);
	await here.browser.sees('rev 3 · saved');
	assert.equal((await kept(number)).job.borders!.width, 83);
});

test('a page that is left while its save is on the way meets no second version of its own', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=window`);
	// What is sent arrives, and its answer never does.
	await here.browser.driver.executeScript(`
		const own = window.fetch;
		window.fetch = (to, how) => (how?.method === 'PUT' ? (own(to, how), new Promise(() => {})) : own(to, how));
	`);
	await here.browser.type('Border width', '81');
	await here.browser.waitFor('the first save', async () => (await kept(number)).job.borders!.width === 81);
	await here.browser.type('Wider at the bottom by', '14');
	await here.browser.sees('599 × 762');
	await here.browser.open(`/jobs/${number}?at=window`);
	await here.browser.sees('rev 3 · saved');
	assert.doesNotMatch(await here.browser.text(), /two versions/);
	assert.deepEqual((await kept(number)).job.borders, { way: 'weighted', width: 81, weight: 14 });
});

test('strokes are planned as they come, undo takes a whole entry back, and the field shows it', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=window`);
	await here.browser.type('Border width', '64');
	await here.browser.keys(Key.ARROW_UP, Key.ARROW_UP);
	assert.equal(await valueOf(here.browser, 'Border width'), '65');
	await here.browser.keys(Key.chord(Key.CONTROL, 'z'));
	await here.browser.waitFor('the width before', async () => (await valueOf(here.browser, 'Border width')) === '70');
	await here.browser.keys(Key.chord(Key.CONTROL, Key.SHIFT, 'z'));
	await here.browser.waitFor('the width again', async () => (await valueOf(here.browser, 'Border width')) === '65');
});
