/** The bench: a job from the gather list to the last look by the keyboard alone, with everything that comes between. */
import assert from 'node:assert/strict';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import type { BenchAnswer } from '../../src/lib/server/bench.ts';
import type { KeptMovement, ThingLine } from '../../src/lib/server/db/stock.ts';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { begin } from './begin-run.ts';
import { Key, openBrowser, type Browser } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();

const bench = async (number: string): Promise<BenchAnswer> =>
	(await (await fetch(`${here.server.address}/api/jobs/${number}/bench`)).json()) as BenchAnswer;
const run = <T>(browser: Browser, script: string) => browser.driver.executeScript<T>(script);
/** The step that is open, by its place in the list. */
const openStep = (browser: Browser) =>
	run<string | null>(browser, 'return document.querySelector("nav [aria-current=step]")?.closest("li").dataset.step ?? null');
const heading = (browser: Browser) => run<string>(browser, 'return document.querySelector("main h2")?.textContent ?? ""');
const untilStep = (browser: Browser, step: string) =>
	browser.waitFor(`the step ${step}`, async () => (await openStep(browser)) === step);

test('from the gather list to the last look by keyboard, with a re-open, a reload, a killed server and a second browser', async () => {
	const { browser } = here;
	await here.loadDemo();
	await browser.open('/jobs/K-0101/bench');
	await browser.sees(/About .* of work/);
	// Whose hands these are.
	await browser.keys('i');
	await browser.keys('ob', Key.ENTER);
	await browser.sees('OB');
	await begin(browser);
	await untilStep(browser, 'ready');

	const did: string[] = [];
	let second: Browser | null = null;
	const went = { reloaded: false, killed: false, reopened: false, joined: false };
	try {
		for (let turn = 0; turn < 80; turn += 1) {
			if ((await heading(browser)) === 'Done') break;
			const step = (await openStep(browser))!;
			// What does not lie in the shop is said before anything is cut.
			if (step === 'gather') await browser.sees(/Not enough in stock.*UV acrylic/s);
			if (step === 'cut-glazing' && !went.reloaded) {
				went.reloaded = true;
				await browser.driver.navigate().refresh();
				await untilStep(browser, step);
				continue;
			}
			if (step === 'join-mats' && !went.killed) {
				went.killed = true;
				here.server.process.kill('SIGKILL');
				await once(here.server.process, 'exit');
				await browser.keys(' ');
				did.push(`done ${step}`);
				await browser.sees('No connection to the server');
				await here.startAgain();
				await browser.seesNo('No connection to the server');
				await browser.waitFor('what was done meanwhile', async () =>
					(await bench('K-0101')).events.some((event) => event.kind === 'done' && event.step === 'join-mats')
				);
				continue;
			}
			if (step === 'mark-up' && !went.joined) {
				went.joined = true;
				second = await openBrowser(here.server.address);
				await second.open('/jobs/K-0101/bench');
				await untilStep(second, step);
				await second.keys(' ');
				did.push(`done ${step}`);
				// The first hears of it, and is where the second is.
				await browser.waitFor('the second’s step', async () => /✓ Done/.test(await browser.text()));
				await browser.keys(' ');
				continue;
			}
			if (step === 'seal' && !went.reopened) {
				went.reopened = true;
				await browser.keys('x');
				await browser.sees('Reopen because of');
				await browser.keys('2');
				did.push('reopened lint');
				// What was closed is opened first.
				await untilStep(browser, 'open-again');
				await browser.sees(/Lift \d+ points out with a tool\./);
				await browser.keys(' ');
				did.push('done open-again');
				await untilStep(browser, 'dust-first');
				await browser.keys('2');
				did.push('looked lint');
				await browser.sees('1 round so far: lint');
				continue;
			}
			if (step === 'centre') {
				await browser.keys('r');
				await browser.waitFor('the cursor in the first reading', () =>
					run(browser, 'return document.activeElement.matches("main input")')
				);
				for (const reading of ['63.6', '64', '73.9', '73.5', '63', '62.6', '64', '64.4']) await browser.keys(reading, Key.ENTER);
				did.push('read');
				await browser.sees(/Push right 0\.\d/);
			}
			if (step === 'edge-seal')
				await browser.sees(/From stock, taken with “Done”: [\d.]+ m of aluminium laminate tape \(tape rack\)/);
			if (step === 'hang') {
				await browser.keys(' ');
				assert.equal(await openStep(browser), 'hang', 'it goes on once the question is answered');
				await browser.keys('y');
				did.push('answered yes');
			}
			await browser.keys(' ');
			if (/Reason for overriding the lock/.test(await browser.text())) {
				// Twelve hours of glue are no matter of this test: it is said why.
				await browser.keys('Dry, looked at', Key.ENTER);
				did.push(`forced ${step}`);
			} else did.push(`done ${step}`);
			await browser.waitFor(
				'the next step',
				async () => (await openStep(browser)) !== step || (await heading(browser)) === 'Done'
			);
		}
		assert.equal(await heading(browser), 'Done');
		assert.deepEqual(went, { reloaded: true, killed: true, reopened: true, joined: true });
		assert.match(await browser.text(), /Reopened\s+lint/);
		assert.ok(did.filter((one) => one.startsWith('forced')).length > 0, 'something was not dry yet');

		// What is kept is what was done, event by event.
		await browser.waitFor('the end on the server', async () => (await bench('K-0101')).ended);
		const { events } = await bench('K-0101');
		const said = events.flatMap((event): string[] => {
			switch (event.kind) {
				case 'done':
					return [event.forced === undefined ? `done ${event.step}` : `forced ${event.step}`];
				case 'reopened':
					return [`reopened ${event.cause}`];
				case 'looked':
					return [`looked ${event.cause}`];
				case 'read':
					return ['read'];
				case 'answered':
					return [`answered ${event.yes ? 'yes' : 'no'}`];
				default:
					return [];
			}
		});
		assert.deepEqual(said, did);
		// What its steps used is counted off, the tape of the second closing too.
		const { things } = (await (await fetch(`${here.server.address}/api/stock`)).json()) as { things: ThingLine[] };
		const tape = things.find(({ material }) => material === 'aluminium-laminate')!;
		const { movements } = (await (await fetch(`${here.server.address}/api/stock/${tape.id}`)).json()) as {
			movements: KeptMovement[];
		};
		const used = movements.filter(({ kind, job }) => kind === 'used' && job === 101);
		assert.deepEqual([used.length, tape.present], [2, 40 + used.reduce((sum, { present }) => sum + present, 0)]);
		assert.deepEqual([events[0]!.kind, events.at(-1)!.kind], ['begun', 'ended']);
		assert.ok(events.filter(({ by }) => by === 'OB').length >= events.length - 1);
		// The second has it without a reload.
		await second!.sees('Reopened');
	} finally {
		await second?.quit();
	}
});

