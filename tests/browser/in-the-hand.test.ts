/** On a phone, a tablet and a touch screen; in the bench light; with the system's wishes; from the keys alone. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();
const run = <T>(script: string) => here.browser.driver.executeScript<T>(script);
const SIZES = [
	{ width: 390, height: 844 },
	{ width: 768, height: 1024 },
	{ width: 1280, height: 800 }
];
after(() => here.browser.inTheHand(null).catch(() => {}));

/** What is pressed with a finger and smaller than it: by its name and size. Words within a line of text go by the line. */
const SMALL = `
	const least = 43.5;
	const pressed = [...document.querySelectorAll('button, a[href], select, summary, [role=tab], [role=slider], [role=option], input:not([type=hidden])')];
	return pressed.filter((one) => one.checkVisibility({ visibilityProperty: true, opacityProperty: true }) && !one.closest('.skip, svg, .seen-by-readers, [data-part=toast]')).filter((one) => {
		if (one.matches('a') && one.closest('p, td, th, dd, dt, li') && getComputedStyle(one).display === 'inline') return false;
		if (one.matches('.figure')) return false;
		const by = one.closest('label, [data-scope=tags-input][data-part=control]') ?? one;
		const { width, height } = by.getBoundingClientRect();
		return width > 0 && height > 1 && height < least;
	}).map((one) => (one.getAttribute('aria-label') ?? one.textContent ?? '').trim().slice(0, 40) + ' ' + one.tagName + ' ' + Math.round(one.getBoundingClientRect().height));
`;

for (const size of SIZES)
	test(`${size.width} × ${size.height}, with a finger: a new piece from its fields to its job sheet`, async () => {
		const { browser } = here;
		await browser.inTheHand(size);
		await browser.open('/');
		// The first run of the house asks once what it measures in.
		if (
			await run<boolean>(
				'return [...document.querySelectorAll("button")].some((one) => one.textContent.trim().startsWith("Millimetres"))'
			)
		)
			await browser.press('Millimetres 402.5 mm');
		await browser.press('New piece');
		await browser.heading('Intake');
		await browser.waitFor('the cursor in the title', () => run('return document.activeElement.matches("main input")'));
		await browser.keys('Gull print', Key.ENTER, 'Net Loft', Key.ENTER, '', Key.ENTER, '300', Key.ENTER, '400', Key.ENTER);
		await browser.sees('Front, mm,');
		// Form and drawing are seen together.
		const [panel, stage] = await run<DOMRect[]>(
			"return ['main', '[aria-label=Drawing]'].map((one) => document.querySelector(one).getBoundingClientRect().toJSON())"
		);
		for (const place of [panel!, stage!]) {
			assert.ok(place.height >= 150, `${place.height} high`);
			assert.ok(place.top >= 0 && place.bottom <= size.height && place.left >= 0 && place.right <= size.width + 1);
		}
		for (const station of ['Measure', 'Window', 'Guard', 'Hold', 'Frame', 'Cut', 'Bench', 'Back', 'Wall', 'Record', 'Intake']) {
			await browser.station(station);
			const wide = await run<number[]>(
				'return [document.documentElement.scrollWidth, document.querySelector("main").scrollWidth, innerWidth]'
			);
			assert.ok(Math.max(wide[0]!, wide[1]!) <= wide[2]! + 1, `${station}: ${wide.join(', ')}`);
			assert.deepEqual(await run<string[]>(SMALL), [], `${station}: what is too small for a finger`);
		}
		// Where the bar has no room for it, it is in the menu.
		if (size.width < 1101) {
			await browser.press('Papers and files');
			await browser.press('Job sheet J');
		} else await browser.press('Job sheet');
		await browser.sees('Cut list, mm');
	});

test('a narrow screen: findings are a line that opens, a phone’s drawing makes room', async () => {
	const { browser } = here;
	await browser.inTheHand(SIZES[0]!);
	const number = await keepJob(here.server.address, workedJob({ aim: 'rare' }));
	await browser.open(`/jobs/${number}?at=window`);
	await browser.press('Hide the drawing');
	await browser.waitFor('more room for the form', () =>
		run('return document.querySelector("main").clientHeight > innerHeight * 0.5')
	);
	await browser.press('Show the drawing');
	await browser.sees('Front, mm,');
	assert.equal(await run('return document.querySelector(".findings").checkVisibility()'), false);
	await (await browser.driver.findElement({ css: '.opener' })).click();
	assert.equal(await run('return document.querySelector(".findings").checkVisibility()'), true);
	await browser.press('Places');
	await browser.press('Handbook');
	await browser.heading('Lengths');
	await browser.inTheHand(null);
});

