import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { plan } from '../../../core/plan.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import { workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();
const job = async (number: string) =>
	((await (await fetch(`${here.server.address}/api/jobs/${number}`)).json()) as { job: JobFile }).job;

/** What the page says under Grade, once it says it. */
const seesGrade = (text: string) =>
	here.browser.waitFor(`the grade to be “${text}”`, () =>
		here.browser.driver.executeScript<boolean>(
			'return document.querySelector("[aria-label=\\"Grade and findings\\"] ul").innerText.replace(/\\s+/g, " ").includes(arguments[0])',
			text
		)
	);

test('K-0101 from Show to Rare by remedies alone, each step read', async () => {
	const { press, sees, seesNo, open, text } = here.browser;
	await here.loadDemo();
	await open('/jobs/K-0101?at=guard');
	await seesGrade('Show reached');
	await sees('Buffered wood-pulp mat board faces the sheet.');
	await press('Cotton board, 4-ply');
	await seesNo('Buffered wood-pulp mat board faces the sheet.');
	await seesGrade('Rare target reached');
	// What is left are cautions: each of its remedies is pressed until none is left.
	for (let presses = 0; ; presses += 1) {
		assert.ok(presses < 10, await text());
		const label = await here.browser.driver.executeScript<string | null>(
			'const one = document.querySelector("[aria-label=\\"Grade and findings\\"] .fixes .press:not([aria-label])"); return one && !one.textContent.startsWith("Open ") ? one.textContent.trim() : null'
		);
		if (label === null) break;
		const before = await here.browser.driver.executeScript<string>(
			'return document.querySelector("[aria-label=\\"Grade and findings\\"]").innerText'
		);
		await press(label);
		await here.browser.waitFor(`“${label}” to be taken`, async () => {
			const now = await here.browser.driver.executeScript<string>(
				'return document.querySelector("[aria-label=\\"Grade and findings\\"]").innerText'
			);
			return now !== before;
		});
		await seesGrade('Rare target reached');
	}
	await here.browser.waitFor('it to be kept', async () => plan(await job('K-0101'), builtInShop).grade.reached === 'rare');
});

test('the cheapest set: one press reaches the aim, one undo takes it back', async () => {
	const { press, sees, keys, open } = here.browser;
	const number = await keepJob(
		here.server.address,
		workedJob({ aim: 'keep', answered: ['hold'], guard: { glazing: 'glass', underMat: 'cotton-4', backing: 'foam-ordinary' } })
	);
	await open(`/jobs/${number}?at=guard`);
	await sees(/2 changes reach Keep, for €[\d.]+ more/);
	await press('Do both');
	await seesGrade('Rare reached');
	await keys(Key.chord(Key.CONTROL, 'z'));
	await sees('2 changes reach Keep');
});

test('choices say what they would do; an unfit one is taken all the same, with its finding', async () => {
	const { press, sees, open } = here.browser;
	const number = await keepJob(
		here.server.address,
		workedJob({ piece: { readings: { width: 402, height: 551 }, medium: ['watercolour'], fade: 4, fadeBecause: 'Tested' } })
	);
	await open(`/jobs/${number}?at=guard`);
	const years = async (name: string) =>
		here.browser.driver.executeScript<string>(
			'return [...document.querySelectorAll(".choices tbody tr")].find((row) => row.querySelector("th span").textContent === arguments[0]).cells[1].textContent',
			name
		);
	await sees('Glazing for this piece');
	assert.deepEqual([await years('Plain glass'), await years('UV acrylic')], ['12', '24']);
	await sees(/First visible fade after 24 years.* moved to a dim corridor, \d+ years; shown 6 months a year, 48 years/);
	await press('choose Plain glass');
	await sees('45 % of the UV is stopped; Keep needs 70.');
	await press('Spacer: none');
	await press('choose Acrylic strips');
	await here.browser.type('Spacer height: the gap it gives', '4');
	await here.browser.waitFor('the spacer to be kept', async () => {
		const { guard } = await job(number);
		return (guard?.spacer as { thickness?: number } | undefined)?.thickness === 4;
	});
	assert.equal(plan(await job(number), builtInShop).pack!.gap, 7);
});

test('a caution is accepted with a reason, stays with the revision, and comes back when its facts change', async () => {
	const { press, type, sees, seesNo, open, button } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ aim: 'keep', window: { overlap: 2 } }));
	await open(`/jobs/${number}?at=window`);
	await press('accept with a reason: ');
	assert.equal(await (await button('Accept it')).isEnabled(), false, 'a reason is asked for');
	await type('Reason', 'the owner wants all of it seen');
	await type('Initials', 'OB');
	await press('Accept it');
	await sees('Accepted by OB: the owner wants all of it seen');
	await here.browser.waitFor('it to be kept', async () => (await job(number)).accepted?.[0]?.initials === 'OB');
	await open(`/jobs/${number}?at=window`);
	await sees('Accepted by OB');
	await type('Overlap, each side', '1.5');
	await sees('OB accepted it earlier (“the owner wants all of it seen”); its facts have changed.');
	await type('Overlap, each side', '2');
	await sees('Accepted by OB');
	await press('withdraw acceptance, ');
	await seesNo('Accepted by OB');
});

test('severity follows the aim at once; a stop can’t be accepted', async () => {
	const { press, sees, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob({ aim: 'keep', guard: { ...workedJob().guard, glazing: 'none' } }));
	await open(`/jobs/${number}?at=intake`);
	const offered = () =>
		here.browser.driver.executeScript<boolean>(
			'return [...document.querySelectorAll("button")].some((one) => one.getAttribute("aria-label") === "accept with a reason: The piece has no glazing.")'
		);
	await sees('The piece has no glazing.');
	await here.browser.waitFor('a caution', offered);
	await press('Rare');
	await here.browser.waitFor('a stop', async () => !(await offered()));
	await press('Keep');
	await here.browser.waitFor('a caution again', offered);
});

test('place: the light meter is read, own figures are taken, a bad one says what to do', async () => {
	const { press, type, sees, choose, open } = here.browser;
	const number = await keepJob(here.server.address, workedJob());
	await open(`/jobs/${number}?at=intake`);
	await choose('Place', 'opposite a window');
	await press('read the light meter');
	await sees(/Measured: \d+ lx, \d+ µW\/lm \(simulated meter\)/);
	await here.browser.waitFor('the reading to be kept', async () => {
		const lux = (await job(number)).place?.lux;
		return typeof lux === 'number' && lux > 450 && lux < 550;
	});
	await type('Hours a day', '30');
	await sees('30 is outside 0 to 24.');
	await type('Hours a day', '6');
	await here.browser.waitFor('6 hours', async () => (await job(number)).place?.hoursPerDay === 6);
	await choose('Fade class of the most fugitive part', '1: many early dyes, some inks, dyed silk, fluorescent markers');
	await here.browser.waitFor('the class', async () => (await job(number)).piece?.fade === 1);
});

test('rules: found by a word, every one with its severities and its fix', async () => {
	const { sees, seesNo, type, open } = here.browser;
	await open('/shop/rules');
	await sees('board.touch-acidic');
	await type('Find', 'barrier wood-fibre');
	await seesNo('hang.wire-flat');
	await sees('board.backing-acidic');
	await type('Find', 'unicorn');
	await sees('No match for “unicorn”.');
});
