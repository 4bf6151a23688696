/** Walls: pictures hung, put in a row with equal gaps over a bench, one above the stove; hooks listed; kept, undone, and never overwritten. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { showLength } from '../../../core/units/show.ts';
import { inItsFrame } from '../../as-it-comes.ts';
import { planned, workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import type { WallFile } from '../../../core/wall/written.ts';
import { Key } from '../browser.ts';
import { asPdf, lengthOf, linesOf } from '../pdf.ts';
import { stage } from '../setup.ts';

const here = stage();
type KeptWall = { rev: number; name: string; file: WallFile };
const wall = async (id = 1): Promise<KeptWall> =>
	(await (await fetch(`${here.server.address}/api/walls/${id}`)).json()) as KeptWall;
const untilKept = (what: string, says: (kept: KeptWall) => boolean) => here.browser.waitFor(what, async () => says(await wall()));
/** @returns its number */
const newWall = async (name: string): Promise<number> => {
	const file: WallFile = {
		format: 'rare-keep/wall',
		version: 1,
		unit: 'mm',
		wall: { width: 4200, height: 2500, kind: 'masonry', things: [] },
		pictures: [],
		groups: [],
		places: []
	};
	const response = await fetch(`${here.server.address}/api/walls`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ name, file })
	});
	return ((await response.json()) as { id: number }).id;
};
const hooks = () =>
	here.browser.driver.executeScript<string[]>(
		'return [...document.querySelectorAll("[aria-label=Hooks] tbody tr")].map((row) => [...row.cells].map((cell) => cell.textContent).join(" | "))'
	);
const byItself = (name: string, width: string, height: string, kg: string) => async () => {
	await here.browser.type('Name of the picture', name);
	await here.browser.type('Width, outer', width);
	await here.browser.type('Height, outer', height);
	await here.browser.type('Weight, kg', kg);
	await here.browser.press('Hang it');
};

test('a wall is planned: a job and others hung, put in a row over the bench with equal gaps, each hook to the list', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open('/walls');
	await browser.sees('No walls yet.');
	await browser.press('Plan it');
	await browser.sees('Name the wall');
	await browser.type('Name', 'Keeper’s house');
	await browser.type('Width', '4.2 m');
	await browser.press('Plan it');
	await browser.sees('Nothing hangs here yet.');
	await browser.choose('Add a job', `${number} The worked case of the handbook`);
	await browser.sees('Hooks, 2');
	await browser.press('Add another picture by its size');
	await byItself('chart', '600', '500', '4,5')();
	await byItself('chart', '300', '400', '')();
	await browser.sees('“chart” is already on this wall.');
	await byItself('feather', '300', '400', '')();
	await browser.sees('weight not known');
	await browser.press('choose all');
	await browser.press('a row');
	await browser.sees('Row 1 3 pictures');
	await browser.type('To', '4200');
	const outer = planned().frame!.outer;
	const gap = (4200 - outer.width - 600 - 300) / 4;
	await browser.sees(`Gap ${showLength(gap, 'mm', 'mark').text}`);
	await untilKept('the row', ({ file }) => file.groups[0]?.to === 4200 && file.places.length === 0);
	const listed = await hooks();
	assert.equal(listed.length, planned().hang!.hooks.length + 4);
	assert.match(listed[0]!, /^1 \| /);
	assert.equal((await wall()).name, 'Keeper’s house');
});

test('above the stove it is found, moved by the keys it is not; every step is undone', async () => {
	const { browser } = here;
	await browser.open('/walls/1');
	await browser.press('In front of it, 0');
	await browser.press('add an obstacle');
	await browser.sees('furniture 1');
	await browser.choose('Kind of furniture 1', 'Stove or radiator');
	await browser.sees('hangs above the stove or radiator.');
	await browser.press('ungroup Row 1');
	await untilKept('each by itself', ({ file }) => file.groups.length === 0 && file.places.length === 3);
	const before = (await wall()).file.places.find(({ id }) => id === 'chart')!;
	const chart = await browser.driver.findElement({ css: '[role=button][aria-label^="chart,"]' });
	await chart.sendKeys(Key.ARROW_RIGHT, Key.ARROW_UP, Key.chord(Key.SHIFT, Key.ARROW_UP));
	await untilKept('moved', ({ file }) => {
		const { left, centre } = file.places.find(({ id }) => id === 'chart')!;
		return Math.abs(left - before.left - 10) < 1e-9 && Math.abs(centre - before.centre - 11) < 1e-9;
	});
	for (let back = 0; back < 3; back += 1) await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await untilKept('reset', ({ file }) => file.places.find(({ id }) => id === 'chart')!.centre === before.centre);
	// Pulled by hand, all of the pull is one step.
	const place = await browser.middleOf('chart,');
	await browser.pull(place, { x: place.x + 60, y: place.y });
	await untilKept('pulled', ({ file }) => file.places.find(({ id }) => id === 'chart')!.left > before.left + 50);
	await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await untilKept('let go of', ({ file }) => file.places.find(({ id }) => id === 'chart')!.left === before.left);
});

