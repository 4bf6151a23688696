import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { planSingle, workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();

async function open(file: JobFile, view = 'front', at = 'window'): Promise<string> {
	const number = await keepJob(here.server.address, file);
	await here.browser.open(`/jobs/${number}?at=${at}&view=${view}`);
	await here.browser.settled();
	return number;
}

test('a window edge is pulled: it snaps to the step, follows the hand, and one undo takes it back', async () => {
	const number = await open(workedJob());
	const { browser } = here;
	const edge = await browser.middleOf('Window edge, left: overlap');
	await browser.pull(edge, { x: edge.x + 6, y: edge.y }, false);
	await browser.sees(/overlap \d+(\.\d)? mm/);
	await browser.pull({ x: edge.x + 6, y: edge.y }, { x: edge.x + 6, y: edge.y });
	const pulled = await here.untilKept(number, 'the overlap to be kept', (job) => typeof job.window!.overlap === 'object');
	const overlap = pulled.window!.overlap as { left: number; right: number };
	assert.ok(overlap.left > 6 && Number.isInteger(overlap.left * 2), `${overlap.left} is no half millimetre above 6`);
	assert.equal(overlap.right, 6);
	// The edge that was pulled is under the hand.
	const after = await browser.middleOf('Window edge, left: overlap');
	await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await here.untilKept(number, 'the overlap to be as before', (job) => job.window!.overlap === 6);
	assert.ok(Math.abs(after.y - edge.y) < 40);
});

test('Esc puts back what is being pulled; the arrow keys move an edge and Esc ends them too', async () => {
	const number = await open(workedJob());
	const { browser } = here;
	const edge = await browser.middleOf('Border, left: border');
	await browser.pull(edge, { x: edge.x - 20, y: edge.y }, false);
	await browser.sees(/border \d\d/);
	await browser.keys(Key.ESCAPE);
	await browser.sees('577 × 736');
	await browser.driver.actions().release().perform();

	const slider = await browser.button('Edge of mat 1, top: reveal of mat 2');
	await browser.driver.executeScript('arguments[0].focus()', slider);
	await browser.keys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_UP);
	await browser.waitFor('the reveal to grow', async () => (await slider.getAttribute('aria-valuetext')) === '7.5 mm');
	await browser.keys(Key.ESCAPE);
	await browser.waitFor('the reveal to be back', async () => (await slider.getAttribute('aria-valuetext')) === '6 mm');
	await browser.keys(Key.chord(Key.SHIFT, Key.ARROW_UP));
	// A stroke of before Esc may have been kept too when the keys came slowly: what is kept last is looked for.
	const job = await here.untilKept(number, 'the reveal to be kept', (one) => {
		const reveal = one.mats![1]!.reveal;
		return typeof reveal === 'object' && reveal.top === 11;
	});
	assert.deepEqual(job.mats![1]!.reveal, { top: 11, right: 6, bottom: 6, left: 6 });
});

test('a zone by mouse and one by keys, then the largest window is found from both', async () => {
	const number = await open(workedJob());
	const { browser } = here;
	// By mouse: a stain at the left edge of the sheet, which the window is to hide.
	await browser.keys('z');
	await browser.sees('Drag a rectangle over the sheet');
	await browser.press('hide');
	const box = await browser.driver.executeScript<{ left: number; top: number; right: number; bottom: number }>(
		'const edge = [...document.querySelectorAll("figure svg title")].find((one) => one.textContent.startsWith("Edge of the sheet")).parentElement.getBoundingClientRect(); return { left: edge.left, top: edge.top, right: edge.right, bottom: edge.bottom };'
	);
	const middle = (box.top + box.bottom) / 2;
	await browser.pull({ x: box.left + 1, y: middle - 20 }, { x: box.left + 9, y: middle + 20 });
	const first = await here.untilKept(number, 'the zone to be kept', (job) => (job.piece!.zones ?? []).length === 1);
	const stain = first.piece!.zones![0]! as { kind: string; left: number; width: number };
	assert.equal(stain.kind, 'hide');
	assert.ok(stain.left < 4 && stain.width > 4, JSON.stringify(stain));
	await browser.sees('“zone 1” shows in the window.');

	// By keys: a signature, put in the middle and moved to the right edge.
	await browser.driver.executeScript('document.activeElement.blur()');
	await browser.keys('z');
	await browser.sees('Drag a rectangle over the sheet');
	await browser.press('must show');
	await browser.press('or place one in the middle');
	const far = Array.from({ length: 34 }, () => Key.chord(Key.SHIFT, Key.ARROW_RIGHT));
	await browser.waitFor('the new zone to have the focus', () =>
		browser.driver.executeScript<boolean>(
			'return document.activeElement.getAttribute("aria-label")?.startsWith("Zone zone 2") ?? false'
		)
	);
	await browser.keys(...far);
	await browser.keys(Key.chord(Key.ALT, Key.ARROW_DOWN));
	const second = await here.untilKept(
		number,
		'the second zone to be moved',
		(job) => (job.piece!.zones?.[1]?.height as number) === 41.5
	);
	assert.equal(second.piece!.zones![1]!.left, 181 + 34 * 5);

	await browser.press('Find the largest window');
	const solved = await here.untilKept(number, 'the solved window', (job) => job.window!.overlap === 'solve');
	await browser.sees('Overlap, calculated');
	await browser.seesNo('“zone 1” shows in the window');
	const made = planSingle(solved);
	assert.deepEqual(
		made.findings.filter((finding) => finding.rule.startsWith('window.zone')),
		[]
	);
	assert.equal(made.window!.solvedBy!.left, 'zone 1');
});

test('a drawn corner, a wall and a second version say what the plan says', async () => {
	const number = await open(workedJob({ place: { wallColour: 'sage' } }), 'corner');
	const { browser } = here;
	await browser.sees('Corner of the window, and its section');
	await browser.press('Compare');
	await browser.press('Save as version A and keep editing');
	await browser.type('Border width', '90');
	await browser.sees('617 × 776');
	await browser.sees('borders · width 90 70');
	await browser.press('Switch to Version A');
	await here.untilKept(number, 'the first version to be taken up', (job) => job.borders!.width === 70);
	await browser.sees('borders · width 70 90');
	await browser.press('On the wall');
	await browser.choose('Mat 1', 'moss');
	await here.untilKept(number, 'the colour', (job) => job.mats![0]!.colour === 'moss');
});

test('every revision can be looked at and taken up again', async () => {
	const number = await open(workedJob());
	const { browser } = here;
	await browser.type('Border width', '75');
	await browser.sees('rev 2 · saved');
	await browser.station('Record');
	await browser.press('compare revision 1');
	await browser.sees('Rev 1');
	await browser.sees('borders · width 75 70');
	await browser.press('Switch to Rev 1');
	await here.untilKept(number, 'revision 1 to stand again', (job) => job.borders!.width === 70);
	await browser.sees('rev 3 · saved');
});
