/** A page of fixed panes is no higher than its window, wherever its panes are scrolled to, and its bar is one row. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { stage } from '../setup.ts';

const here = stage();

after(() => here.browser.inTheHand(null).catch(() => {}));

const SIZES = [
	{ width: 1920, height: 1080 },
	{ width: 1280, height: 800 },
	{ width: 768, height: 1024 },
	{ width: 390, height: 844 }
];
const STATIONS = ['intake', 'measure', 'window', 'guard', 'hold', 'frame', 'cut', 'bench', 'back', 'wall', 'record'];
const PAGES = [
	...STATIONS.map((station) => `/jobs/K-0105?at=${station}`),
	'/jobs/K-0118?at=window',
	'/jobs/K-0105/bench',
	'/stock/materials',
	'/light',
	'/handbook/hold',
	'/shop/defaults'
];

/** Below 1101 px these are one long page, and have no panes. */
const LONG_WHEN_NARROW = ['/stock/materials', '/light'];

/** Every pane to its end, as a wheel does, and the window too. @returns how far the page went, and how high it is past its window */
const TO_THE_END = `
	for (const one of document.querySelectorAll('*')) if (/auto|scroll/.test(getComputedStyle(one).overflowY)) one.scrollTop = 1e6;
	window.scrollTo(0, 1e6);
	const moved = [...document.querySelectorAll('.fixed-panes, .with-foot')].reduce((sum, one) => sum + one.scrollTop, window.scrollY);
	const past = document.scrollingElement.scrollHeight - innerHeight;
	window.scrollTo(0, 0);
	return { moved, past };
`;

for (const size of SIZES)
	test(`${size.width} × ${size.height}: no page of fixed panes moves in its window`, async () => {
		const { browser } = here;
		await here.loadDemo();
		await browser.inTheHand(size);
		const wrong: string[] = [];
		for (const page of PAGES.filter((one) => size.width > 1100 || !LONG_WHEN_NARROW.includes(one))) {
			await browser.open(page);
			await browser.settled();
			const { moved, past } = await browser.driver.executeScript<{ moved: number; past: number }>(TO_THE_END);
			if (moved !== 0 || past > 0) wrong.push(`${page}: moved ${moved}, ${past} past`);
		}
		await browser.inTheHand(null);
		assert.deepEqual(wrong, []);
	});
