/** Opens each main view with the demo data and takes its picture: 1280 × 800, a tablet and a phone. */
import { writeFileSync } from 'node:fs';
import { openBrowser, type Browser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { loadDemo } from './load-demo.js';

type Shot = {
	name: string;
	path: string;
	/** A screen in the hand. */ hand?: { width: number; height: number };
	then?: (browser: Browser) => Promise<void>;
};

const SHOTS: Shot[] = [
	{ name: 'today', path: '/' },
	{ name: 'tablet', path: '/jobs/K-0112?at=window', hand: { width: 768, height: 1024 } },
	{ name: 'phone', path: '/jobs/K-0101?at=window', hand: { width: 390, height: 844 } },
	{ name: 'bench', path: '/jobs/K-0104/bench', then: centre },
	{ name: 'photograph', path: '/jobs/K-0101?at=measure&view=sheet', then: givePhotograph },
	{ name: 'window', path: '/jobs/K-0101?at=window&view=front' },
	{ name: 'guard', path: '/jobs/K-0101?at=guard', then: (browser) => browser.sees('One change reaches Rare') },
	{ name: 'hold', path: '/jobs/K-0117?at=hold' },
	{ name: 'frame', path: '/jobs/K-0114?at=frame' },
	{ name: 'light-and-climate', path: '/light?job=K-0109', then: chartsAreDrawn },
	{
		name: 'minutes-lost',
		path: '/bench',
		then: (browser) =>
			browser.waitFor('the chart', () =>
				browser.driver.executeScript('return document.querySelector("[data-drawn] svg") !== null')
			)
	},
	{ name: 'wall', path: '/walls/1' },
	{ name: 'cutting', path: '/cutting', then: layOut },
	{ name: 'orders', path: '/stock/orders', then: putOnOrder },
	{ name: 'cost', path: '/jobs/K-0101/cost', then: underPrice },
	{ name: 'quote', path: '/jobs/K-0104/quote' },
	{ name: 'job-sheet', path: '/jobs/K-0104/sheet' },
	{ name: 'trainer', path: '/trainer', then: askTheJudge },
	{ name: 'handbook', path: '/handbook/light' }
];

/** The board of several jobs, once all of it lies somewhere. */
async function layOut(browser: Browser): Promise<void> {
	await browser.press('Cotton museum board, 4-ply, any colour');
	await browser.sees(/each job from one lot|impossible/);
	await browser.press('Stop searching');
}

/** A case, its judge, and the fault with its reason. */
async function askTheJudge(browser: Browser): Promise<void> {
	await browser.press('Begin: Curlews, watercolour');
	await browser.press('Back to the piece');
	await browser.press('Check my fix');
	await browser.press('Show the fault');
	await browser.sees('About this finding');
}

/** Eight readings of a visible border, and what to do. */
async function centre(browser: Browser): Promise<void> {
	await browser.driver.executeScript(
		'[...document.querySelectorAll("nav li button")].find((one) => one.textContent.includes("Centre the pack")).click()'
	);
	await browser.heading('Centre the pack');
	const readings = await browser.driver.executeScript<string[]>(
		'return [...document.querySelectorAll("main p")].map((one) => one.textContent).find((one) => one.includes("Planned:")).match(/[\\d.]+(?= (left|right|top|bottom))/g)'
	);
	const [left, right, top, foot] = readings.map(Number) as [number, number, number, number];
	for (const [label, mm] of [
		['top, left', top + 0.1],
		['top, right', top + 0.6],
		['bottom, left', foot - 0.1],
		['bottom, right', foot - 0.6],
		['left, top', left],
		['left, bottom', left - 0.8],
		['right, top', right + 0.1],
		['right, bottom', right + 0.9]
	] as const)
		await browser.type(label, mm.toFixed(1));
	await browser.sees(/Push right/);
	await browser.driver.executeScript('document.activeElement.blur()');
}

async function putOnOrder(browser: Browser): Promise<void> {
	await browser.press('Put Cotton museum board, 8-ply 1524 × 1016 on the order');
	await browser.press('Order 30 Picture wire, breaks at 27.2 kg');
	await browser.driver.executeScript('scrollTo(0, 0)');
}

async function underPrice(browser: Browser): Promise<void> {
	await browser.sees('Change to Rare');
	await browser.type('Maximum price, with tax', '330');
	await browser.sees('Apply');
}

async function chartsAreDrawn(browser: Browser): Promise<void> {
	await browser.waitFor('four charts', () =>
		browser.driver.executeScript<boolean>("return document.querySelectorAll('[data-drawn] svg').length === 4")
	);
	await browser.sees('this pack');
}

/** The demo's chart as somebody would photograph it: on a table, a little turned. */
const PHOTOGRAPH = `
	const done = arguments[0];
	const chart = new Image(); chart.src = document.querySelector('svg image').href.baseVal;
	chart.decode().then(() => {
		const canvas = Object.assign(document.createElement('canvas'), { width: 1500, height: 1125 });
		const context = canvas.getContext('2d');
		context.fillStyle = '#6f6a62'; context.fillRect(0, 0, 1500, 1125);
		context.setTransform(1.02, 0.07, -0.05, 0.98, 430, 70);
		context.drawImage(chart, 0, 0, 690, 946);
		canvas.toBlob((blob) => {
			const files = new DataTransfer(); files.items.add(new File([blob], 'chart.jpg', { type: 'image/jpeg' }));
			const input = document.querySelector('input[type=file]'); input.files = files.files;
			input.dispatchEvent(new Event('input', { bubbles: true })); done();
		}, 'image/jpeg');
	});
`;

async function givePhotograph(browser: Browser): Promise<void> {
	await browser.driver.executeAsyncScript(PHOTOGRAPH);
	await browser.sees('Drag each corner onto the sheet’s corner.');
	const shown = await browser.driver.executeScript<{ left: number; top: number; width: number; height: number }>(
		'const { left, top, width, height } = document.querySelector(".photograph").getBoundingClientRect(); return { left, top, width, height };'
	);
	for (const [name, x, y] of [
		['Corner top-left', 430, 70],
		['Corner top-right', 1134, 118],
		['Corner bottom-right', 1087, 1045],
		['Corner bottom-left', 383, 997]
	] as const)
		await browser.pull(await browser.middleOf(name), {
			x: shown.left + (x / 1500) * shown.width,
			y: shown.top + (y / 1125) * shown.height
		});
}

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await loadDemo(server.address, 'demo');
	for (const { name, path, hand, then } of SHOTS) {
		await browser.driver.manage().deleteAllCookies();
		await browser.inTheHand(hand ?? null);
		await browser.open(path);
		await then?.(browser);
		await browser.settled();
		writeFileSync(`docs/screenshots/${name}.png`, await browser.screenshot());
		console.log(`docs/screenshots/${name}.png`);
	}
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
