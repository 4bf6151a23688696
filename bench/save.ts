/** A revision kept: from the request to the answer, over HTTP, one after the other, in a data folder that holds work. */
import { workedJob } from '../tests/jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer } from '../tests/running/server.ts';
import { report } from './report.ts';

const folder = newFolder();
const server = await startServer(folder);
try {
	for (let count = 0; count < 100; count += 1) await keepJob(server.address, workedJob({ title: `Piece ${count}` }));
	const number = await keepJob(server.address, workedJob());
	const times: number[] = [];
	for (let rev = 1; rev <= 500; rev += 1) {
		const job = workedJob({ title: `Revision ${rev}` });
		const start = performance.now();
		const answer = await send(server.address, 'PUT', `/api/jobs/${number}`, job, { 'if-match': `"${rev}"` });
		await answer.text();
		times.push(performance.now() - start);
		if (answer.status !== 200) throw new Error(`Revision ${rev}: ${answer.status}`);
	}
	report('saving a revision', times.slice(20), 30);
} finally {
	await server.stop();
	removeFolder(folder);
}
