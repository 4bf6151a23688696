/** Job files at their limits, posted over HTTP; and how long another request waits beside them. */
import { workedJob } from '../tests/jobs.ts';
import type { JobFile } from '../core/job/definition.ts';
import { newFolder, removeFolder, send, startServer } from '../tests/running/server.ts';
import { report } from './report.ts';

let seed = 7;
const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;

function zones(kinds: readonly ('show' | 'hide' | 'keep-off')[], largest: number) {
	return Array.from({ length: 100 }, (_, index) => {
		const [left, top] = [Math.floor(random() * 380), Math.floor(random() * 520)];
		const within = (room: number) => Math.min(1 + Math.floor(random() * largest), room);
		return {
			id: `z${index}`,
			kind: kinds[index % kinds.length]!,
			left,
			top,
			width: within(402 - left),
			height: within(551 - top)
		};
	});
}

const jobs: JobFile[] = [];
for (const largest of [4, 20, 100, 400])
	for (const kinds of [
		['show', 'hide'],
		['hide'],
		['show'],
		['show', 'hide', 'keep-off'],
		['hide', 'hide', 'hide', 'show']
	] as const)
		for (const overlap of ['solve', 6] as const)
			jobs.push(
				workedJob({ piece: { readings: { width: 402, height: 551 }, zones: zones(kinds, largest) }, window: { overlap } })
			);
jobs.push(workedJob({ guard: { fillers: Array.from({ length: 100 }, () => ({ board: 'cotton-4' })) } }));

const folder = newFolder();
const server = await startServer(folder);
try {
	const [times, waits]: [number[], number[]] = [[], []];
	await send(server.address, 'POST', '/api/plan', workedJob());
	for (const job of jobs) {
		const start = performance.now();
		const planned = send(server.address, 'POST', '/api/plan', job).then(async (answer) => {
			await answer.text();
			if (answer.status !== 200) throw new Error(String(answer.status));
			times.push(performance.now() - start);
		});
		const asked = performance.now();
		await (await fetch(`${server.address}/health`)).text();
		waits.push(performance.now() - asked);
		await planned;
	}
	report('a job file at its limits, planned', times, 500);
	report('another request beside it', waits, 50);
} finally {
	await server.stop();
	removeFolder(folder);
}
