/** Pulling edges of the window on the drawing, a move a frame: what each frame does, and how far apart the frames come, in Chromium. */
import { loadDemo } from '../scripts/load-demo.js';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { report } from './report.ts';

const FRAMES = 240;

/** Moves by itself: a pointer that no mouse holds can't be captured, so capturing is left out. */
const MEASURE = `
	const [handle, frames, done] = arguments;
	Element.prototype.setPointerCapture = () => {};
	const box = handle.getBoundingClientRect();
	const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
	const point = (type, dx) => handle.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, button: 0, clientX: x + dx, clientY: y }));
	const drawing = document.querySelector('figure svg');
	const work = [], apart = [];
	let changes = 0, seen = drawing.textContent;
	(async () => {
		point('pointerdown', 0);
		let last = 0;
		for (let frame = 0; frame < frames; frame += 1) {
			let began = 0;
			requestAnimationFrame(() => (began = performance.now()));
			point('pointermove', 14 * Math.sin(frame / 12));
			await new Promise((resolve) => {
				// The move's own callback was registered between the two: they enclose the plan, the drawing and its layout.
				requestAnimationFrame((time) => {
					drawing.getBoundingClientRect();
					work.push(performance.now() - began);
					if (last) apart.push(time - last);
					last = time;
					if (drawing.textContent !== seen) { changes += 1; seen = drawing.textContent; }
					resolve();
				});
			});
		}
		point('pointerup', 0);
		if (changes < frames / 4) throw new Error('The drawing hardly changed: ' + changes);
		done([work, apart]);
	})().catch((error) => done(String(error)));
`;

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
			MEASURE,
			await browser.button(name),
			FRAMES
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
