/** Jobs that begin with what is there, each from its fields to its paper: a bought frame, a bought mat, mats only, a back, several alike. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { plan } from '../../../core/plan.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();
const sheet = () => workedJob({ aim: 'show', guard: { underMat: 'cotton-4' }, mats: [{ board: 'cotton-4', colour: 'shell' }] });

test('a bought frame with everything in: measured, what stays is said, and nothing of it is cut', async () => {
	const { press, sees, seesNo, choose, type, open } = here.browser;
	const number = await keepJob(here.server.address, sheet());
	await open(`/jobs/${number}?at=frame`);
	await press('Customer’s frame');
	// Nobody has measured it: its figures arrive empty.
	await sees('the rabbet as measured');
	for (const label of ['Width', 'Height', 'Face', 'Lip', 'Depth', 'Rabbet depth'])
		assert.equal(await (await here.browser.field(label)).getAttribute('value'), '', label);
	await type('Width', '545');
	await type('Height', '704');
	await type('Face', '22');
	await type('Lip', '8');
	await type('Depth', '30');
	await type('Rabbet depth', '20');
	await choose('Its glazing', 'stays: plain glass');
	await choose('Its back', 'stays: hardboard');
	await choose('Its points or tabs', 'stay: flexible points');
	await type('How many in all', '12');
	await choose('Its hangers', 'stay: hanging tag');
	await sees('Hardboard is the backing board, with no barrier in front of it.');
	await sees('The existing points or clips stay.');
	const kept = await here.untilKept(number, 'the hangers', (job) => job.frame?.kept?.hangers === 'tag');
	const made = plan(kept, builtInShop);
	assert.deepEqual(
		made.cut.map(({ role }) => role).filter((role) => ['glazing', 'backing', 'wire'].includes(role)),
		[]
	);
	await open(`/jobs/${number}/sheet`);
	await sees('flexible points existing');
	await sees('Bend up the 12 flexible points that hold it, for reuse.');
	await sees('Bend the hanging tag at the picture’s top out with a tool, away from the pack');
	await seesNo('Cut the glazing');
	// A pane that is larger than its rabbet is named, and nothing of it is lost.
	await open(`/jobs/${number}?at=frame`);
	await type('Width of its glazing', '550');
	await sees('The existing pane is 550 mm wide; the rabbet takes 545 mm.');
	await press('New glazing');
	await seesNo('The existing pane');
	await here.untilKept(
		number,
		'the new glazing',
		(job) => job.frame?.kept?.glazing === undefined && job.frame?.kept?.back !== undefined
	);
});

test('a bought set, its mat measured before its frame: the frame is taken as it is, the mat keeps its borders', async () => {
	const { press, type, open, station, seesNo } = here.browser;
	const number = await keepJob(here.server.address, sheet());
	await open(`/jobs/${number}?at=window`);
	await press('Ready-cut');
	await type('Opening width, mat 1', '390');
	await type('Opening height, mat 1', '539');
	await type('Outer width, mat 1', '540');
	await type('Outer height, mat 1', '700');
	await station('Frame');
	await press('Customer’s frame');
	await type('Width', '545');
	await type('Height', '704');
	await seesNo('can’t be planned');
	const kept = await here.untilKept(
		number,
		'the rabbet',
		({ frame }) => frame?.opening !== undefined && 'height' in frame.opening
	);
	assert.deepEqual([kept.frame!.kind, kept.borders], ['ready-made', undefined]);
});

test('a bought mat that is too large for the sheet: said, and mended by one cut to go under it', async () => {
	const { press, sees, seesNo, type, open } = here.browser;
	const number = await keepJob(here.server.address, sheet());
	await open(`/jobs/${number}?at=window`);
	await press('Ready-cut');
	await sees('opening and outer size of mat 1, as measured');
	await type('Opening width, mat 1', '410');
	await type('Opening height, mat 1', '560');
	await type('Outer width, mat 1', '542');
	await type('Outer height, mat 1', '701');
	await sees('The mat’s opening measures 410 × 560; the sheet 402 × 551.');
	await press('A second mat behind it, reveal 8.5 mm');
	await seesNo('The mat’s opening measures');
	const kept = await here.untilKept(number, 'the second mat', (job) => job.mats?.length === 2);
	assert.deepEqual(
		plan(kept, builtInShop)
			.cut.filter(({ role }) => role === 'mat')
			.map(({ of }) => of),
		['mat 2']
	);
	await here.browser.keys(Key.chord(Key.CONTROL, 'z'));
	await sees('The mat’s opening measures 410 × 560');
});

test('a mats-only job: its other stations fold away and come back; six alike, each with its label', async () => {
	const { sees, seesNo, choose, type, press, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ copies: 1 }));
	await open(`/jobs/${number}?at=intake`);
	await choose('Scope of work', 'A matted set');
	await seesNo('Hold');
	const strip = () =>
		here.browser.driver.executeScript<string[]>(
			'return [...document.querySelectorAll("nav.strip .name")].map((one) => one.textContent.trim())'
		);
	assert.deepEqual(await strip(), ['Intake', 'Measure', 'Window', 'Guard', 'Cut', 'Bench', 'Record']);
	await type('How many the same', '6');
	await press('How they differ');
	await type('Number of 2', '2/40');
	await type('Owner of 2', 'Island school');
	const kept = await here.untilKept(number, 'the owner', (job) => job.alike?.[1]?.owner === 'Island school' && job.copies === 6);
	assert.equal(kept.frame !== undefined && kept.guard?.glazing !== undefined, true, 'what is folded away stays in the file');
	await open(`/jobs/${number}/sheet`);
	await sees('6 the same: cut list covers all');
	await sees('Join the matted set');
	await seesNo('Clean the glazing');
	await open(`/jobs/${number}/label`);
	await sees('2/40 · 2 of 6');
	await sees('Island school');
	await open(`/jobs/${number}?at=intake`);
	await type('How many the same', '10000');
	await sees('10000 is outside 1 to 500');
	await choose('Scope of work', 'The whole job');
	await here.browser.waitFor('all stations', async () => (await strip()).length === 11);
});

test('a new back alone: asked for what nobody plans, taped from it, on its paper', async () => {
	const { sees, choose, type, press, open } = here.browser;
	const number = await keepJob(here.server.address, { format: 'rare-keep/job', version: 1, title: 'Back of the mirror' });
	await open(`/jobs/${number}?at=intake`);
	await choose('Scope of work', 'A new back');
	await sees('the frame’s outer width and height');
	await here.browser.station('Frame');
	for (const [label, length] of [
		['Face', '22'],
		['Lip', '6'],
		['Depth', '30'],
		['Rabbet depth', '16'],
		['Outer width', '577'],
		['Outer height', '736']
	] as const)
		await type(label, length);
	await sees('Still to do, back: the pack’s thickness.');
	await type('Thickness of the pack', '12');
	await here.browser.station('Back');
	await sees('Width needed 29');
	await here.browser.view('Back');
	await press('Job sheet');
	await sees('2 × 565, 2 × 724');
	await sees('Tape the back');
});

test('ready sizes first: one press takes a frame and its standard mat, one undoes it', async () => {
	const { sees, press, open } = here.browser;
	const number = await keepJob(
		here.server.address,
		workedJob({ piece: { readings: { width: 300, height: 400 } }, mats: [{ board: 'cotton-4', colour: 'shell' }] })
	);
	await open(`/jobs/${number}?at=window`);
	await press('Standard sizes that fit');
	await press('use it: frame 40 × 50 cm, standard mat for 30 × 40 cm');
	await sees('The front mat is ready-cut: its borders are fixed.');
	const kept = await here.untilKept(number, 'the mat', (job) => job.mats?.[0]?.have !== undefined);
	assert.deepEqual(plan(kept, builtInShop).window!.pack, { width: 400, height: 500 });
	await press('Undo');
	await here.untilKept(number, 'the mat that is cut', (job) => job.mats?.[0]?.have === undefined);
});

test('an old frame first: its layers are written down, and what was found starts the job', async () => {
	const { sees, choose, type, press, open } = here.browser;
	const number = await keepJob(here.server.address, {
		format: 'rare-keep/job',
		version: 1,
		title: 'Old station frame',
		scope: 'unframe'
	});
	await open(`/jobs/${number}?at=intake`);
	await press('add a layer, from the front');
	await press('1 Frame');
	await choose('Keep layer 1?', 'reused');
	await press('add a layer, from the front');
	await press('2 Glazing');
	await type('Observations, layer 2', 'a chip at the lower left');
	await press('fill in the job from these layers');
	const kept = await here.untilKept(number, 'what was found', (job) => job.piece?.condition !== undefined);
	assert.deepEqual(kept.frame?.replaced, ['glazing']);
	assert.match(kept.piece!.condition!, /Frame: reused\. Glazing: a chip at the lower left, discarded\./);
	await choose('Scope of work', 'The whole job');
	await here.browser.station('Frame');
	await sees('Profile, as measured');
});
