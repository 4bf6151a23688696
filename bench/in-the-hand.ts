/** On a phone with a processor four times as slow: how soon a job is seen, and how many frames a second a finger pulls with its loupe. */
import { loadDemo } from '../scripts/load-demo.js';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { FRAMES, PULL } from './pull.ts';
import { report } from './report.ts';

const SLOWER = 4;
const OPENED = 7;
const LARGEST = `
	const [done] = arguments;
	new PerformanceObserver((list, observer) => { observer.disconnect(); done(list.getEntries().at(-1).startTime); }).observe({ type: 'largest-contentful-paint', buffered: true });
`;

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
const tools = browser.driver as unknown as { sendDevToolsCommand: (name: string, what: object) => Promise<void> };
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	await loadDemo(server.address, 'demo');
	await browser.inTheHand({ width: 390, height: 844 });
	await tools.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	const largest: number[] = [];
	for (let time = 0; time < OPENED; time += 1) {
		await browser.open('/');
		await browser.open('/jobs/K-0101?at=window&view=front');
		await browser.settled();
		largest.push(await browser.driver.executeAsyncScript<number>(LARGEST));
	}
	report('largest contentful paint of a job, ms', largest, 1500);
	await browser.open('/jobs/K-0101?at=window&view=front');
	const measured = await browser.driver.executeAsyncScript<[number[], number[]] | string>(
		PULL,
		await browser.button('Border, left'),
		FRAMES,
		'touch'
	);
	if (typeof measured === 'string') throw new Error(measured);
	// Once it is under way: the first frames find out how slow the device is.
	const under = measured[1].slice(20).sort((one, other) => one - other);
	const a = under.reduce((sum, ms) => sum + ms, 0) / under.length;
	report('a frame of pulling by touch', measured[0], 1000 / 55);
	console.log(
		`  frames came ${(1000 / a).toFixed(1)} a second (55 wanted), the middle one after ${under[Math.floor(under.length / 2)]!.toFixed(1)} ms`
	);
} finally {
	await tools.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: 1 });
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
