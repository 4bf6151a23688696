/** Opens each main view with the demo data and takes its picture, 1280 × 800. */
import { writeFileSync } from 'node:fs';
import { openBrowser, type Browser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { loadDemo } from './load-demo.js';

type Shot = { name: string; path: string; then?: (browser: Browser) => Promise<void> };

const SHOTS: Shot[] = [
	{ name: 'today', path: '/' },
	{ name: 'measure', path: '/jobs/K-0101?at=measure&view=front' },
	{ name: 'window', path: '/jobs/K-0101?at=window&view=front' },
	{ name: 'guard-section', path: '/jobs/K-0101?at=guard&view=section' },
	{ name: 'wall-back', path: '/jobs/K-0104?at=wall&view=back' },
	{ name: 'inches-all-three', path: '/jobs/K-0103?at=frame&view=all', then: (browser) => browser.press('inch') },
	{ name: 'why', path: '/jobs/K-0104?at=wall&view=back', then: (browser) => browser.press('Length of wire') },
	{ name: 'fault', path: '/jobs/K-0104?at=window&view=front', then: (browser) => browser.type('Border width', '12 in mm') },
	{ name: 'job-sheet', path: '/jobs/K-0104/sheet' },
	{ name: 'back-label', path: '/jobs/K-0104/label' },
	{ name: 'handbook', path: '/handbook/window' }
];

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await loadDemo(server.address, 'demo');
	for (const { name, path, then } of SHOTS) {
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
