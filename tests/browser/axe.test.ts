import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { test } from 'node:test';
import { stage } from './setup.ts';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const here = stage();

/** What axe finds on the page as it stands. */
async function violations(): Promise<string[]> {
	const { driver } = here.browser;
	if (!(await driver.executeScript<boolean>('return "axe" in window'))) await driver.executeScript(axe);
	return driver.executeAsyncScript<string[]>(
		`const done = arguments[0];
		axe.run(document, { resultTypes: ['violations'], selectors: false }).then(({ violations }) => done(violations.flatMap(({ id, nodes }) => nodes.map((node) => id + ': ' + node.html.slice(0, 160)))));`
	);
}

async function holdsHere(where: string) {
	assert.deepEqual(await violations(), [], where);
}

async function holdsAt(path: string, then?: () => Promise<void>) {
	await here.browser.open(path);
	await then?.();
	await holdsHere(path);
}

test('axe finds nothing on an empty Today', () => holdsAt('/'));

test('axe finds nothing on Today, the workspace, the papers and the handbook', async () => {
	await here.loadDemo();
	await holdsAt('/');
	await holdsAt('/?find=nothing+of+the+kind');
	await holdsAt('/jobs/K-0101?at=intake');
	for (const station of ['Measure', 'Guard', 'Hold', 'Frame', 'Cut', 'Bench', 'Back', 'Wall', 'Record', 'Window']) {
		await here.browser.station(station);
		await holdsHere(station);
	}
	for (const view of ['Sheet', 'Corner', 'Section', 'Back', 'All three', 'On the wall', 'Compare', 'Layers', 'To cut']) {
		await here.browser.view(view);
		await holdsHere(view);
	}
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.press('Pack width'));
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.press('List of keys'));
	await holdsAt('/jobs/K-0101?at=window&view=front', () => here.browser.keys('z'));
	await holdsAt('/jobs/K-0101?at=window&view=compare', () => here.browser.press('Save as version A and keep editing'));
	for (const number of ['K-0110', 'K-0111', 'K-0114']) await holdsAt(`/jobs/${number}?at=frame`);
	await holdsAt('/jobs/K-0101?at=frame', () => here.browser.press('Try the shelf'));
	for (const number of ['K-0108', 'K-0117', 'K-0119']) await holdsAt(`/jobs/${number}?at=hold`);
	for (const number of ['K-0107', 'K-0109', 'K-0112', 'K-0115']) await holdsAt(`/jobs/${number}?at=window&view=front`);
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.type('Border width', '12 in mm'));
	await holdsAt('/jobs/K-0101?at=guard', () => here.browser.press('accept it, with a reason: '));
	await holdsAt('/light?job=K-0109', () => here.browser.sees('this pack'));
	for (const path of [
		'/jobs/K-0101/sheet',
		'/jobs/K-0104/label',
		'/handbook',
		'/handbook/window',
		'/handbook/findings',
		'/house/shop',
		'/house',
		'/house/rules',
		'/house/figures',
		'/stock/materials',
		'/stock/shelf',
		'/light',
		'/handbook/light',
		'/nowhere'
	])
		await holdsAt(path);
});

test('axe finds nothing in the hand, on a wide screen, and in the bench light', async () => {
	const { driver } = here.browser;
	for (const [width, height, look] of [
		[390, 844, 'day'],
		[390, 844, 'bench'],
		[768, 1024, 'day'],
		[1280, 800, 'bench'],
		[1920, 1080, 'bench']
	] as const) {
		await here.browser.inTheHand({ width, height });
		await driver.manage().addCookie({ name: 'look', value: look });
		for (const path of [
			'/',
			'/jobs/K-0101?at=window',
			'/jobs/K-0101?at=guard',
			'/jobs/K-0101?at=bench',
			'/jobs/K-0104/sheet',
			'/house/shop',
			'/stock/materials',
			'/handbook/window',
			'/light'
		]) {
			await here.browser.open(path);
			await holdsHere(`${path} at ${width}, ${look}`);
		}
	}
});
