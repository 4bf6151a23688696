/** Start of a data folder that exists: from the command to the line with the address. */
import { workedJob } from '../tests/jobs.ts';
import { keepJob, newFolder, removeFolder, startServer } from '../tests/running/server.ts';
import { report } from './report.ts';

const folder = newFolder();
try {
	const first = await startServer(folder);
	for (let count = 0; count < 200; count += 1) await keepJob(first.address, workedJob({ title: `Piece ${count}` }));
	await first.stop();
	const times: number[] = [];
	for (let turn = 0; turn < 7; turn += 1) {
		const start = performance.now();
		const server = await startServer(folder);
		times.push(performance.now() - start);
		await server.stop();
	}
	report('start of an existing data folder', times, 4000);
} finally {
	removeFolder(folder);
}