test('each station opens the view that it is about, by press and by link; the browser’s Back goes one step', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob());
	const shown = () => run<string>('return document.querySelector(\'[role=tab][aria-selected=true]\')?.textContent ?? "none"');
	const becomes = (view: string) => browser.waitFor(view, async () => (await shown()) === view);
	await browser.open(`/jobs/${number}?at=measure`);
	await becomes('Sheet');
	for (const [station, view] of [
		['Guard', 'Layers'],
		['Back', 'Back'],
		['Wall', 'On the wall'],
		['Cut', 'To cut'],
		['Bench', 'none']
	] as const) {
		await browser.station(station);
		await becomes(view);
	}
	await browser.driver.navigate().back();
	await becomes('To cut');
	await browser.view('Section');
	await browser.driver.navigate().back();
	await becomes('To cut');
	await browser.heading('Cut');
	await browser.driver.navigate().back();
	await becomes('On the wall');
});

test('from the keys alone: Esc leaves a field, a station’s key goes into its first, papers have keys', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob());
	await browser.open(`/jobs/${number}`);
	await browser.keys('3');
	await browser.waitFor('the overlap', () =>
		run('return document.activeElement.labels?.[0]?.textContent.trim() === "Overlap, each side"')
	);
	await browser.keys('9', Key.ESCAPE);
	// Put back, and left: the next key is a command.
	await browser.waitFor('the field to be left', () => run('return document.activeElement === document.body'));
	await browser.keys('-');
	await browser.heading('Record');
	await browser.keys('b');
	await browser.waitFor('the label', async () => (await browser.driver.getCurrentUrl()).endsWith('/label'));
	await browser.driver.navigate().back();
	await browser.heading('Record');
	const { job } = (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as {
		job: { window?: { overlap?: unknown } };
	};
	assert.equal(job.window?.overlap, 6);
});

test('printed from the workspace it is the job sheet, as the job stands on the screen', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob());
	await browser.open(`/jobs/${number}?at=window`);
	await browser.waitFor('the sheet to be at hand', () =>
		run('dispatchEvent(new Event("beforeprint")); return document.querySelector(".for-paper .paper-page") !== null')
	);
	await run('dispatchEvent(new Event("afterprint"))');
	await browser.waitFor('it to go', () => run('return document.querySelector(".for-paper") === null'));
});

test('the bench light: by its key, kept for the next page, and by the system’s wish until one is chosen', async () => {
	const { browser } = here;
	const ground = () => run<number[]>('return getComputedStyle(document.body).backgroundColor.match(/[0-9.]+/g).map(Number)');
	const isDark = async () => Math.max(...(await ground()).slice(0, 3)) < 60;
	await browser.open('/');
	assert.equal(await isDark(), false);
	await browser.keys('d');
	await browser.waitFor('the bench light', isDark);
	await browser.open('/handbook');
	assert.equal(await isDark(), true);
	await browser.press('Bench light');
	await browser.waitFor('the look by day', async () => !(await isDark()));
	await browser.driver.manage().deleteCookie('look');
	await browser.wish({ 'prefers-color-scheme': 'dark' });
	await browser.open('/');
	assert.equal(await isDark(), true);
	await browser.wish({});
});

test('forced colours: the open station, the open view and what is chosen are marked', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob());
	await browser.wish({ 'forced-colors': 'active' });
	await browser.open(`/jobs/${number}?at=window&view=front`);
	const differs = (one: string, other: string) =>
		run<boolean>(`const look = (of) => { const { borderLeftColor, borderBottomColor, backgroundColor, color, fontWeight, outlineStyle } = getComputedStyle(document.querySelector(of)); return JSON.stringify([borderLeftColor, borderBottomColor, backgroundColor, color, fontWeight, outlineStyle]); };
			return look(${JSON.stringify(one)}) !== look(${JSON.stringify(other)})`);
	assert.equal(await differs('.strip [aria-current]', '.strip button:not([aria-current])'), true, 'the open station');
	assert.equal(await differs('[role=tab][aria-selected=true]', '[role=tab][aria-selected=false]'), true, 'the open view');
	assert.equal(
		await differs('main [data-part=item][data-state=checked]', 'main [data-part=item][data-state=unchecked]'),
		true,
		'what is chosen'
	);
	await browser.wish({});
});

