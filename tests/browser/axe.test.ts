import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { test } from 'node:test';
import { stage } from './setup.ts';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const here = stage();

/** Rules that another look can break: the rest is of what stands on the page, whatever its colours. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/** What axe finds on the page as it stands. @param rules all of its rules unless some are named */
async function violations(rules?: readonly string[]): Promise<string[]> {
	const { driver } = here.browser;
	if (!(await driver.executeScript<boolean>('return "axe" in window'))) await driver.executeScript(axe);
	return driver.executeAsyncScript<string[]>(
		`const [rules, done] = arguments;
		axe.run(document, { resultTypes: ['violations'], selectors: false, ...(rules ? { runOnly: rules } : {}) }).then(({ violations }) => done(violations.flatMap(({ id, nodes }) => nodes.map((node) => id + ': ' + node.html.slice(0, 160)))));`,
		rules ?? null
	);
}

async function holdsHere(where: string) {
	assert.deepEqual(await violations(), [], where);
}

/** Rules that another place or size on the page can break; the rest is of what is shown, wherever it stands. */
const OF_LAYOUT = [...OF_COLOURS, 'scrollable-region-focusable', 'skip-link', 'region', 'target-size'];

/** What is shown and in which colours, element by element, as one figure. */
const SHOWN = `let sum = 0;
	const add = (text) => { for (let at = 0; at < text.length; at += 1) sum = (Math.imul(sum, 31) + text.charCodeAt(at)) | 0; };
	for (const one of document.body.querySelectorAll('*')) {
		if (!one.checkVisibility({ visibilityProperty: true, opacityProperty: true })) add('-');
		else { const style = getComputedStyle(one); add(one.localName + style.color + style.backgroundColor); }
	}
	return sum;`;

/**
 * By day all of it, in the bench light its colours. Where a size shows just what one before it showed, all of that is known: it is looked
 * at for what its layout can break.
 * @param known what was shown at the sizes before
 */
async function holdsInBothLooks(where: string, known: Set<number>) {
	const shown = await here.browser.driver.executeScript<number>(SHOWN);
	if (known.has(shown)) {
		assert.deepEqual(await violations(OF_LAYOUT), [], `${where}, day`);
		return;
	}
	known.add(shown);
	await holdsHere(`${where}, day`);
	const look = (name: string) => here.browser.driver.executeScript('document.documentElement.dataset.look = arguments[0]', name);
	await look('bench');
	assert.deepEqual(await violations(OF_COLOURS), [], `${where}, bench light`);
	await look('day');
}

const SIZES = [
	{ width: 390, height: 844 },
	{ width: 768, height: 1024 },
	{ width: 1280, height: 800 },
	{ width: 1920, height: 1080 }
] as const;

/** A screen of each kind. */
const SCREENS = [
	'/',
	'/jobs/K-0101?at=window',
	'/jobs/K-0101?at=guard',
	'/jobs/K-0101?at=bench',
	'/jobs/K-0104/sheet',
	'/jobs/K-0101/cost',
	'/jobs/K-0104/quote',
	'/shop/details',
	'/stock/materials',
	'/stock/sheets',
	'/stock/orders',
	'/cutting',
	'/bench',
	'/jobs/K-0104/bench',
	'/shop/steps',
	'/trainer',
	'/walls',
	'/walls/1',
	'/level',
	'/jobs/K-0104/care',
	'/handbook/window',
	'/light'
];

/** Whether something was pressed on the page, which stays so as long as the program is loaded. */
let pressed = true;

/** The program stays loaded, and axe with it, as long as nothing was pressed. */
async function holdsAt(path: string, then?: () => Promise<void>) {
	await (pressed ? here.browser.open : here.browser.follow)(path);
	pressed = then !== undefined;
	await then?.();
	await holdsHere(path);
}

test('axe finds nothing on an empty Today', () => holdsAt('/'));

test('axe finds nothing on Today, the workspace, the papers and the handbook', async () => {
	await here.loadDemo();
	pressed = true;
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
	pressed = true;
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.press('Pack width'));
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.press('List of keys'));
	await holdsAt('/jobs/K-0101?at=window&view=front', () => here.browser.keys('z'));
	await holdsAt('/jobs/K-0101?at=window&view=compare', () => here.browser.press('Save as version A and keep editing'));
	for (const number of ['K-0110', 'K-0111', 'K-0114']) await holdsAt(`/jobs/${number}?at=frame`);
	await holdsAt('/jobs/K-0101?at=frame', () => here.browser.press('Try the shelf: 8 frames, sticks and mats'));
	for (const number of ['K-0108', 'K-0117', 'K-0119']) await holdsAt(`/jobs/${number}?at=hold`);
	for (const number of ['K-0107', 'K-0109', 'K-0112', 'K-0115']) await holdsAt(`/jobs/${number}?at=window&view=front`);
	await holdsAt('/jobs/K-0101?at=window', () => here.browser.type('Border width', '12 in mm'));
	await holdsAt('/jobs/K-0101?at=guard', () => here.browser.press('accept with a reason: '));
	const atStep = (number: string, title: RegExp) =>
		holdsAt(`/jobs/${number}/bench`, async () => {
			await here.browser.driver.executeScript(
				'[...document.querySelectorAll("nav li button")].find((one) => new RegExp(arguments[0]).test(one.textContent)).click()',
				title.source
			);
			await here.browser.heading(title.source);
		});
	for (const title of [/Gather/, /Cut the boards/, /Centre the pack/, /Final check/]) await atStep('K-0109', title);
	await holdsAt('/jobs/K-0109/bench', () => here.browser.press('Something is wrong'));
	await holdsAt('/light?job=K-0109', () => here.browser.sees('this pack'));
	for (const path of [
		'/jobs/K-0101/sheet',
		'/jobs/K-0104/label',
		'/walls/1/nails',
		'/jobs/K-0107/template',
		'/handbook',
		'/handbook/findings',
		'/shop',
		'/shop/rules',
		'/shop/defaults',
		'/stock/shelf',
		'/handbook/light',
		'/nowhere'
	])
		await holdsAt(path);
});

test('axe finds nothing in the hand, on a wide screen, and in the bench light', async () => {
	await here.browser.inTheHand(SIZES[0]);
	for (const path of SCREENS) {
		await here.browser.follow(path);
		const known = new Set<number>();
		// As a device that is turned, or a window that is pulled: the page stays.
		for (const size of SIZES) {
			await here.browser.inTheHand(size);
			await here.browser.settled();
			await holdsInBothLooks(`${path} at ${size.width}`, known);
		}
	}
	// And as the server sends it to whoever wished for the bench light.
	await here.browser.driver.manage().addCookie({ name: 'look', value: 'bench' });
	for (const path of SCREENS.slice(0, 2)) {
		await here.browser.open(path);
		await holdsHere(path);
	}
});