test('two people at one wall: the second is told, nothing is overwritten; the hook list is made of what is kept', async () => {
	const { browser, server } = here;
	await browser.open('/walls/1');
	await browser.sees('Hooks,');
	const { rev, name, file } = await wall();
	await fetch(`${server.address}/api/walls/1`, {
		method: 'PUT',
		headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
		body: JSON.stringify({ name: `${name}, north`, file })
	});
	await browser.type('Name of the wall', 'Mine');
	await browser.sees('Someone else has changed this wall.');
	assert.equal((await wall()).name, 'Keeper’s house, north');
	await browser.press('Reload it');
	await browser.sees('Keeper’s house, north');
	await browser.press('Hook list');
	await browser.sees('From the left corner and from the floor, to the nail.');
	await browser.sees('Take care.');
	await browser.open('/walls');
	await browser.press('archive Keeper’s house, north');
	await browser.sees('is archived.');
	await browser.sees('No walls yet.');
});

test('a mass off the middle: where it settles on its wire, said beside its figures', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open(`/jobs/${number}?at=wall`);
	await browser.press('If it is off balance, or a hook is off');
	await browser.sees(/Its right side hangs \d+(\.\d)? lower/);
	await browser.type('Weight, right of centre', '0');
	await browser.sees('It hangs level.');
	await browser.type('Right hook too high by', '5');
	await browser.sees(/Its left side hangs \d+(\.\d)? lower/);
});

test('light read on the wall: what each picture gets, the sun found, an outside wall wants air', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob({ piece: { ...workedJob().piece, medium: ['watercolour'] } }));
	const id = await newWall('North wall');
	await browser.open(`/walls/${id}`);
	await browser.choose('Add a job', `${number} The worked case of the handbook`);
	await browser.sees(/about 150 lx, .* to a visible fade/);
	await browser.press('Light on it, not measured');
	await browser.press('add a reading');
	await browser.type('Lux of reading 1', 'much');
	await browser.keys(Key.TAB);
	await browser.sees('Enter a number from 0 to 200000.');
	await browser.type('Lux of reading 1', '12000');
	await browser.keys(Key.TAB);
	await browser.sees('about 12000 lx');
	await browser.sees(`The sun reaches ${number}`);
	await browser.press('An outside wall, cold in winter');
	await browser.sees('hangs on an outside wall with bumpers of 3 mm: 6 mm keep a gap behind it.');
	await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await browser.seesNo('hangs on an outside wall');
});

test('three jobs become one set, by the first from the left, and are put back by one press; what is there already stays', async () => {
	const { browser, server } = here;
	const like = (moulding: string, changes = {}) => workedJob({ frame: { moulding }, ...changes });
	const numbers = [
		await keepJob(server.address, like('oak-30', { title: 'First' })),
		await keepJob(server.address, like('ash-22', { title: 'Second' })),
		await keepJob(server.address, { ...inItsFrame(), title: 'Third' })
	];
	const [first, second, third] = numbers as [string, string, string];
	const id = await newWall('A set');
	await browser.open(`/walls/${id}`);
	for (const [at, title] of ['First', 'Second', 'Third'].entries()) await browser.choose('Add a job', `${numbers[at]} ${title}`);
	await browser.press('choose all');
	await browser.press(`Make them one set, by ${first}`);
	await browser.sees(`${third} stays as it is: it has an existing frame.`);
	await here.untilKept(second, 'the frame of the first', ({ frame }) => frame?.moulding === 'oak-30');
	await browser.press('Undo the set');
	await here.untilKept(second, 'its own frame', ({ frame }) => frame?.moulding === 'ash-22');
	assert.equal((await here.kept(third)).frame?.kind, 'ready-made');
});

