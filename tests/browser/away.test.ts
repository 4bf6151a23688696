/** A server that goes away under an open page, and comes back. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workedJob } from '../jobs.ts';
import { keepJob, newFolder, removeFolder, startServer } from '../running/server.ts';
import { openBrowser } from './browser.ts';

test('the page says that nothing answers, keeps what is typed, and goes on by itself', async () => {
	const folder = newFolder();
	let server = await startServer(folder);
	const browser = await openBrowser(server.address);
	try {
		const number = await keepJob(server.address, workedJob({ title: 'Before' }));
		await browser.open(`/jobs/${number}?at=intake`);
		const port = Number(new URL(server.address).port);
		await server.stop('SIGKILL');
		await browser.type('Owner', 'Lighthouse trust');
		const says = (text: string) => async () => (await browser.text()).includes(text);
		await browser.waitFor('the word that nothing answers', says('does not answer'));
		server = await startServer(folder, port);
		await browser.waitFor('the word to go', async () => !(await browser.text()).includes('does not answer'));
		const owner = async () => {
			const { job } = (await (await fetch(`${server.address}/api/jobs/${number}`)).json()) as {
				job: { piece?: { owner?: string } };
			};
			return job.piece?.owner;
		};
		await browser.waitFor('what was typed to be saved', async () => (await owner()) === 'Lighthouse trust');
		assert.equal(await (await browser.field('Owner')).getAttribute('value'), 'Lighthouse trust');
	} finally {
		await browser.quit();
		await server.stop();
		removeFolder(folder);
	}
});
