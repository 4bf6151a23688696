/** Jobs that begin with what is there, each through the screens from “new piece” to hand-over, by labels and keys. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { planSingle } from '../jobs.ts';
import { begin } from './begin-run.ts';
import { Key, type Browser } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();

type Entry = (browser: Browser) => Promise<void>;
const at =
	(station: string): Entry =>
	async ({ station: open, settled, driver }) => {
		await driver.executeScript('document.activeElement.blur()');
		await open(station);
		await settled();
	};
const typed =
	(fields: Record<string, string>): Entry =>
	async ({ type }) => {
		for (const [label, text] of Object.entries(fields)) await type(label, text);
	};
const chosen =
	(fields: Record<string, string>): Entry =>
	async ({ choose }) => {
		for (const [label, option] of Object.entries(fields)) await choose(label, option);
	};
const pressed =
	(...names: string[]): Entry =>
	async ({ press }) => {
		for (const name of names) await press(name);
	};

/** Every step of the run by Space; what is asked is answered, what still dries is forced with its reason. @returns the steps done */
async function run(browser: Browser, number: string): Promise<string[]> {
	const { open, keys, driver, text, waitFor } = browser;
	await open(`/jobs/${number}/bench`);
	const now = () =>
		driver.executeScript<[string | null, string]>(
			'return [document.querySelector("nav [aria-current=step]")?.closest("li").dataset.step ?? null, document.querySelector("main h2")?.textContent ?? ""]'
		);
	await begin(browser);
	await waitFor('the run to begin', async () => (await now())[0] !== null);
	const did: string[] = [];
	for (let turn = 0; turn < 60; turn += 1) {
		const [step, heading] = await now();
		if (heading === 'Done') return did;
		if (step === 'hang' || step === 'rings') await keys('y');
		await keys(' ');
		if (/Reason for overriding the lock/.test(await text())) await keys('Dry, looked at', Key.ENTER);
		await waitFor(`the step after ${step}`, async () => {
			const [next, title] = await now();
			return next !== step || title === 'Done';
		});
		did.push(step!);
	}
	throw new Error(`The run does not end: ${did.join(', ')}`);
}

async function fromNewToHandOver(
	unit: 'mm' | 'inch',
	title: string,
	entries: Entry[]
): Promise<{ file: JobFile; did: string[] }> {
	const { browser } = here;
	const { open, keys, press, heading, type, driver, sees } = browser;
	await open('/');
	await sees(/The rack is empty|K-0/);
	// A house is asked once, on its first run.
	if (/Millimetres\s+402\.5 mm/.test(await browser.text())) await press('Millimetres 402.5 mm');
	await keys('n');
	await heading('Intake');
	const number = /K-\d+/.exec(await driver.getCurrentUrl())![0];
	await press(unit);
	await type('Title of the job', title);
	await keys(Key.ENTER);
	for (const entry of entries) await entry(browser);
	await driver.executeScript('document.activeElement.blur()');
	await sees(/saved \d\d:\d\d/);
	const file = await here.untilKept(number, 'its title', (job) => job.title === title);
	const did = await run(browser, number);
	await open(`/jobs/${number}?at=record`);
	await press('Handed over');
	await browser.waitFor('an answer', async () => /Not done yet|It is off Today’s list/.test(await browser.text()));
	if (/Not done yet/.test(await browser.text())) await press('Hand over anyway');
	await sees('It is off Today’s list');
	return { file, did };
}

const before = (list: string[], one: string, other: string) =>
	assert.ok(list.includes(one) && list.indexOf(one) < list.indexOf(other), `${one} before ${other}: ${list.join(', ')}`);

test('an ink piece in a bought set: its mat, then its frame, measured; what may not stay is replaced', async () => {
	const { file, did } = await fromNewToHandOver('inch', 'Ink piece in a bought set', [
		pressed('Keep'),
		async ({ field, choose, keys }) => {
			await (await field('Media')).click();
			await choose('Media', 'black printing ink');
			await keys(Key.ESCAPE);
		},
		at('Measure'),
		typed({ Width: '8 7/8', Height: '12' }),
		at('Window'),
		pressed('Ready-cut'),
		typed({
			'Opening width, mat 1': '8 3/8',
			'Opening height, mat 1': '11 1/2',
			'Outer width, mat 1': '15 7/8',
			'Outer height, mat 1': '19 7/8'
		}),
		at('Frame'),
		pressed('Customer’s frame'),
		typed({ Width: '16', Height: '20', Face: '3/4', Lip: '1/4', Depth: '1', 'Rabbet depth': '5/8' }),
		chosen({
			'Its glazing': 'stays: plain glass',
			'Its back': 'stays: hardboard',
			'Its points or tabs': 'stay: flexible points'
		}),
		typed({ 'How many in all': '10' }),
		pressed('Back: alkaline corrugated board', 'UV acrylic')
	]);
	const plan = planSingle(file);
	assert.deepEqual([plan.fits, file.frame?.replaced, file.borders], [true, ['back', 'glazing'], undefined]);
	before(did, 'ready-frame', 'cut-boards');
	before(did, 'cut-boards', 'close-pack');
});

test('a photograph in a ready-made frame that hangs by the tag on its back', async () => {
	const { file, did } = await fromNewToHandOver('mm', 'Photo in a ready-made frame', [
		pressed('Show'),
		chosen({ Support: 'Photograph' }),
		at('Measure'),
		typed({ Width: '203', Height: '254' }),
		at('Frame'),
		pressed('Customer’s frame'),
		typed({ Width: '303', Height: '403', Face: '22', Lip: '8', Depth: '25', 'Rabbet depth': '16' }),
		chosen({ 'Its glazing': 'removed', 'Its back': 'stays: hardboard', 'Its hangers': 'stay: hanging tag' }),
		at('Wall'),
		typed({ 'Hanging tag down from the top by': '26' })
	]);
	const { hang, frame, fits } = planSingle(file);
	assert.deepEqual([hang!.by, file.borders?.way, fits], ['tag', 'fit', true], 'its borders follow the frame');
	const centre = hang!.hooks[0]!.height - (frame!.outer.height / 2 - 26);
	assert.ok(centre > 1490 && centre < 1510, `the nail stands ${hang!.hooks[0]!.height} above the floor`);
	before(did, 'ready-frame', 'close-pack');
});

test('a cover and rings on a frame that stays closed, weighed in pounds and ounces', async () => {
	const { file, did } = await fromNewToHandOver('inch', 'Cover and rings', [
		chosen({ 'Scope of work': 'A new back, and hung' }),
		at('Frame'),
		typed({
			'Outer width': '18 1/2',
			'Outer height': '22 1/2',
			'Thickness of the pack': '3/8',
			Face: '1',
			Lip: '1/4',
			Depth: '1 1/8',
			'Rabbet depth': '5/8',
			'Weight, lb, oz': '5 lb 4 oz'
		}),
		at('Back'),
		pressed('Dust cover over the whole back')
	]);
	assert.ok(Math.abs(Number(file.given!.mass) - 2.381) < 0.001, String(file.given!.mass));
	before(did, 'seal', 'dust-cover');
	before(did, 'dust-cover', 'hang');
});
