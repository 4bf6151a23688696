/** The bench: a key to its answer on the screen with thirty timers running, events folded, and an outbox sent in its order. */
import { randomUUID } from 'node:crypto';
import { BEFORE } from '../core/views/bench/before.ts';
import { folded, type Deed, type RunEvent } from '../core/views/bench/run.ts';
import type { StepId } from '../core/stations/step.ts';
import { loadDemo } from '../scripts/load-demo.js';
import type { BenchAnswer } from '../src/lib/server/bench.ts';
import { openBrowser } from '../tests/browser/browser.ts';
import { workedJob } from '../tests/jobs.ts';
import { keepJob, newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { line, middleOfFive, report } from './report.ts';

const TIMERS = 30;
const KEYS = 60;
const OUTBOX = 500;

/** Presses a key; the answer is there when the open step has changed and is laid out. */
const MEASURE = `
	const [keys, done] = arguments;
	const seen = () => document.querySelector('main h2').textContent;
	const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 30)));
	(async () => {
		const times = [];
		for (let key = 0; key < keys; key += 1) {
			await frame();
			const before = seen();
			const start = performance.now();
			// Forward through what is done, and back: each key shows another step.
			dispatchEvent(new KeyboardEvent('keydown', { key: key % 2 === 0 ? 'ArrowLeft' : ' ', bubbles: true, cancelable: true }));
			while (seen() === before) {
				if (performance.now() - start > 3000) throw new Error('The step did not change: ' + before);
				await new Promise((resolve) => queueMicrotask(resolve));
				await new Promise((resolve) => setTimeout(resolve, 0));
			}
			document.querySelector('main').getBoundingClientRect();
			times.push(performance.now() - start);
		}
		done(times);
	})().catch((error) => done(String(error)));
`;

const steps = Object.keys(BEFORE) as StepId[];
const many: RunEvent[] = Array.from({ length: 10_000 }, (_, at) => ({
	...(at % 9 === 8 ? { kind: 'undone', step: steps[at % steps.length]! } : { kind: 'done', step: steps[at % steps.length]! }),
	id: String(at),
	at,
	by: 'OB'
}));
const fold = middleOfFive(() => folded(many));
line('10 000 events folded', `${fold.toFixed(1)} ms`, fold / 20, '20 ms');

const folder = newFolder();
const server = await startServer(folder);
const browser = await openBrowser(server.address);
const post = async (number: string, deeds: Deed[]) => {
	const response = await fetch(`${server.address}/api/jobs/${number}/bench`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ events: deeds.map((deed) => ({ id: randomUUID(), by: 'OB', deed })) })
	});
	if (!response.ok) throw new Error(await response.text());
};
try {
	await browser.driver.manage().setTimeouts({ script: 120_000 });
	await loadDemo(server.address, 'demo');
	for (let one = 0; one < TIMERS; one += 1) {
		const number = await keepJob(server.address, workedJob());
		await post(number, [
			{ kind: 'begun', rev: 1 },
			{ kind: 'done', step: 'hinge', waits: { minutes: 30 + one, what: `Hinges ${one + 1}` } }
		]);
	}
	await post('K-0101', [
		{ kind: 'begun', rev: 1 },
		...(['ready', 'gather', 'cut-boards'] as const).map((step): Deed => ({ kind: 'done', step }))
	]);
	await browser.open('/jobs/K-0101/bench');
	await browser.heading('Cut the glazing, UV acrylic, low reflection, anti-static');
	const times = await browser.driver.executeAsyncScript<number[] | string>(MEASURE, KEYS);
	if (typeof times === 'string') throw new Error(times);
	report(`a key to its answer, ${TIMERS} timers`, times, 50);

	// The server goes; five hundred entries are made; it comes back.
	await browser.open('/jobs/K-0101/bench');
	const before = await eventsOf();
	await browser.driver.executeScript('window.fetchWas = fetch; window.fetch = () => Promise.reject(new Error("away"))');
	await browser.driver.executeAsyncScript(
		`const [count, done] = arguments;
		(async () => {
			const ticks = () => [...document.querySelectorAll('main input[type=checkbox]')];
			while (!ticks().length) { dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true, cancelable: true })); await new Promise((r) => setTimeout(r, 50)); }
			for (let one = 0; one < count; one += 1) { ticks()[one % ticks().length].click(); await new Promise((r) => setTimeout(r, 0)); }
			done();
		})();`,
		OUTBOX
	);
	await browser.sees(`${OUTBOX} entries wait`);
	const start = performance.now();
	await browser.driver.executeScript('window.fetch = window.fetchWas; dispatchEvent(new Event("online"))');
	let after: Awaited<ReturnType<typeof eventsOf>> = [];
	do after = (await eventsOf()).slice(before.length);
	while (after.length < OUTBOX && performance.now() - start < 20_000);
	const sent = performance.now() - start;
	line(`an outbox of ${OUTBOX} sent`, `${(sent / 1000).toFixed(2)} s`, sent / 3000, '3 s');
	const ids = new Set(after.map(({ id }) => id));
	// Ticked from the first to the last, again and again.
	const named = after.map((event) => (event.kind === 'ticked' ? event.what : ''));
	const ticks = new Set(named).size;
	const inOrder = named.every((what, at) => what === named[at % ticks]);
	console.log(
		`  each once: ${ids.size === OUTBOX && after.length === OUTBOX ? 'yes' : 'NO'}, in their order: ${inOrder ? 'yes' : 'NO'}`
	);
} finally {
	await browser.quit();
	await server.stop();
	removeFolder(folder);
}

async function eventsOf() {
	return ((await (await fetch(`${server.address}/api/jobs/K-0101/bench`)).json()) as BenchAnswer).events;
}
