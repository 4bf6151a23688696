/** Drawings of every demo piece stay in their place: no figure is cut off at an edge or lies on another, in either unit. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { SCOPE_OF } from '../../core/job/scopes.ts';
import type { JobFile } from '../../core/job/definition.ts';
import { DRAWN } from './browser.ts';
import { stage } from './setup.ts';

const here = stage();

/** Figures of the page's drawings that reach out of their drawing, and pairs that lie on each other. */
const MISPLACED = `const misplaced = () => {
	const wrong = [];
	let looked = 0;
	for (const figure of [...document.querySelectorAll('figure')].filter((one) => one.checkVisibility())) {
		const svg = figure.querySelector(':scope > svg');
		if (!svg) continue;
		const place = svg.getBoundingClientRect();
		const texts = [...svg.querySelectorAll('text')].filter((text) => text.textContent.trim() !== '').map((text) => ({ says: text.textContent.trim(), box: text.getBoundingClientRect() }));
		looked += texts.length;
		const title = svg.getAttribute('aria-label').slice(0, 40);
		for (const { says, box } of texts) {
			if (box.left < place.left - 1 || box.right > place.right + 1 || box.top < place.top - 1 || box.bottom > place.bottom + 1)
				wrong.push(title + ': “' + says + '” is cut off');
		}
		for (const [index, one] of texts.entries())
			for (const other of texts.slice(index + 1)) {
				const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
				const down = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
				// Boxes have air round their letters.
				if (across > 4 && down > 6) wrong.push(title + ': “' + one.says + '” lies on “' + other.says + '”');
			}
	}
	return [wrong, looked];
};`;

/** What reaches out of the panel sideways: a figure there is not read, however right it is. */
const TOO_WIDE = `const tooWide = () => {
	const panel = document.querySelector('section.panel');
	// A word that is pressed has its place to press round it.
	const right = panel.getBoundingClientRect().right + 10;
	return [...panel.querySelectorAll('dd, dt, td, th, p, h2, button, input, select, figure')]
		.filter((one) => one.checkVisibility() && !one.closest('.seen-by-readers') && one.getBoundingClientRect().right > right)
		.map((one) => one.tagName + ' “' + one.textContent.trim().slice(0, 40) + '”');
};`;

type Looked = { wrong: string[]; looked: number };

/** Presses one after the other and looks at what each shows, in the page: no way to it and back for each. */
async function lookAtEach(pressed: string, names: readonly string[]): Promise<Looked[]> {
	const answer = await here.browser.driver.executeAsyncScript<Looked[] | string>(
		`const [pressed, names, done] = arguments;
		${DRAWN} ${MISPLACED} ${TOO_WIDE}
		const says = (one, name) => [one, ...one.querySelectorAll('span')].some((part) => part.textContent.trim() === name);
		const isOpen = (one) => one.ariaSelected === 'true' || one.hasAttribute('aria-current');
		(async () => {
			const all = [];
			for (const name of names) {
				const button = [...document.querySelectorAll(pressed)].find((one) => says(one, name));
				// A job that is a part has not all.
				if (!button) {
					all.push({ wrong: [], looked: -1 });
					continue;
				}
				button.click();
				while (!isOpen(button)) await new Promise(requestAnimationFrame);
				await drawn();
				let [wrong, looked] = misplaced();
				// A drawing whose place has just changed follows it with the next frame: what is wrong then stays wrong.
				if (wrong.length > 0) {
					await drawn();
					[wrong, looked] = misplaced();
				}
				all.push({ wrong: [...wrong, ...tooWide()].map((one) => name + ': ' + one), looked });
			}
			return all;
		})().then(done, (error) => done(String(error)));`,
		pressed,
		names
	);
	assert.ok(typeof answer !== 'string', String(answer));
	return answer;
}

const NUMBERS = readdirSync('demo/jobs').map((name) => name.replace('.json', ''));

/** Views of a piece: of a frame that stays closed its back alone, of a mat package no frame. */
function viewsOf(number: string): readonly string[] {
	const { scope = 'whole' } = JSON.parse(readFileSync(`demo/jobs/${number}.json`, 'utf8')) as JobFile;
	const { window, pack } = SCOPE_OF[scope];
	return pack ? VIEWS : window ? ['Sheet', 'Front', 'Section'] : ['Back'];
}

const VIEWS = ['Sheet', 'Front', 'Section', 'Back', 'All three'];
const STATIONS = ['Intake', 'Measure', 'Window', 'Guard', 'Hold', 'Frame', 'Cut', 'Bench', 'Back', 'Wall', 'Record'];

test('every figure of every drawing lies in its place and on no other, in either unit', async () => {
	await here.browser.open('/');
	await here.loadDemo();
	const wrong: string[] = [];
	for (const number of NUMBERS) {
		await here.browser.follow(`/jobs/${number}?at=frame&view=wall`);
		for (const unit of ['mm', 'inch']) {
			await here.browser.press(unit);
			for (const [index, one] of (await lookAtEach('[role=tab]', VIEWS)).entries()) {
				const has = viewsOf(number).includes(VIEWS[index]!);
				assert.equal(one.looked >= 0, has, `${number} ${VIEWS[index]}: ${one.looked} figures`);
				if (has) assert.ok(one.looked >= 2, `${number} ${VIEWS[index]}: ${one.looked} figures`);
				wrong.push(...one.wrong.map((says) => `${number} in ${unit}, ${says}`));
			}
		}
	}
	assert.deepEqual(wrong, []);
});

test('every station of every demo piece opens, and its panel is no wider than its place; every other piece read in inches', async () => {
	const wrong: string[] = [];
	for (const [index, number] of NUMBERS.entries()) {
		await here.browser.follow(`/jobs/${number}?at=intake&view=front`);
		await here.browser.press(index % 2 === 0 ? 'mm' : 'inch');
		const stations = await lookAtEach('nav[aria-label^="Stations"] button', STATIONS);
		wrong.push(...stations.flatMap((one) => one.wrong).map((one) => `${number} ${one}`));
	}
	assert.deepEqual(wrong, []);
});