test('nails at their own size: each cross as far from the next as its nails are, on the printed page', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	const { hang } = planned();
	const id = await newWall('Nails');
	await browser.open(`/walls/${id}`);
	await browser.choose('Add a job', `${number} The worked case of the handbook`);
	await browser.sees('Hooks, 2');
	await browser.press('Nails 1 : 1');
	await browser.sees('Nails, 1 : 1');
	const pages = linesOf(await asPdf(browser));
	// Arms of the crosses, 18 mm. The second is on the next page, which begins 178 mm farther.
	const arms = pages.flatMap((lines) =>
		lines.filter((line) => Math.abs(line.x1 - line.x2) < 0.01 && Math.abs(lengthOf(line) - 18) < 0.05)
	);
	const [one, two] = [arms[0], arms[1]];
	assert.ok(one && two, 'two crosses');
	const apart = two.x1 - one.x1 + 178;
	assert.ok(Math.abs(apart - hang!.spacing) < 0.1, `${apart} apart, not ${hang!.spacing}`);
});

test('rings by weight: on a scale it weighs more than a wire takes; a cleat for the heaviest; a stand where it is small', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open(`/jobs/${number}?at=wall`);
	await browser.sees('wire, two hooks');
	await browser.type('Weight on a scale, kg', '13');
	await browser.sees('rings, two hooks · 13 kg');
	await browser.sees('Calculated, part by part:');
	await browser.type('Weight on a scale, kg', '26');
	await browser.press('A cleat');
	await browser.sees('cleat · 26 kg');
	await browser.sees('Wall rail');
	await here.untilKept(number, 'the cleat', ({ hang }) => hang?.by === 'cleat' && hang.weighed === 26);
	await browser.type('Weight on a scale, kg', '');
	await browser.choose('Hangs from', 'Rings straight on hooks');
	await browser.press('Also hangs turned 90°');
	await browser.sees('Turned 90°, its left side up');
	await here.untilKept(number, 'both ways', ({ hang }) => hang?.turns === true && hang.weighed === undefined);
});

test('a level: its own zero, and how much lower one end of the frame is; a device that feels nothing says so', async () => {
	const { browser } = here;
	await browser.allow('sensors');
	// As a device does: many times a second, for as long as it stands so.
	const feel = (x: number) =>
		browser.driver.executeScript(
			`clearInterval(window.felt);
			window.felt = setInterval(() => dispatchEvent(new DeviceMotionEvent("devicemotion", { accelerationIncludingGravity: { x: arguments[0], y: 9.81, z: 0 } })), 20);`,
			x
		);
	const asLevel = async () => {
		await browser.open('/level?width=577');
		await browser.sees(/Use it as a level|no tilt sensor|Waiting for the sensor/);
		if (await browser.driver.executeScript<boolean>('return /Use it as a level/.test(document.body.textContent)'))
			await browser.press('Use it as a level');
	};
	await asLevel();
	await browser.sees('This device has no tilt sensor');
	await feel(-0.0856);
	await browser.sees('Its right end is lower: 5 mm over the frame’s width');
	await browser.press('This edge is level');
	await browser.sees('Level');
	await asLevel();
	await feel(0);
	await browser.sees(/Its left end is lower: 5 mm/);
	await browser.press('reset zero');
	await browser.sees('0° Level');
});

test('two that are alike hang twice, each with its own hooks, and no third time', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob({ title: 'A pair', copies: 2 }));
	const id = await newWall('A pair of prints');
	await browser.open(`/walls/${id}`);
	const title = `${number} A pair`;
	await browser.choose('Add a job', title);
	await browser.sees('Hooks, 2');
	await browser.choose('Add a job', title);
	await browser.sees('Hooks, 4');
	assert.equal(
		await browser.driver.executeScript<boolean>(
			'return [...document.querySelectorAll("select[aria-label=\\"Add a job\\"] option")].some((one) => one.textContent.includes(arguments[0]))',
			title
		),
		false
	);
	await browser.waitFor('both to be kept', async () => {
		const { file } = await wall(id);
		return (
			file.pictures.map((one) => `${one.id} of ${one.job}`).join('; ') === `${number} of ${number}; ${number}, 2 of ${number}`
		);
	});
});
