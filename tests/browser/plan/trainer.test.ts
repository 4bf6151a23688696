/** The trainer: a case is found, put right and judged, in the workspace and at the bench; what was tried is read again. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { CaseRecord } from '../../../src/lib/server/trainer.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();
const record = async (id: string) => {
	const { cases } = (await (await fetch(`${here.server.address}/api/trainer`)).json()) as { cases: CaseRecord[] };
	return cases.find((one) => one.id === id)!;
};

test('a covered name: nothing is found for the learner, told where it lies, put right, and the rule says why', async () => {
	const { browser } = here;
	await browser.open('/trainer');
	await browser.heading('Trainer');
	await browser.press('Begin: Curlews, watercolour');
	await browser.sees('Trainer, case 2 of 12');
	await browser.seesNo('by 3 mm at the bottom');
	await browser.seesNo('No problems found so far');
	await browser.press('Back to the piece');
	await browser.sees('384 to 393 from the top');
	await browser.keys('v');
	await browser.sees('Not yet. The fault is at Window.');
	await browser.press('Show the fault');
	await browser.sees('The mat covers “signature” by 3 mm at the bottom.');
	await browser.station('Window');
	await browser.type('Overlap, each side', '5');
	// Judged at once: what was just typed is kept first.
	await browser.press('Check my fix');
	await browser.sees('Fixed. The fault was:');
	await browser.sees('a small shift covers it');
	const { tries, solved, told, begun, latest } = await record('covered-name');
	assert.deepEqual([tries, solved, told, begun], [3, 1, 1, null]);
	assert.deepEqual(
		latest.map((one) => one.solved),
		[true, false, false]
	);
	await browser.press('All cases');
	await browser.sees('1 of 12 fixed so far.');
	await browser.sees('Fixed · 3 tries · fault shown once');
	// It is no work of the shop’s.
	await browser.open('/');
	await browser.seesNo('Curlews');
});

test('a new finding in the place of the fault is no solution', async () => {
	const { browser } = here;
	await browser.open('/trainer');
	await browser.press('Begin: Harbour plan, lithograph');
	await browser.sees('Trainer, case 3 of 12');
	await browser.station('Window');
	await browser.type('Overlap, each side', '12');
	await browser.press('Check my fix');
	await browser.sees('The fault is gone, but something else is wrong:');
	await browser.sees('About this finding');
	await browser.open('/trainer');
	await browser.sees('Not fixed yet · 1 try');
	await browser.press('Go on with T-0002');
	await browser.sees('Trainer, case 3 of 12');
});

test('rings before the tape: found in the run, taken back and done in their order by keys', async () => {
	const { browser } = here;
	await browser.open('/trainer');
	await browser.press('Begin: Low water, woodcut');
	await browser.sees('Trainer, case 11 of 12');
	await browser.keys('v');
	await browser.sees('Not yet. The fault is at Back.');
	await browser.press('✓ Rings and wire');
	await browser.press('mark not done');
	await browser.sees('Locked.');
	await browser.press('22 Tape the back');
	await browser.sees('Keep sponge and water away from the piece.');
	await browser.keys(Key.ESCAPE, ' ');
	await browser.sees('Answer this to continue.');
	await browser.keys('v');
	await browser.sees('Fixed. The fault was:');
	await browser.sees('hardware goes on top');
	const { solved, told } = await record('hardware-first');
	assert.deepEqual([solved, told], [1, 0]);
});
