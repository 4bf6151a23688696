/** A wall of sixty pictures, nineteen of them drawn as they hang: one pulled, a move a frame; what each frame does, and how far apart they come. */
import { loadDemo } from '../scripts/load-demo.js';
import type { WallFile } from '../core/wall/written.ts';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { FRAMES, PULL } from './pull.ts';
import { report } from './report.ts';

const PICTURES = 60;
const JOBS = 19;
const ACROSS = 12;
const REACH = 90;

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	await loadDemo(server.address, 'demo');
	const numbers = Array.from({ length: JOBS }, (_, at) => `K-0${101 + at}`);
	const pictures = Array.from({ length: PICTURES }, (_, at) =>
		at < JOBS
			? { id: numbers[at]!, job: numbers[at]! }
			: { id: `picture ${at}`, outer: { width: 300, height: 400 }, kg: 2, hooks: [-60, 60].map((x) => ({ x, down: 100 })) }
	);
	const file: WallFile = {
		format: 'rare-keep/wall',
		version: 1,
		unit: 'mm',
		wall: { width: 12_000, height: 5000, kind: 'masonry', things: [] },
		pictures,
		groups: [],
		places: pictures.map(({ id }, at) => ({ id, left: 150 + 950 * (at % ACROSS), centre: 600 + 950 * Math.floor(at / ACROSS) }))
	};
	const made = await fetch(`${server.address}/api/walls`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ name: 'Sixty', file })
	});
	const answer = (await made.json()) as { id: number; faults?: unknown };
	if (!made.ok) throw new Error(JSON.stringify(answer.faults));
	const { id } = answer;
	await browser.open(`/walls/${id}`);
	await browser.sees('Hooks, ');
	for (const [name, which] of [
		['one by its size', '[aria-label^="picture 40,"]'],
		['a job as it hangs', `[aria-label^="${numbers[3]}"]`]
	] as const) {
		const handle = await browser.driver.findElement({ css: `figure ${which}` });
		const measured = await browser.driver.executeAsyncScript<[number[], number[]] | string>(PULL, handle, FRAMES, 'mouse', REACH);
		if (typeof measured === 'string') throw new Error(measured);
		report(`a frame of pulling ${name}, of sixty`, measured[0], 1000 / 60);
		const apart = measured[1].slice(20);
		console.log(
			`  frames came ${(1000 / (apart.reduce((sum, ms) => sum + ms, 0) / apart.length)).toFixed(1)} a second (60 wanted)`
		);
	}
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
