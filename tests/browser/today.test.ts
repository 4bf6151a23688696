import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();
const run = <T>(script: string) => here.browser.driver.executeScript<T>(script);

test('an empty day says so', async () => {
	await here.browser.open('/');
	await here.browser.sees('The rack is empty.');
});

test('the rack: every piece from its plan, all to scale; the list says what each needs next', async () => {
	await here.loadDemo();
	await here.browser.open('/');
	await here.browser.sees('Eleven pieces ready for the bench:');
	await here.browser.sees('K-0101 can’t be framed as planned');
	// Outer widths in mm over widths in px: one ratio for all.
	const widths = await run<Record<string, number>>(
		`return Object.fromEntries([...document.querySelectorAll('a[href^="/jobs/K-"] svg[viewBox][aria-hidden]')].map((svg) => [svg.closest('a').getAttribute('href').slice(6, 12), svg.getBoundingClientRect().width]));`
	);
	const scales = Object.entries({
		'K-0101': 571,
		'K-0103': 323,
		'K-0104': 411,
		'K-0106': 475,
		'K-0107': 747.5,
		'K-0112': 463.5,
		'K-0116': 675.825
	}).map(([number, outer]) => widths[number]! / outer);
	for (const scale of scales) assert.ok(Math.abs(scale / scales[0]! - 1) < 0.02, `${scales.join(', ')}`);
	await here.browser.sees('Clear the stops');
});

test('a piece is found by number, title or maker, and all are shown again', async () => {
	await here.browser.open('/');
	await here.browser.type('Find a piece by number, title or artist', 'kelp');
	await here.browser.keys(Key.ENTER);
	await here.browser.sees('One piece found for “kelp”.');
	await here.browser.seesNo('K-0106');
	await here.browser.press('Show all');
	await here.browser.sees('K-0106');
	await here.browser.open('/?find=100%25_');
	await here.browser.sees('No piece found');
	// A slip of the hand is looked past, and said.
	await here.browser.open('/?find=sinal+flag');
	await here.browser.sees('No match for “sinal flag”. Close matches:');
	await here.browser.sees('K-0105');
});

test('a piece opens from the rack, the browser’s back comes to Today, a reload to the same place', async () => {
	await here.browser.open('/');
	await here.browser.press('K-0104');
	await here.browser.heading('Window');
	await here.browser.station('Hold');
	await here.browser.driver.navigate().refresh();
	await here.browser.heading('Hold');
	// One step back, not out of the job.
	await here.browser.driver.navigate().back();
	await here.browser.heading('Window');
	await here.browser.driver.navigate().back();
	await here.browser.sees('all to scale');
});

