/** Squaring a photograph of 12 megapixels in the worker, and how long the page takes to answer meanwhile, in Chromium. */
import { openBrowser } from '../tests/browser/browser.ts';
import { newFolder, removeFolder, startServer, keepJob } from '../tests/running/server.ts';
import { report } from './report.ts';

const TIMES = 5;

const OPEN = `
	const [width, height, done] = arguments;
	const canvas = Object.assign(document.createElement('canvas'), { width, height });
	const context = canvas.getContext('2d');
	for (let index = 0; index < 4000; index += 1) { context.fillStyle = 'hsl(' + (index * 37 % 360) + ' 60% 60%)'; context.fillRect(index * 53 % width, index * 97 % height, 200, 120); }
	canvas.toBlob((blob) => {
		const files = new DataTransfer(); files.items.add(new File([blob], 'sheet.jpg', { type: 'image/jpeg' }));
		const input = document.querySelector('input[type=file]'); input.files = files.files;
		input.dispatchEvent(new Event('input', { bubbles: true }));
		const wait = () => document.querySelector('.photograph canvas') ? done(blob.size) : setTimeout(wait, 20);
		wait();
	}, 'image/jpeg', 0.9);
`;

/** The page answers when a task that was asked for runs: the longest wait between two of them is what a hand would feel. */
const SQUARE = `
	const done = arguments[0];
	const start = performance.now();
	let longest = 0, last = start, running = true;
	const beat = new MessageChannel();
	beat.port1.onmessage = () => { const now = performance.now(); longest = Math.max(longest, now - last); last = now; if (running) setTimeout(() => beat.port2.postMessage(0)); };
	beat.port2.postMessage(0);
	const post = window.fetch;
	window.fetch = (...args) => { if (args[0] === '/api/pictures') { running = false; done([performance.now() - start, longest]); } return post(...args); };
	[...document.querySelectorAll('button')].find((one) => one.textContent.trim() === 'Square it').click();
`;

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	const squared: number[] = [];
	const answers: number[] = [];
	for (let turn = 0; turn < TIMES; turn += 1) {
		const number = await keepJob(server.address, {
			format: 'rare-keep/job',
			version: 1,
			piece: { readings: { width: 400, height: 300 } }
		});
		await browser.open(`/jobs/${number}?at=measure&view=sheet`);
		await browser.driver.executeAsyncScript(OPEN, 4000, 3000);
		const [took, longest] = await browser.driver.executeAsyncScript<[number, number]>(SQUARE);
		squared.push(took);
		answers.push(longest);
	}
	report('squaring 12 megapixels in the worker', squared, 2000);
	report('  the page meanwhile answers within', answers, 50);
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}
