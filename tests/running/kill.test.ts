import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, send, startServer } from './server.ts';

const TIMES = 20;

test(`killed right after an answered save, ${TIMES} times: every answered revision is there`, async () => {
	const folder = newFolder();
	try {
		let number = '';
		let rev = 0;
		for (let time = 0; time <= TIMES; time += 1) {
			const server = await startServer(folder);
			if (time === 0) {
				number = await keepJob(server.address, workedJob({ title: 'Revision 1' }));
				rev = 1;
			} else {
				const { revisions } = (await (await fetch(`${server.address}/api/jobs/${number}/revisions`)).json()) as {
					revisions: { rev: number }[];
				};
				assert.deepEqual(
					revisions.map((one) => one.rev).sort((one, other) => one - other),
					Array.from({ length: rev }, (_, index) => index + 1)
				);
				const { job } = (await (await fetch(`${server.address}/api/jobs/${number}`)).json()) as { job: { title: string } };
				assert.equal(job.title, `Revision ${rev}`);
			}
			if (time === TIMES) {
				await server.stop();
				break;
			}
			const answer = await send(server.address, 'PUT', `/api/jobs/${number}`, workedJob({ title: `Revision ${rev + 1}` }), {
				'if-match': `"${rev}"`
			});
			assert.equal(answer.status, 200);
			server.process.kill('SIGKILL');
			await server.stop('SIGKILL');
			rev += 1;
		}
		assert.equal(rev, TIMES + 1);
	} finally {
		removeFolder(folder);
	}
});