test('a new piece says what it needs, and Enter walks through title, owner, wanted, width and height', async () => {
	await here.browser.open('/');
	await here.browser.keys('n');
	await here.browser.heading('Intake');
	await here.browser.sees('Enter width and height to see the drawing.');
	await here.browser.sees('Still to do, measure: one width and one height of the sheet, or its four sides.');
	await here.browser.waitFor('the cursor in the title', () =>
		run<boolean>('return document.activeElement.matches("input") && document.activeElement.value === ""')
	);
	const typed = ['Gull print', 'Net Loft', '3 Dec 2026', '300', '400'];
	await here.browser.keys(...typed.flatMap((text) => [text, Key.ENTER]));
	await here.browser.sees('Front, mm,');
	// Behind the last field the keys are commands again.
	await here.browser.keys('7');
	await here.browser.heading('Cut');
	const number = (await here.browser.driver.getCurrentUrl()).match(/K-\d+/)![0];
	await here.browser.waitFor('it to be kept', async () => {
		const { job } = (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { job: JobFile };
		const { title, piece, dates } = job;
		return (
			JSON.stringify([title, piece?.owner, dates?.wanted, piece?.readings]) ===
			JSON.stringify(['Gull print', 'Net Loft', '2026-12-03', { width: 300, height: 400 }])
		);
	});
});

test('what is typed as markup is text everywhere', async () => {
	const title = '<img src=x onerror="document.title=1"> & “quotes”';
	const number = await keepJob(here.server.address, workedJob({ title }));
	for (const path of [
		'/',
		`/jobs/${number}`,
		`/jobs/${number}/sheet`,
		`/jobs/${number}/label`,
		`/?find=${encodeURIComponent('<b>')}`
	]) {
		await here.browser.open(path);
		assert.equal(await run('return document.querySelectorAll("img").length'), 0, path);
		assert.notEqual(await run('return document.title'), '1', path);
	}
	await here.browser.open(`/jobs/${number}`);
	await here.browser.sees(title);
});

test('an address where nothing is says so and leads back', async () => {
	await here.browser.open('/jobs/K-9999');
	await here.browser.sees(/not found|Nothing/i);
	await here.browser.press('Today');
	await here.browser.sees('all to scale');
});

test('the handbook: chapters, a figure’s paragraph, a rule’s paragraph', async () => {
	await here.browser.open('/handbook');
	await here.browser.press('Hold');
	await here.browser.heading('Hold');
	await here.browser.open('/jobs/K-0104?at=wall&view=back');
	await here.browser.press('Length of the wire');
	await here.browser.press('Handbook: hang, wire');
	// The station has the heading of the chapter.
	const at = (place: RegExp) => async () => place.test(await here.browser.driver.getCurrentUrl());
	await here.browser.waitFor('the paragraph of the wire', at(/\/handbook\/hang#wire$/));
	await here.browser.heading('Wall');
	await here.browser.open('/jobs/K-0101');
	await here.browser.press('Handbook, board.touch-acidic');
	await here.browser.waitFor('the paragraph of the rule', at(/\/handbook\/findings#board\.touch-acidic$/));
	await here.browser.heading('Findings');
	assert.equal(await run('return document.getElementById("board.touch-acidic") !== null'), true);
});

test('narrow and wide, and turned while it is open, nothing runs out of the page', async () => {
	const SCREENS = ['/', '/jobs/K-0101?at=window', '/jobs/K-0101?at=measure', '/jobs/K-0101?at=guard&view=layers'];
	const PAPERS = ['/jobs/K-0101/sheet', '/jobs/K-0101/quote', '/jobs/K-0101/template', '/jobs/K-0101/care'];
	try {
		for (const path of [...SCREENS, ...PAPERS, '/handbook/window', '/handbook/findings', '/stock/materials']) {
			await here.browser.inTheHand({ width: 1600, height: 800 });
			await here.browser.open(path);
			for (const width of [1024, 768, 390]) {
				await here.browser.inTheHand({ width, height: 800 });
				await here.browser.settled();
				const [content, room] = await run<[number, number]>('return [document.documentElement.scrollWidth, screen.width]');
				assert.ok(content <= room + 1, `${path} at ${width}: ${content} in ${room}`);
			}
		}
	} finally {
		await here.browser.inTheHand(null);
	}
});

test('in the hand a section keeps half of its place, and names beside it go as far as the rest', async () => {
	try {
		await here.browser.inTheHand({ width: 390, height: 844 });
		await here.browser.open('/jobs/K-0101?at=frame&view=section');
		await here.browser.settled();
		const [wood, names] = await run<[number, string[]]>(
			`const svg = document.querySelector('figure > svg');
			return [svg.querySelector('[id$=drawn]').getBoundingClientRect().width, [...svg.querySelectorAll('text')].map((one) => one.textContent).filter((one) => /[a-z]/.test(one))];`
		);
		assert.ok(wood > 80, `drawn ${wood} px wide`);
		assert.ok(
			names.some((name) => /^6 Filler, .+…$/.test(name)),
			names.join('; ')
		);
		assert.ok(names.includes('0.5 The sheet'), names.join('; '));
	} finally {
		await here.browser.inTheHand(null);
	}
});
