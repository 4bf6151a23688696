/** A stroke in a length field → the plan → the drawing in the page, laid out: in Chromium, on the demo's own piece. */
import { loadDemo } from '../scripts/load-demo.js';
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { report } from './report.ts';

const WIDTHS = 48;
const PASSES = 5;

/**
 * Types widths one after the other; each must change the drawing. Between two strokes the page is left to itself, as by
 * somebody who types 20 strokes a second. Each width is typed in five passes and its middle time counts, so that what else
 * the machine does is not counted.
 */
const MEASURE = `
	const [field, widths, passes, done] = arguments;
	field.focus();
	const drawing = () => [...document.querySelectorAll('figure svg')];
	const seen = () => drawing().map((svg) => svg.textContent + svg.getAttribute('viewBox')).join();
	const idle = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 40)));
	(async () => {
		const times = Array.from({ length: widths }, () => []);
		const rest = Array.from({ length: widths }, () => []);
		for (let stroke = 0; stroke < widths * passes; stroke += 1) {
			await idle();
			const before = seen();
			// Registered first, so that it runs before what the stroke leaves to the next frame.
			let began = 0;
			requestAnimationFrame(() => (began = performance.now()));
			const start = performance.now();
			field.value = String(50 + (stroke % widths) * 1.5);
			field.dispatchEvent(new InputEvent('input', { bubbles: true }));
			await new Promise((resolve) => queueMicrotask(resolve));
			for (const svg of drawing()) svg.getBoundingClientRect();
			times[stroke % widths].push(performance.now() - start);
			if (seen() === before) throw new Error('The drawing did not change.');
			await new Promise((resolve) => requestAnimationFrame(resolve));
			for (const svg of drawing()) svg.getBoundingClientRect();
			rest[stroke % widths].push(performance.now() - began);
		}
		const middle = (all) => all.sort((one, other) => one - other)[passes >> 1];
		done([times.map(middle), rest.map(middle)]);
	})().catch((error) => done(String(error)));
`;

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	await loadDemo(server.address, 'demo');
	for (const view of ['front', 'back', 'all']) {
		await browser.open(`/jobs/K-0101?at=window&view=${view}`);
		const measured = await browser.driver.executeAsyncScript<[number[], number[]] | string>(
			MEASURE,
			await browser.field('Border width'),
			WIDTHS,
			PASSES
		);
		if (typeof measured === 'string') throw new Error(measured);
		report(`keystroke to the redrawn view, ${view}`, measured[0], 16);
		report('  and the frame after it', measured[1], 16);
	}
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
