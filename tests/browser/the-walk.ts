/** The whole walk, by labels and keys: from the first reading to the job sheet. */
import assert from 'node:assert/strict';
import type { JobFile } from '../../core/job/definition.ts';
import { showLength, showSize } from '../../core/units/show.ts';
import { planSingle } from '../jobs.ts';
import { Key, type Browser } from './browser.ts';

const UNDO = Key.chord(Key.CONTROL, 'z');
const REDO = Key.chord(Key.CONTROL, Key.SHIFT, 'z');
/** It is cut in millimetres and read in inches. */
const READ = { unit: 'in', fraction: 16, cutIn: 'mm' } as const;
const STOP = 'Buffered wood-pulp mat board faces the sheet.';

/**
 * Walks it in a house in which there is nothing yet; what stands on the paper must be what the core plans from the file that was kept.
 * @param inTheMiddle what happens meanwhile, between Guard and Hold
 */
export async function walk(browser: Browser, address: string, inTheMiddle: () => Promise<void> = async () => {}): Promise<void> {
	const { press, type, station, choose, keys, sees, seesNo, heading } = browser;

	await browser.open('/');
	await sees('The rack is empty.');
	// Asked once, on the first run of a house.
	await press('Millimetres 402.5 mm');
	await keys('n');
	await heading('Intake');
	// The cursor is in its first field until it is left.
	await browser.waitFor('the cursor in the title', () =>
		browser.driver.executeScript<boolean>('return document.activeElement.matches("main input")')
	);
	await keys(Key.ESCAPE, '2');
	await heading('Measure');
	await keys(Key.ESCAPE);
	const number = /K-\d+/.exec(await browser.driver.getCurrentUrl())![0];

	// Readings in inches, the tape going round: Enter walks on.
	await keys('u');
	await press('Four sides');
	await type('Top', '16 1/4');
	for (const reading of ['20 3/8', '16 1/4', '20 3/8', '26 1/8']) await keys(Key.ENTER, reading);
	await type('Highest cockle', '1/32');
	// Enter walks on through the tallest part and the image’s fields, which stay empty, and leaves the last.
	await keys(...Array.from({ length: 6 }, () => Key.ENTER));
	await heading('Usable size');

	await keys('1');
	await heading('Intake');
	await type('Title of the job', 'Salt road, survey sheet');
	await keys(Key.ENTER);
	await press('Rare');
	await choose('Media', 'black printing ink');

	await station('Window');
	await press('add a mat');
	await type('Reveal of mat 2', '1/4');
	await press('Weighted');
	await type('Border width', '2 3/4');
	await type('Wider at the bottom by', '3/8');
	await keys(Key.ENTER);

	await station('Guard');
	await press('choose UV acrylic');
	await press('Back mat: ');
	await press('choose Cotton museum board, 4-ply');
	await press('Backing board: ');
	await press('choose Fluted polypropylene sheet');

	// A board that may not lie there: the remedy fixes it, and can be undone and redone.
	await station('Window');
	await choose('Board of mat 2', 'Buffered wood-pulp mat board');
	await sees(STOP);
	await press('Cotton board, 4-ply');
	await seesNo(STOP);
	await keys(UNDO);
	await sees(STOP);
	await keys(REDO);
	await seesNo(STOP);

	await inTheMiddle();
	await station('Hold');
	await choose('Hinges', '3');
	await sees('3 hinges · Wheat-starch');

	await station('Frame');
	await choose('Moulding', 'Enter a profile');
	for (const [label, figure] of [
		['Face', '1'],
		['Lip', '5/16'],
		['Depth', '1 1/4'],
		['Rabbet depth', '7/8']
	] as const)
		await type(label, figure);
	await keys(Key.ENTER);

	await station('Wall');
	await choose('Hangs from', 'Wire');
	await press('Two');
	await seesNo('it must not touch');
	await sees(/saved \d\d:\d\d/);

	// What stands on the paper is what the core plans from the file that was kept.
	const { job } = (await (await fetch(`${address}/api/jobs/${number}`)).json()) as { job: JobFile };
	assert.deepEqual(job.piece?.readings, {
		top: '16 1/4 in',
		right: '20 3/8 in',
		bottom: '16 1/4 in',
		left: '20 3/8 in',
		d1: '26 1/8 in'
	});
	assert.deepEqual(job.borders, { way: 'weighted', width: '2 3/4 in', weight: '3/8 in' }, 'pressed, the house’s way is decided');
	const planOf = planSingle(job);
	assert.deepEqual(
		planOf.findings.filter((finding) => finding.severity === 'stop').map((finding) => finding.rule),
		[]
	);
	assert.equal(planOf.fits, true);
	assert.equal(planOf.hang!.hooks.length, 2);
	await press('Job sheet');
	await sees('Guide stops, each mat face down');
	await sees('Salt road, survey sheet');
	for (const size of [planOf.window!.pack, planOf.window!.opening, planOf.frame!.sight, planOf.frame!.rabbet])
		await sees(showSize(size, READ));
	for (const length of [planOf.frame!.rails[0], planOf.frame!.rails[1], planOf.hang!.wire!.length])
		await sees(showLength(length, READ).text);
	for (const mat of planOf.window!.mats) await sees(showLength(mat.stop.bottom, READ).text);
}
