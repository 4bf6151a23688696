/** Every part of the work: a job of each scope opens at every one of its stations, with the panel that says so, and nothing breaks. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { SCOPES } from '../../core/job/kinds.ts';
import { SCOPE_OF } from '../../core/job/scopes.ts';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { BACK_ONLY, HANG_ONLY } from '../as-it-comes.ts';
import { stage } from './setup.ts';

const here = stage();

for (const scope of SCOPES)
	test(`${SCOPE_OF[scope].name}: every station opens`, async () => {
		const { open, browserText, follow } = { ...here.browser, browserText: here.browser.text };
		const closed = !SCOPE_OF[scope].window;
		const job = closed
			? { ...HANG_ONLY, ...BACK_ONLY, given: { ...HANG_ONLY.given, ...BACK_ONLY.given }, scope }
			: workedJob({ scope });
		const number = await keepJob(here.server.address, job);
		await open(`/jobs/${number}`);
		for (const station of SCOPE_OF[scope].stations) {
			await follow(`/jobs/${number}?at=${station}`);
			await here.browser.waitFor(`the panel of ${station}`, () =>
				here.browser.driver.executeScript<boolean>(
					'return document.querySelector("main h1")?.textContent.trim().toLowerCase() === arguments[0]',
					station
				)
			);
			assert.doesNotMatch(await browserText(), /can’t be shown|went wrong|Internal Error/, `${scope} ${station}`);
		}
	});
