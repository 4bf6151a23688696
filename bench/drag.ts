/** Pulling edges of the window on the drawing, a move a frame: what each frame does, and how far apart the frames come, in Chromium. */
import { loadDemo } from '../scripts/load-demo.js';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { FRAMES, PULL } from './pull.ts';
import { report } from './report.ts';

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	await loadDemo(server.address, 'demo');
	for (const [number, name] of [
		['K-0101', 'Window edge, left'],
		['K-0101', 'Border, left'],
		['K-0112', 'Edge of window 1, left']
	] as const) {
		await browser.open(`/jobs/${number}?at=window&view=front`);
		const measured = await browser.driver.executeAsyncScript<[number[], number[]] | string>(
			PULL,
			await browser.button(name),
			FRAMES,
			'mouse'
		);
		if (typeof measured === 'string') throw new Error(measured);
		report(`a frame of pulling, ${number} ${name.toLowerCase()}`, measured[0], 16.7);
		const late = measured[1].filter((ms) => ms > 25).length;
		console.log(
			`  frames came ${(1000 / (measured[1].reduce((sum, ms) => sum + ms, 0) / measured[1].length)).toFixed(1)} a second, ${late} of ${measured[1].length} late`
		);
	}
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