test('the plan is changed meanwhile: what differs is said, and by which it goes on is chosen', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ answered: ['hold'] }));
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees(/About .* of work/);
	await browser.keys(' ');
	await untilStep(browser, 'ready');
	const changed = workedJob({ answered: ['hold'], back: { dustCover: true } });
	const put = await fetch(`${here.server.address}/api/jobs/${number}`, {
		method: 'PUT',
		headers: { 'content-type': 'application/json', 'if-match': '"1"' },
		body: JSON.stringify(changed)
	});
	assert.equal(put.status, 200);
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees('The plan has changed');
	await browser.sees('Dust cover: new');
	await browser.press('Stay with the old plan');
	await untilStep(browser, 'ready');
	assert.doesNotMatch(await browser.text(), /Dust cover/);
	const { events } = await bench(number);
	assert.deepEqual(
		events.map(({ kind }) => kind),
		['begun', 'stayed']
	);
});

test('a mat that was cut too small: off is said, and the plan goes on from what was cut', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ answered: ['hold'], mats: [{ board: 'cotton-4' }] }));
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees(/About .* of work/);
	await begin(browser);
	await untilStep(browser, 'ready');
	for (const step of ['gather', 'cut-frame']) {
		await browser.keys(' ');
		await untilStep(browser, step);
	}
	await browser.press('6 Cut the boards');
	await untilStep(browser, 'cut-boards');
	await browser.press('Check the cut');
	const planned = /(\d+(?:\.\d)?) × (\d+(?:\.\d)?)\s+window (\d+(?:\.\d)?) × (\d+(?:\.\d)?)/.exec(await browser.text())!;
	const [width, height, w, h] = planned.slice(1).map(Number) as [number, number, number, number];
	await browser.type('Width', String(width));
	await browser.type('Height', String(height));
	await browser.type('Window, width', String(w - 2));
	await browser.type('Window, height', String(h));
	await browser.press('Save measurements');
	await browser.sees('Off: window width 2 too small. Recut it.');
	await browser.sees('This makes a new revision');
	await browser.press('Replan from this cut');
	const job = await here.untilKept(number, 'the mat as cut', ({ mats }) => mats?.[0]?.have !== undefined);
	assert.deepEqual(job.mats![0]!.have!.opening, { width: w - 2, height: h });
	await browser.waitFor('the run on the new plan', async () =>
		(await bench(number)).events.some((event) => event.kind === 'taken-over' && event.rev === 2)
	);
	await browser.sees('Cut the boards');
});

