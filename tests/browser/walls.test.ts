/** Walls: pictures hung, put in a row with equal gaps over a bench, one above the stove; hooks listed; kept, undone, and never overwritten. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { showLength } from '../../core/units/show.ts';
import { planned, workedJob } from '../jobs.ts';
import { keepJob } from '../running/server.ts';
import type { WallFile } from '../../core/wall/written.ts';
import { Key } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();
type KeptWall = { rev: number; name: string; file: WallFile };
const wall = async (id = 1): Promise<KeptWall> =>
	(await (await fetch(`${here.server.address}/api/walls/${id}`)).json()) as KeptWall;
const untilKept = (what: string, says: (kept: KeptWall) => boolean) => here.browser.waitFor(what, async () => says(await wall()));
const hooks = () =>
	here.browser.driver.executeScript<string[]>(
		'return [...document.querySelectorAll("[aria-label=Hooks] tbody tr")].map((row) => [...row.cells].map((cell) => cell.textContent).join(" | "))'
	);
const byItself = (name: string, width: string, height: string, kg: string) => async () => {
	await here.browser.type('Name of the picture', name);
	await here.browser.type('Width, outer', width);
	await here.browser.type('Height, outer', height);
	await here.browser.type('Mass, kg', kg);
	await here.browser.press('Hang it');
};

test('a wall is planned: a job and others hung, put in a row over the bench with equal gaps, each hook to the list', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open('/walls');
	await browser.sees('No wall is planned yet.');
	await browser.press('Plan it');
	await browser.sees('Give the wall a name');
	await browser.type('Name', 'Keeper’s house');
	await browser.type('Width', '4.2 m');
	await browser.press('Plan it');
	await browser.sees('Nothing hangs here yet.');
	await browser.choose('Add a job', `${number} The worked case of the handbook`);
	await browser.sees('Hooks, 2');
	await browser.press('Add another picture by its size');
	await byItself('chart', '600', '500', '4,5')();
	await byItself('chart', '300', '400', '')();
	await browser.sees('“chart” is on this wall already.');
	await byItself('feather', '300', '400', '')();
	await browser.sees('mass not known');
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
	await browser.press('What stands before it, 0');
	await browser.press('add something that stands there');
	await browser.sees('furniture 1');
	await browser.choose('Kind of furniture 1', 'Stove or radiator');
	await browser.sees('hangs above the stove or radiator.');
	await browser.press('take apart Row 1');
	await untilKept('each by itself', ({ file }) => file.groups.length === 0 && file.places.length === 3);
	const before = (await wall()).file.places.find(({ id }) => id === 'chart')!;
	const chart = await browser.driver.findElement({ css: '[role=button][aria-label^="chart,"]' });
	await chart.sendKeys(Key.ARROW_RIGHT, Key.ARROW_UP, Key.chord(Key.SHIFT, Key.ARROW_UP));
	await untilKept('moved', ({ file }) => {
		const { left, centre } = file.places.find(({ id }) => id === 'chart')!;
		return Math.abs(left - before.left - 10) < 1e-9 && Math.abs(centre - before.centre - 11) < 1e-9;
	});
	for (let back = 0; back < 3; back += 1) await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await untilKept('as it was', ({ file }) => file.places.find(({ id }) => id === 'chart')!.centre === before.centre);
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
	await browser.sees('Somebody else changed this wall meanwhile.');
	assert.equal((await wall()).name, 'Keeper’s house, north');
	await browser.press('Load it again');
	await browser.sees('Keeper’s house, north');
	await browser.press('Hook list');
	await browser.sees('From the left corner and from the floor, to the nail.');
	await browser.sees('Take care.');
	await browser.open('/walls');
	await browser.press('put away Keeper’s house, north');
	await browser.sees('is put away.');
	await browser.sees('No wall is planned yet.');
});

test('a mass off the middle: where it settles on its wire, said beside its figures', async () => {
	const { browser, server } = here;
	const number = await keepJob(server.address, workedJob());
	await browser.open(`/jobs/${number}?at=wall`);
	await browser.press('If its mass lies off the middle, or a hook sits wrong');
	await browser.sees(/Its right side hangs \d+(\.\d)? lower/);
	await browser.type('Mass, right of the middle', '0');
	await browser.sees('It hangs level.');
	await browser.type('Right hook too high by', '5');
	await browser.sees(/Its left side hangs \d+(\.\d)? lower/);
});
