import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { optionName, SCHOOLS, type School } from '../../../core/job/schools.ts';
import type { Plan } from '../../../core/plan.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

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

const PLACES_OF_SCHOOLS: [station: string, at: School['at']][] = [
	['Intake', 'intake'],
	['Guard', 'guard'],
	['Hold', 'hold'],
	['Frame', 'frame'],
	['Bench', 'bench'],
	['Back', 'back'],
	['Wall', 'wall'],
	['Record', 'record']
];

async function kept(number: string): Promise<{ rev: number; job: JobFile; plan: Plan }> {
	return (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { rev: number; job: JobFile; plan: Plan };
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
	await here.browser.type('Artist', 'Harbour office');
	await here.browser.press('Rare');
	await here.browser.choose('Media', 'watercolour');
	await here.browser.choose('Media', 'charcoal');
	await here.browser.sees('UV acrylic over a friable sheet.');
	await here.browser.press('Remove charcoal');
	await here.browser.seesNo('UV acrylic over a friable sheet.');
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
	await here.browser.sees(/The sheet leans [\d.]+ mm to the (left|right) at the bottom/);
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
	await here.browser.press('remove mat 2');
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
	await here.browser.press('remove filler 1');
	await here.browser.press('Backing board: ');
	await here.browser.press('choose Chipboard');
	await here.browser.sees('Chipboard is the backing board, with no barrier in front of it.');
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
	await here.browser.choose('Moulding', 'Oak, 30 face');
	await here.browser.sees('589 × 748');
	await here.browser.press('Plain');
	await here.browser.choose('Points', 'Flexible points');
	await here.browser.sees('Flexible points hold the pack.');
	await here.browser.station('Back');
	await here.browser.press('Dust cover over the whole back');
	await here.browser.station('Wall');
	await here.browser.choose('Hangs from', 'Rings straight on hooks');
	await here.browser.type('Rings down from the top by', '187');
	await here.browser.type('Centre above the floor', '1450');
	const job = await keptOnce(number, (one) => one.hang?.centreHeight === 1450);
	assert.deepEqual(
		[job.hold, job.frame!.moulding, job.frame!.corners, job.frame!.points, job.back!.dustCover, job.hang],
		[{ adhesive: 'gummed-linen', count: 2 }, 'oak-30', 'plain', 'flexible', true, { by: 'rings', drop: 187, centreHeight: 1450 }]
	);
});

test('cut, bench, record: lists of this very piece, files, revisions', async () => {
	const number = await openAt('cut');
	await here.browser.sees('542 × 701');
	await here.browser.sees('Mat 2, face down');
	await here.browser.station('Bench');
	await here.browser.sees('Prepare the bench');
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
		/Revisions 2 .* compare.* 1 .* compare/.test((await here.browser.text()).replace(/\s+/g, ' '))
	);
});

test('the unit switch only shows: no size changes, no revision is kept, another page reads the same', async () => {
	const number = await openAt('window', { borders: { way: 'even', width: '2 3/4 in' } });
	const valueOf = async (label: string) => (await here.browser.field(label)).getAttribute('value');
	const cutBefore = (await kept(number)).plan.cut;
	assert.equal(await valueOf('Border width'), '69.9');
	await here.browser.press('inch');
	await here.browser.waitFor('inches', async () => (await valueOf('Border width')) === '2 3/4');
	await here.browser.sees('Front, in,');
	await here.browser.open(`/jobs/${number}/sheet`);
	await here.browser.sees('cut in mm, shown in inches');
	const after = await kept(number);
	assert.deepEqual([after.rev, after.job.unit, after.plan.cut], [1, 'mm', cutBefore]);
	await here.browser.open(`/jobs/${number}?at=cut&view=front`);
	await here.browser.press('mm');
	await here.browser.sees('Front, mm,');
	assert.equal((await kept(number)).rev, 1);
});

test('recut in inches says how many sizes change, and is one undo step', async () => {
	const number = await openAt('cut', { borders: { way: 'even', width: 70 } });
	await here.browser.press('Recut in inches: ');
	const job = await keptOnce(number, (one) => one.unit === 'in');
	assert.equal(job.borders!.width, 70);
	await here.browser.sees('Recut in millimetres');
	await here.browser.press('Undo');
	await keptOnce(number, (one) => one.unit === 'mm');
});

test('a fraction typed while millimetres are read asks what is meant, and loses nothing', async () => {
	const number = await openAt('window', { borders: { way: 'even', width: 70 } });
	await here.browser.type('Border width', '2 3/4');
	await here.browser.sees('“2 3/4” is a fraction. Did you mean inches?');
	await here.browser.press('2 3/4 in');
	const job = await keptOnce(number, (one) => one.borders?.width === '2 3/4 in');
	assert.equal(job.unit, 'mm');
	await here.browser.type('Border width', '41,5');
	await keptOnce(number, (one) => one.borders?.width === '41,5 mm');
});

test('nothing is ticked that nobody answered; taking the house’s choices is an answer', async () => {
	const { hold: _, ...undecided } = workedJob();
	const number = await keepJob(here.server.address, undecided);
	await here.browser.open(`/jobs/${number}?at=hold`);
	await here.browser.sees('Grade not known until');
	await here.browser.sees('Nothing chosen here yet.');
	await here.browser.press('Use the shop’s choices');
	await here.browser.seesNo('Grade not known until');
	const job = await keptOnce(number, (one) => one.answered?.includes('hold') ?? false);
	assert.deepEqual(job.answered, ['hold']);
});

test('every school can be chosen in the panel where it belongs', async () => {
	const number = await openAt('intake');
	for (const [station, at] of PLACES_OF_SCHOOLS) {
		await here.browser.station(station);
		await here.browser.unfold();
		for (const school of SCHOOLS.filter((one) => one.at === at))
			await here.browser.choose(school.question, optionName(school.options[1]!));
	}
	const job = await keptOnce(number, (one) => Object.keys(one.schools ?? {}).length === SCHOOLS.length);
	assert.deepEqual(job.schools, Object.fromEntries(SCHOOLS.map(({ id, options }) => [id, options[1]])));
});

test('intake refers: a concern stops the work, a conservator’s finding opens it, a later one is not covered; label and bench say so', async () => {
	const number = await openAt('intake');
	await here.browser.press('mould');
	await here.browser.sees('A conservator must see it first: active mould.');
	await here.browser.sees('Gloves and a mask; bag it loosely, keep it dry, cool and away from other work.');
	await here.browser.type('Conservator', 'A. Holm');
	await here.browser.type('Seen on', '2026-11-20');
	await here.browser.keys(Key.ENTER);
	await here.browser.type('Finding', 'Dead; brushed off outdoors.');
	await here.browser.sees('Active mould, seen by A. Holm, 2026-11-20: Dead; brushed off outdoors.');
	await here.browser.press('tears');
	await here.browser.sees('Ticked after this finding: tears.');
	const job = await keptOnce(number, (one) => one.piece?.conservator?.of !== undefined);
	assert.deepEqual([job.piece!.concerns, job.piece!.conservator!.of], [['mould', 'tears'], ['mould']]);
	await here.browser.open(`/jobs/${number}/bench`);
	await here.browser.sees('Refer it to a conservator');
	await here.browser.seesNo('Close the pack');
	await here.browser.open(`/jobs/${number}/label`);
	await here.browser.sees('A. Holm, 2026-11-20: Dead; brushed off outdoors.');
});
