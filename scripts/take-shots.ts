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
	{ name: 'bench-light', path: '/jobs/K-0101?at=bench', then: (browser) => browser.press('Bench light') },
	{ name: 'photograph', path: '/jobs/K-0101?at=measure&view=sheet', then: givePhotograph },
	{ name: 'window', path: '/jobs/K-0101?at=window&view=front' },
	{ name: 'compare', path: '/jobs/K-0102?at=window&view=compare', then: besideAnother },
	{ name: 'guard', path: '/jobs/K-0101?at=guard', then: (browser) => browser.sees('One change reaches Rare') },
	{ name: 'hold', path: '/jobs/K-0117?at=hold' },
	{ name: 'frame', path: '/jobs/K-0114?at=frame' },
	{ name: 'shelf', path: '/jobs/K-0101?at=frame', then: tryShelf },
	{ name: 'light-and-climate', path: '/light?job=K-0109', then: chartsAreDrawn },
	{ name: 'materials', path: '/stock/materials' },
	{ name: 'inches-all-three', path: '/jobs/K-0116?at=frame&view=all' },
	{ name: 'cutting', path: '/cutting', then: layOut },
	{ name: 'cut', path: '/jobs/K-0116?at=cut' },
	{ name: 'job-sheet', path: '/jobs/K-0104/sheet' },
	{ name: 'back-label', path: '/jobs/K-0119/label' },
	{ name: 'handbook', path: '/handbook/light' }
];

/** The board of several jobs, once no better plan is looked for. */
async function layOut(browser: Browser): Promise<void> {
	await browser.press('Cotton museum board, 4-ply, any colour');
	await browser.waitFor('the last plan', async () => !(await browser.text()).includes('Stop looking'));
}

async function tryShelf(browser: Browser): Promise<void> {
	await browser.press('Try the shelf');
	await browser.sees('Oak frame of the old chapel');
	await browser.driver.executeScript('document.querySelector("main").scrollTop = 320');
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
	await browser.sees('Pull each corner onto the sheet’s corner.');
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

async function besideAnother(browser: Browser): Promise<void> {
	await browser.press('Save as version A and keep editing');
	await browser.type('Border width', '85');
	await browser.sees('borders · width');
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
