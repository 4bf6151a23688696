import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();

/** Opens a job at a station. @returns its number */
async function openAt(station: string, changes: Partial<JobFile> = {}): Promise<string> {
	const number = await keepJob(here.server.address, workedJob(changes));
	await here.browser.open(`/jobs/${number}?at=${station}`);
	return number;
}

/** The job as the server keeps it, once a change has arrived there. */
async function keptOnce(number: string, check: (job: JobFile) => boolean): Promise<JobFile> {
	let job: JobFile | undefined;
	await here.browser.waitFor(`${number} to be kept`, async () => {
		job = ((await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { job: JobFile }).job;
		return check(job);
	});
	return job!;
}

const says = async (label: string) => {
	const field = await here.browser.field(label);
	return here.browser.driver.executeScript<string | null>(
		'const id = arguments[0].getAttribute("aria-describedby"); return id && document.getElementById(id).textContent.trim();',
		field
	);
};

test('intake: title, maker, grade, media in and out, concerns with their caution', async () => {
	const number = await openAt('intake');
	await here.browser.type('Title of the job', 'Ferry timetable');
	await here.browser.type('Maker', 'Harbour office');
	await here.browser.press('Rare');
	await here.browser.choose('Add a medium', 'watercolour');
	await here.browser.choose('Add a medium', 'charcoal');
	await here.browser.sees('UV acrylic over a sheet that sheds.');
	await here.browser.press('Take out charcoal');
	await here.browser.seesNo('UV acrylic over a sheet that sheds.');
	await here.browser.press('It will travel');
	const job = await keptOnce(number, (one) => one.piece?.travels === true);
	assert.deepEqual(
		[job.title, job.aim, job.piece!.maker, job.piece!.medium],
		['Ferry timetable', 'rare', 'Harbour office', ['watercolour']]
	);
});

test('measure: two sides become four, a diagonal shows the lean, an impossible one stays in its field', async () => {
	const number = await openAt('measure');
	await here.browser.press('Four sides');
	await here.browser.type('Diagonal, top-left to bottom-right', '683.1');
	await here.browser.keys(Key.ENTER);
	await here.browser.sees(/The sheet leans [\d.]+ mm to the (left|right) at the foot/);
	await here.browser.type('Diagonal, top-left to bottom-right', '1200');
	await here.browser.waitFor('the fault', async () => (await says('Diagonal, top-left to bottom-right')) !== null);
	assert.match((await says('Diagonal, top-left to bottom-right'))!, /^\S.*\.$/);
	await here.browser.keys(Key.ESCAPE);
	await here.browser.waitFor('the length to be back', async () => (await says('Diagonal, top-left to bottom-right')) === null);
	await here.browser.press('Width, height');
	const job = await keptOnce(number, (one) => 'width' in (one.piece?.readings ?? {}));
	assert.deepEqual(job.piece!.readings, { width: 402, height: 551 });
});

test('window: sides that differ, own borders, a mat more and one less, a zone that must show', async () => {
	const number = await openAt('window');
	await here.browser.press('sides differ');
	await here.browser.type('Overlap bottom', '9');
	await here.browser.press('Own');
	await here.browser.type('Border left', '61.5');
	await here.browser.press('add a mat');
	await here.browser.type('Reveal of mat 3', '4');
	await here.browser.press('take mat 2 out');
	let job = await keptOnce(number, (one) => one.mats?.length === 2 && one.mats[1]!.reveal === 4);
	assert.deepEqual(job.window!.overlap, { top: 6, right: 6, bottom: 9, left: 6 });
	assert.equal(job.borders!.left, 61.5);
	await here.browser.press('the same on each side');
	job = await keptOnce(number, (one) => typeof one.window?.overlap === 'number');
	await here.browser.press('add a zone');
	job = await keptOnce(number, (one) => one.piece?.zones?.length === 1);
	assert.ok(job.piece!.zones![0]!.id);
});

test('guard: a filler in and out, a backing that is not safe and its fix', async () => {
	const number = await openAt('guard');
	await here.browser.press('add a filler');
	await here.browser.type('Thickness of filler 1', '3');
	await keptOnce(number, (one) => one.guard?.fillers?.[0]?.thickness === 3);
	await here.browser.press('take filler 1 out');
	await here.browser.press('Backing: ');
	await here.browser.press('choose Chipboard');
	await here.browser.sees('Chipboard closes the back, no barrier before it.');
	await here.browser.press('Back: fluted polypropylene sheet');
	await here.browser.seesNo('It gives off acid and formaldehyde');
	const job = await keptOnce(number, (one) => one.guard?.backing === 'fluted-pp');
	assert.deepEqual(job.guard!.fillers, []);
});

test('hold, frame, back, wall: choices are taken, figures follow', async () => {
	const number = await openAt('hold');
	await here.browser.choose('Adhesive', 'Gummed linen tape');
	await here.browser.choose('Hinges', '2');
	await here.browser.station('Frame');
	await here.browser.choose('Moulding', 'Oak, 30 face, rabbet 24');
	await here.browser.sees('589 × 748');
	await here.browser.press('Plain');
	await here.browser.choose('Points', 'Flexible tabs');
	await here.browser.sees('Flexible tabs hold the pack.');
	await here.browser.station('Back');
	await here.browser.press('Dust cover over the whole back');
	await here.browser.station('Wall');
	await here.browser.press('Rings');
	await here.browser.press('A quarter');
	await here.browser.type('Centre above the floor', '1450');
	const job = await keptOnce(number, (one) => one.hang?.centreHeight === 1450);
	assert.deepEqual(
		[job.hold, job.frame!.moulding, job.frame!.corners, job.frame!.points, job.back!.dustCover, job.hang!.by],
		[{ adhesive: 'gummed-linen', count: 2 }, 'oak-30', 'plain', 'flexible', true, 'rings']
	);
});

test('cut, bench, record: lists of this very piece, files, revisions', async () => {
	const number = await openAt('cut');
	await here.browser.sees('542 × 701');
	await here.browser.sees('Mat 2, stops from the back');
	await here.browser.station('Bench');
	await here.browser.sees('Make the bench ready');
	await here.browser.sees('Take care.');
	await here.browser.station('Record');
	for (const name of ['Front, SVG', 'Section, SVG', 'Back, SVG', 'Cut list, CSV']) {
		const address = await (await here.browser.button(name)).getAttribute('href');
		assert.equal((await fetch(address!)).status, 200, name);
	}
	await here.browser.station('Window');
	await here.browser.type('Border width', '75');
	await keptOnce(number, (one) => one.borders?.width === 75);
	await here.browser.station('Record');
	await here.browser.waitFor('the second revision', async () =>
		/Revisions 2 .* look at it.* 1 .* look at it/.test((await here.browser.text()).replace(/\s+/g, ' '))
	);
});

test('mm and inch: the same piece in the other unit, and what was typed in inches stays as typed', async () => {
	const number = await openAt('window', { borders: { way: 'even', width: '2 3/4 in' } });
	const valueOf = async (label: string) => (await here.browser.field(label)).getAttribute('value');
	assert.equal(await valueOf('Border width'), '69.9');
	await here.browser.press('inch');
	await here.browser.waitFor('inches', async () => (await valueOf('Border width')) === '2 3/4');
	await here.browser.keys(Key.ESCAPE);
	await here.browser.sees('Front, in,');
	await here.browser.press('mm');
	await here.browser.sees('Front, mm,');
	const job = await keptOnce(number, (one) => one.unit === 'mm');
	assert.equal(job.borders!.width, '2 3/4 in');
});
