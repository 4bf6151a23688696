/** How it is held, and whether it fits: whole tasks at the stations Hold and Frame, on the back view, and on the shelf. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import DxfParser from 'dxf-parser';
import { plan } from '../../../core/plan.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import { planSingle, workedJob } from '../../jobs.ts';
import { keepJob, send } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();
const proud = () =>
	workedJob({
		aim: 'keep',
		guard: { ...workedJob().guard, fillers: [{ board: 'foam-free', thickness: 10 }] },
		frame: { moulding: 'ash-22' }
	});

test('the float lithograph: its big glazing sags onto it lying flat, not carried; a lift fixes it', async () => {
	const { press, sees, seesNo, open } = here.browser;
	await here.loadDemo();
	await open('/jobs/K-0107?at=frame');
	await sees('Laid flat, the glazing sags by up to 6.6 mm over 6 mm gap. Carried upright it stays clear.');
	await sees('Flat for weeks 13.2');
	await sees('Carried, leaning 10° 1.1');
	await sees('Laid flat, it would touch the piece; carried upright it stays clear.');
	await press('Lift the mat to 9 mm');
	await seesNo('Laid flat, the glazing sags');
});

test('a pack that is proud, fixed in two ways: a thinner filler, and after undo strips on the back', async () => {
	const { press, sees, seesNo, keys, open } = here.browser;
	const number = await keepJob(here.server.address, proud());
	await open(`/jobs/${number}?at=frame`);
	await sees('The pack is 1 mm proud of the rabbet.');
	await sees('the pack is proud of the frame');
	await press('Filler from 10 mm to 5 mm');
	await seesNo('proud of the rabbet');
	await here.untilKept(number, 'the filler', (job) => job.guard!.fillers![0]!.thickness === 5);
	await keys(Key.chord(Key.CONTROL, 'z'));
	await sees('The pack is 1 mm proud of the rabbet.');
	await press('Strips of 4 mm glued to the back');
	await seesNo('proud of the rabbet');
	await sees('Depth with strips');
	const kept = await here.untilKept(number, 'the strips', (job) => job.frame!.deepen === 4);
	assert.equal(planSingle(kept).pack!.clearance, 3);
	assert.equal(kept.guard!.fillers![0]!.thickness, 10);
});

test('a metal frame: chosen, its borders grown to the next pair, its kit read', async () => {
	const { press, sees, choose, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ frame: { moulding: 'ash-22' } }));
	await open(`/jobs/${number}?at=frame`);
	await sees('Rails at the long points');
	await press('Metal');
	await sees('Kit to buy');
	for (const part of [
		'pair of rails, across for 22 in 1',
		'pair of rails, down for 28 in 1',
		'corner plate, plain 4',
		'corner plate, with screws 4',
		'spring clip 10',
		'hanger 2'
	])
		await here.browser.waitFor(`the kit to hold “${part}”`, () =>
			here.browser.driver.executeScript<boolean>(
				`return [...document.querySelectorAll('[aria-label="Kit"] li')].some((one) => one.innerText.replace(/\\s+/g, ' ').trim().toLowerCase() === arguments[0])`,
				part
			)
		);
	await choose('Pairs sold in', 'whole centimetres');
	await sees(/air of rails, across for 550 mm/);
	const kept = await here.untilKept(number, 'the section', (job) => job.frame!.pairStep === 10);
	assert.deepEqual(planSingle(kept).window!.pack, { width: 550, height: 710 });
	await here.browser.unfold();
	await choose('spring clips', 'four');
	await sees('Clips: top and bottom 0 each, sides 2 each.');
	await press('Wood');
	await sees('Rails at the long points');
});

test('an out-of-true frame: measured, which corner is out, the glazing that follows it', async () => {
	const { press, sees, type, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ frame: { moulding: 'ash-22' } }));
	await open(`/jobs/${number}?at=frame`);
	await press('Customer’s frame');
	await sees('Its rabbet, as measured');
	await press('Four sides');
	for (const [side, length] of [
		['Top', '601'],
		['Right', '799'],
		['Bottom', '603'],
		['Left', '802'],
		['Diagonal, top-left to bottom-right', '1005'],
		['Diagonal, top-right to bottom-left', '1000']
	] as const)
		await type(side, length);
	for (const [part, length] of [
		['Face', '22'],
		['Lip', '6'],
		['Depth', '30'],
		['Rabbet depth', '20']
	] as const)
		await type(part, length);
	await sees('The frame’s top right corner is open by');
	await sees('The glazing is cut to follow it:');
	const kept = await here.untilKept(
		number,
		'all measurements, the last one too',
		(job) => job.frame!.opening?.d2 === 1000 && job.frame!.section?.rabbetDepth === 20
	);
	const { lite } = planSingle(kept).frame!;
	for (const figure of ['top', 'right', 'bottom', 'left'] as const) await sees(String(lite[figure]));
	assert.ok(lite.left > lite.right && lite.bottom > lite.top);
	// A diagonal that no frame can have: the sentence stands at its field, and what was typed stays.
	await type('Diagonal, top-right to bottom-left', '');
	await type('Diagonal, top-left to bottom-right', '2000');
	await sees('No frame can have these measurements.');
	assert.equal(await (await here.browser.field('Diagonal, top-left to bottom-right')).getAttribute('value'), '2000');
});

test('hinges pulled off a zone that must not be touched, by hand and by keys', async () => {
	const { press, sees, seesNo, pull, middleOf, keys, open } = here.browser;
	const file = workedJob({
		piece: {
			readings: { width: 402, height: 551 },
			zones: [{ id: 'stamp', kind: 'keep-off', left: 190, top: 0, width: 25, height: 20 }]
		}
	});
	const number = await keepJob(here.server.address, file);
	await open(`/jobs/${number}?at=hold`);
	await sees('A hinge is on “stamp”.');
	const name = 'Hinge 2 from the left of the front: hinge 2 from the left';
	const from = await middleOf(name);
	// To the right on the back is to the left from the front.
	await pull(from, { x: from.x + 40, y: from.y });
	await seesNo('A hinge is on “stamp”.');
	const pulled = await here.untilKept(number, 'the hinge', (job) => (job.hold?.places?.length ?? 0) === 3);
	const [first, second, third] = pulled.hold!.places as [number, number, number];
	assert.deepEqual([first, third], [50, 352]);
	assert.ok(second < 177.5 && second > 77, String(second));
	assert.equal(second * 2, Math.round(second * 2), 'on the cutting step');
	await keys(Key.chord(Key.CONTROL, 'z'));
	await sees('A hinge is on “stamp”.');
	// By the keys: the hinge goes as its arrow points.
	await here.browser.driver.executeScript('arguments[0].focus()', await here.browser.button(name));
	for (let step = 0; step < 6; step += 1) await keys(Key.chord(Key.SHIFT, Key.ARROW_RIGHT));
	await seesNo('A hinge is on “stamp”.');
	await here.untilKept(number, 'the hinge by keys', (job) => job.hold?.places?.[1] === 171);
	await press('space evenly');
	await sees('A hinge is on “stamp”.');
	await press('Move that hinge beside it');
	await here.untilKept(number, 'the fix', (job) => job.hold?.places?.[1] === 176.5);
});

test('kinds of hold, each with what it would do; another kind of piece', async () => {
	const { press, sees, choose, station, type, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ window: { overlap: 10 } }));
	await open(`/jobs/${number}?at=hold`);
	await press('Corner pockets: sides of 19 mm, no adhesive');
	await here.untilKept(number, 'pockets', (job) => job.hold?.kind === 'corners');
	await type('Slack across, total', '1');
	await sees('1 mm slack across; the sheet moves by 2.1 mm.');
	await sees('Estimated bulge, across');
	await press('Slack for its movement');
	await press('Edge strips: 6 mm onto it, no adhesive');
	await here.untilKept(number, 'strips', (job) => job.hold?.kind === 'strips');
	await station('Intake');
	await choose('Support', 'Panel');
	await station('Hold');
	await sees('Clips at the edges');
	await station('Window');
	await sees('It goes straight into the frame; the lip covers its edge.');
	const kept = await here.untilKept(number, 'the panel', (job) => job.piece!.kind === 'panel');
	assert.deepEqual(plan(kept, builtInShop).window!.mats, []);
});

test('the shelf: written down, tried by a job, taken', async () => {
	const { press, sees, seesNo, type, open } = here.browser;
	await open('/stock/shelf');
	await press('Add a frame');
	await type('Name of the new one', 'Green frame');
	for (const [key, value] of [
		['Where', 'Rack 1'],
		['Rabbet width', '54.5 cm'],
		['Rabbet height', '704'],
		['Rabbet depth', '20'],
		['Face', '24'],
		['Lip', '24'],
		['Depth', '30']
	] as const)
		await type(`${key} of Green frame`, value);
	// Left half written, it is there again.
	await open('/stock/materials');
	await open('/stock/shelf');
	await sees('one line waiting for what is missing');
	await sees('A lip of 24 mm is as wide as the face of 24 mm, but is part of it.');
	await type('Lip of Green frame', '8');
	await sees(/saved \d\d:\d\d/);
	await press('remove Green frame');
	await seesNo('Rack 1');
	await press('undo');
	await sees(/saved \d\d:\d\d/);
	const number = await keepJob(here.server.address, workedJob());
	await open(`/jobs/${number}?at=frame`);
	await press('Try the shelf');
	await sees('Green frame');
	await sees('Fits. It fits as it is.');
	await press('use it: Green frame');
	const kept = await here.untilKept(number, 'the frame', (job) => job.frame!.kind === 'ready-made');
	assert.deepEqual(kept.frame!.opening, { width: 545, height: 704 });
	assert.equal(plan(kept, builtInShop).fits, true);
	await sees('It is reserved on the shelf for this job.');
	// Whoever asked before it was taken is told by whom, and loses nothing.
	const other = await keepJob(here.server.address, workedJob());
	await press('return it: Green frame');
	await here.untilKept(number, 'the frame put back', (job) => job.frame!.ready === undefined);
	await open(`/jobs/${other}?at=frame`);
	await press('Try the shelf');
	await sees('Fits. It fits as it is.');
	const { rev } = (await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { rev: number };
	const again = await send(here.server.address, 'PUT', `/api/jobs/${number}`, kept, { 'if-match': `"${rev}"` });
	assert.equal(again.status, 200);
	await press('use it: Green frame');
	await sees(`not saved: “Green frame” on the shelf: ${number} holds it. Use another, or free it there first.`);
	await seesNo('It is reserved on the shelf for this job.');
	// Let go there, it is kept here by itself; put back here, the first may have it again.
	const keptAs = async (file: object, from: number) =>
		(await send(here.server.address, 'PUT', `/api/jobs/${number}`, file, { 'if-match': `"${from}"` })).status;
	assert.equal(await keptAs(workedJob(), rev + 1), 200);
	await sees(/rev 2 · saved \d\d:\d\d/);
	await sees('It is reserved on the shelf for this job.');
	await press('Undo');
	await sees(/rev 3 · saved \d\d:\d\d/);
	assert.equal(await keptAs(kept, rev + 2), 200);
	await open(`/jobs/${other}?at=frame`);
	await press('Try the shelf');
	await sees(`${number} holds it.`);
	await open('/stock/shelf');
	await sees(`for ${number}`);
	await press('history of Green frame');
	await sees(/arrived\s*1/);
	// It goes with the piece, on the screen that is open, too.
	await send(here.server.address, 'PUT', `/api/jobs/${number}/state`, { state: 'handed-over' });
	await sees(/used\s*1\s*K-/);
	assert.equal(await (await here.browser.field('How many of Green frame')).getAttribute('value'), '0');
});

test('every cut part as DXF, from the record', async () => {
	const { open } = here.browser;
	const number = await keepJob(here.server.address, workedJob());
	await open(`/jobs/${number}?at=record`);
	const link = await here.browser.button('Parts to cut, DXF');
	const address = await link.getAttribute('href');
	const text = await (await fetch(address!)).text();
	const layers = new DxfParser().parseSync(text)!.entities.map(({ layer }) => layer);
	assert.ok(['glazing', 'mat 1', 'mat 1, window', 'backing', 'rail, top and bottom'].every((layer) => layers.includes(layer)));
});
