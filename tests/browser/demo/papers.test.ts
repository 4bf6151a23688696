import assert from 'node:assert/strict';
import { test } from 'node:test';
import { planned, workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { asPdf, lengthOf, linesOf, pagesOf } from '../pdf.ts';
import { stage } from '../setup.ts';

const here = stage();

const printed = () => pagesOf(here.browser);

/** The fullest of each kind: two mats that lean, a lift, a filler, a metal kit, no mat, strips, a frame out of true. */
const FULLEST = ['K-0101', 'K-0103', 'K-0106', 'K-0108', 'K-0110', 'K-0111', 'K-0114'];

test('the job sheet is three pages at its own size: the fullest ones on Letter, which is shorter, and on A4', async () => {
	await here.loadDemo();
	for (const number of FULLEST) {
		await here.browser.open(`/jobs/${number}/sheet`);
		if (number === 'K-0101') assert.deepEqual(await printed(), { pages: 3, sizes: new Set(['595 × 842']) }, number);
		await here.browser.press('Letter');
		assert.deepEqual(await printed(), { pages: 3, sizes: new Set(['612 × 792']) }, number);
	}
});

test('the sheet of several windows: each sheet’s place, each opening’s stops, each board as it lies', async () => {
	await here.browser.open('/jobs/K-0112/sheet');
	for (const text of ['Window 1: Position', 'Window 3: Position', '2, window 3', 'Window 2: T-hinges'])
		await here.browser.sees(text);
	assert.deepEqual(await printed(), { pages: 4, sizes: new Set(['595 × 842']) });
});

test('the sheet of a float and of the customer’s frame leave out what they have not', async () => {
	await here.browser.open('/jobs/K-0107/sheet');
	await here.browser.sees('support, set back 548 × 748');
	await here.browser.seesNo('tolerance, across and down');
	await here.browser.open('/jobs/K-0114/sheet');
	await here.browser.sees('rabbet 397 × 494');
	await here.browser.seesNo('rails at the long points');
});

test('the back label is one label, with a code that leads to the job', async () => {
	await here.browser.open('/jobs/K-0104/label');
	assert.deepEqual(await printed(), { pages: 1, sizes: new Set(['283 × 198']) });
	await here.browser.sees('Kelp, cyanotype');
});

test('a piece without readings has a paper that says so', async () => {
	await here.browser.open('/');
	await here.browser.keys('n');
	await here.browser.heading('Intake');
	await here.browser.press('Job sheet');
	await here.browser.sees('The sheet is not measured yet');
});

test('the template of the back is as large as the frame: its bar, its crosses and the drop of its rings, measured on the printed page', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=back`);
	await here.browser.keys('t');
	await here.browser.sees('Back, from behind, 1 : 1');
	const { frame, hang } = planned();
	// 577 × 736 in parts of 190 × 255 that lie over each other by 12, and the stick in two.
	const parts = Math.ceil((frame!.outer.width - 12) / 178) * Math.ceil((frame!.outer.height - 12) / 243);
	const pdf = await asPdf(here.browser);
	assert.equal((await printed()).pages, parts + Math.ceil((hang!.drop + 20 - 12) / 243));
	const pages = linesOf(pdf).filter((lines) => lines.some((line) => Math.abs(lengthOf(line) - 100) < 0.05));
	assert.equal(pages.length, parts + Math.ceil((hang!.drop + 20 - 12) / 243), 'a bar of 100 mm on every page');
	// On the first page: arms of the crosses of registration, 10 mm, half a page apart.
	const first = pages[0]!;
	assert.ok(
		first.some((line) => Math.abs(lengthOf(line) - frame!.outer.width) < 0.05),
		'the frame’s own width'
	);
	const upright = first.filter((line) => Math.abs(line.x1 - line.x2) < 0.01 && Math.abs(lengthOf(line) - 10) < 0.02);
	const heights = [...new Set(upright.map(({ y1, y2 }) => ((y1 + y2) / 2).toFixed(1)))]
		.map(Number)
		.sort((one, other) => other - one);
	assert.ok(
		heights.some((one) => heights.some((other) => Math.abs(one - other - 255 / 2) < 0.15)),
		heights.join(' ')
	);
	// The ring of the left side: as far below the frame’s top edge as the plan says, over two pages that share a band.
	const across = pages.flatMap((lines, at) =>
		lines
			.filter((line) => Math.abs(line.y1 - line.y2) < 0.01 && Math.abs(lengthOf(line) - 14) < 0.02)
			.map((line) => ({ at, line }))
	);
	assert.ok(across.length >= 2, 'the crosses at the rings');
});

test('the care sheet: nails, cleaning and carrying of this piece, on one page', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}`);
	await here.browser.keys('h');
	await here.browser.sees('How to care for it');
	await here.browser.sees('never a dry one; no paper towel');
	await here.browser.sees('Wrap it in a pouch of');
	assert.equal((await printed()).pages, 1);
});