test('a finger that pulls a border sees it in a loupe; a phone that is turned meanwhile keeps what was pulled', async () => {
	const { browser, server } = here;
	await browser.inTheHand({ width: 390, height: 844 });
	const number = await keepJob(server.address, workedJob());
	await browser.open(`/jobs/${number}?at=window&view=front`);
	await browser.button('Border, left');
	await browser.settled();
	const cdp = (name: string, what: object) =>
		(browser.driver as unknown as { sendDevToolsCommand: (name: string, what: object) => Promise<void> }).sendDevToolsCommand(
			name,
			what
		);
	const at = await run<{ x: number; y: number }>(
		'const box = document.querySelector(\'[aria-label^="Border, left"] .grip\').getBoundingClientRect(); return { x: box.left + box.width / 2, y: box.top + box.height / 2 };'
	);
	const touch = (type: string, points: object[]) => cdp('Input.dispatchTouchEvent', { type, touchPoints: points });
	assert.equal(await run('return document.querySelectorAll(".loupe").length'), 0);
	await touch('touchStart', [at]);
	for (const dx of [2, 4, 6]) await touch('touchMove', [{ x: at.x - dx, y: at.y }]);
	await browser.waitFor('the loupe', () => run('return document.querySelector(".loupe use") !== null'));
	// It lies within the drawing, and shows what the finger is on.
	assert.ok(
		await run(
			'const loupe = document.querySelector(".loupe .rim").getBoundingClientRect(), svg = document.querySelector(".loupe").ownerSVGElement.getBoundingClientRect(); return loupe.left >= svg.left - 3 && loupe.right <= svg.right + 3 && loupe.top >= svg.top - 3;'
		)
	);
	const pulled = await run<string>(
		'return document.querySelector(\'[aria-label^="Border, left"]\').getAttribute("aria-valuenow")'
	);
	assert.notEqual(Number(pulled), 70);
	await cdp('Emulation.setDeviceMetricsOverride', { width: 844, height: 390, deviceScaleFactor: 1, mobile: true });
	await browser.waitFor('the loupe to go', () => run('return document.querySelector(".loupe") === null'));
	await touch('touchCancel', []);
	assert.equal(
		await run('return document.querySelector(\'[aria-label^="Border, left"]\').getAttribute("aria-valuenow")'),
		pulled
	);
	await here.untilKept(number, 'the border', (job) => job.borders?.width !== 70);
	await browser.inTheHand(null);
});

test('read at twice its size everything is there, the open station and view marked, nothing to the side', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.inTheHand(null);
	const cdp = browser.driver as unknown as { sendDevToolsCommand: (name: string, what: object) => Promise<void> };
	// A screen of 1280 × 800 whose reader has zoomed to 200 %.
	await cdp.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
		width: 640,
		height: 400,
		deviceScaleFactor: 2,
		mobile: false
	});
	for (const path of [
		'/',
		`/jobs/${number}?at=guard`,
		`/jobs/${number}/sheet`,
		'/stock/materials',
		'/stock/shelf',
		'/shop/defaults',
		'/shop/ways',
		'/handbook/window',
		'/light'
	]) {
		await browser.open(path);
		await browser.settled();
		const beyond = await run<number>('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
		assert.ok(beyond <= 1, `${path} goes ${beyond} px to the side`);
	}
	await browser.open(`/jobs/${number}?at=guard`);
	assert.ok(await run('return [...document.querySelectorAll("[aria-current]")].some((one) => /Guard/.test(one.textContent))'));
	await cdp.sendDevToolsCommand('Emulation.clearDeviceMetricsOverride', {});
});

test('a title of two hundred and twenty letters is said to be too long and not cut; one of two hundred runs off no page', async () => {
	const { browser, server } = here;
	const long = 'Sixty winters of the light '.repeat(9);
	const title = long.slice(0, 200).trim();
	const number = await keepJob(server.address, workedJob({ title, piece: { ...workedJob().piece!, title } }));
	await browser.inTheHand(null);
	await browser.open(`/jobs/${number}?at=intake`);
	await browser.type('Title of the job', long.slice(0, 220));
	await browser.keys(Key.TAB);
	await browser.sees('longer than 200 letters');
	assert.equal((await (await browser.field('Title of the job')).getAttribute('value'))!.length, 220);
	for (const size of SIZES) {
		await browser.inTheHand(size);
		for (const path of ['/', `/jobs/${number}`, `/jobs/${number}/label`]) {
			await browser.open(path);
			await browser.settled();
			assert.ok(
				await run('return document.documentElement.scrollWidth <= document.documentElement.clientWidth + 1'),
				`${path} at ${size.width}`
			);
		}
	}
	await browser.inTheHand(null);
	await browser.open(`/jobs/${number}/label`);
	await browser.settled();
	assert.ok(
		await run('const card = document.querySelector(".card"); return card.scrollHeight <= card.clientHeight + 1;'),
		'the label holds it'
	);
});