test('a batch is counted piece by piece, by keys, on two devices; all of the rest at once', async () => {
	const { browser } = here;
	const number = await keepJob(here.server.address, workedJob({ copies: 3 }));
	const isAt = (says: string) => browser.sees(says);
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees('each for all 3 before the next');
	await begin(browser);
	await untilStep(browser, 'ready');
	await browser.keys(' ');
	await untilStep(browser, 'gather');
	await browser.keys(' ');
	await untilStep(browser, 'cut-frame');
	await browser.press('6 Cut the boards');
	await untilStep(browser, 'cut-boards');
	await browser.keys(' ');
	await isAt('1 of 3 done');
	const other = await openBrowser(here.server.address);
	try {
		await other.open(`/jobs/${number}/bench`);
		await other.press('6 Cut the boards · 1 of 3');
		await other.sees('1 of 3 done');
		await other.keys(' ');
		await isAt('2 of 3 done');
		await browser.keys('-');
		await other.sees('1 of 3 done');
	} finally {
		await other.quit();
	}
	await browser.keys('a');
	await untilStep(browser, 'cut-glazing');
	const counted = (await bench(number)).events.flatMap((event) => (event.kind === 'counted' ? [event.more] : []));
	assert.deepEqual(counted, [1, 1, -1]);
});

test('stops stand at the door: named, passed only with a reason, which the run and the record keep saying', async () => {
	const { browser } = here;
	const flag = JSON.parse(readFileSync('demo/jobs/K-0105.json', 'utf8')) as JobFile;
	const number = await keepJob(here.server.address, {
		...flag,
		title: 'Chip behind it',
		guard: { ...flag.guard!, backing: 'chipboard', barrier: null }
	});
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees('before this begins');
	await browser.keys(' ');
	await browser.sees('Reason for beginning all the same');
	await browser.keys(Key.ENTER);
	assert.equal((await bench(number)).run, 0, 'no reason, no run');
	await browser.keys('a trial fit only', Key.ENTER);
	await browser.sees(/Begun with .* “a trial fit only”/);
	await browser.open(`/jobs/${number}/bench`);
	await browser.sees(/Begun with .* “a trial fit only”/);
	await browser.open(`/jobs/${number}?at=record`);
	await browser.sees('“a trial fit only”');
});
