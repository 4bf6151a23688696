import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { test } from 'node:test';
import type { JobFile } from '../../../core/job/definition.ts';
import { workedJob, type SinglePlan } from '../../jobs.ts';
import { figureText } from '../../../core/views/why/figure-text.ts';
import { keepJob, send } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { HANG_ONLY } from '../../as-it-comes.ts';
import { stage } from '../setup.ts';

const here = stage();

const SECOND: Partial<JobFile> = {
	frame: { kind: 'wood', section: { face: 22, lip: 8, depth: 30, rabbetDepth: 16, density: 680 } }
};

/** Figures of the screen: the station that shows each, its name there, its value and its place in the plan. */
const ON_SCREEN: [station: string, name: string, of: (plan: SinglePlan) => number, path: string][] = [
	['Window', 'Pack width', (plan) => plan.window!.pack.width, 'window.pack.width'],
	['Window', 'Pack height', (plan) => plan.window!.pack.height, 'window.pack.height'],
	['Window', 'Placement from the left', (plan) => plan.window!.placement.left, 'window.placement.left'],
	['Window', 'Placement from the top', (plan) => plan.window!.placement.top, 'window.placement.top'],
	['Window', 'visible border left', (plan) => plan.window!.mats[0]!.seen!.left, 'window.mats[0].seen.left'],
	['Window', 'window width', (plan) => plan.window!.opening.width, 'window.opening.width'],
	['Cut', 'Opening width', (plan) => plan.window!.mats[0]!.opening.width, 'window.mats[0].opening.width'],
	['Cut', 'Stop of mat 1, bottom, face down', (plan) => plan.window!.mats[0]!.stop.bottom, 'window.mats[0].stop.bottom'],
	['Frame', 'Rabbet width', (plan) => plan.frame!.rabbet.width, 'frame.rabbet.width'],
	['Frame', 'Rabbet height', (plan) => plan.frame!.rabbet.height, 'frame.rabbet.height'],
	['Frame', 'Sight width', (plan) => plan.frame!.sight.width, 'frame.sight.width'],
	['Frame', 'Sight height', (plan) => plan.frame!.sight.height, 'frame.sight.height'],
	['Frame', 'Outer width', (plan) => plan.frame!.outer.width, 'frame.outer.width'],
	['Frame', 'Allowance down', (plan) => plan.frame!.allowance.height, 'frame.allowance.height'],
	['Frame', 'Top rail', (plan) => plan.frame!.rails[0], 'frame.rails[0]'],
	['Frame', 'Right rail', (plan) => plan.frame!.rails[1], 'frame.rails[1]'],
	['Frame', 'Stick', (plan) => plan.frame!.stick, 'frame.stick'],
	['Wall', 'Length of the wire', (plan) => plan.hang!.wire!.length, 'hang.wire.length']
];

function onCommandLine(job: JobFile): SinglePlan {
	const { stdout, status } = spawnSync('npm', ['run', '-s', 'core', '--', 'plan', '-'], {
		input: JSON.stringify(job),
		encoding: 'utf8'
	});
	assert.equal(status, 0);
	return JSON.parse(stdout) as SinglePlan;
}

async function overHttp(job: JobFile): Promise<SinglePlan> {
	const response = await send(here.server.address, 'POST', '/api/plan', job);
	assert.equal(response.status, 200);
	return (await response.json()) as SinglePlan;
}

/** The worked cases’ figures, as the design gives them in millimetres. */
const GIVEN: Record<string, number[]> = {
	first: [542, 701, 70, 70, 65.5, 390, 402],
	second: [542, 701, 70, 70, 63.5, 390, 402]
};

for (const [which, changes] of [
	['first', {}],
	['second', SECOND]
] as const) {
	for (const unit of ['mm', 'in'] as const) {
		test(`the ${which} worked case in ${unit}: the same figures on the command line, over HTTP and on the screen`, async () => {
			const job = workedJob({ ...changes, unit });
			const plan = onCommandLine(job);
			assert.deepEqual(await overHttp(job), plan);
			if (unit === 'mm')
				assert.deepEqual(
					ON_SCREEN.slice(0, 7).map(([, , of]) => of(plan)),
					GIVEN[which]
				);
			await here.browser.open(`/jobs/${await keepJob(here.server.address, job)}`);
			for (const [station, name, of, path] of ON_SCREEN) {
				await here.browser.station(station);
				const button = await here.browser.button(`${name} `);
				const figure = await button.getAttribute('aria-label');
				assert.equal(figure, `${name} ${figureText(of(plan), path, { unit, fraction: 16 })}, explain`, `${station}: ${name}`);
			}
		});
	}
}

test('a length that its neighbour forbids waits there, and holds once the neighbour allows it', async () => {
	const number = await keepJob(here.server.address, workedJob(SECOND));
	await here.browser.open(`/jobs/${number}?at=frame`);
	await here.browser.type('Lip', '30');
	await here.browser.sees('A lip of 30 mm is as wide as the face of 22 mm.');
	await here.browser.type('Face', '40');
	await here.browser.seesNo('is as wide as the face of');
	const kept = await here.untilKept(number, 'both', (job) => job.frame!.section!.lip === 30);
	assert.equal(kept.frame!.section!.face, 40);
	assert.equal(await (await here.browser.field('Lip')).getAttribute('value'), '30');
});

test('pounds and ounces are typed to their end, and stand as they were typed until the field is left', async () => {
	const { type, field, keys, open } = here.browser;
	const number = await keepJob(here.server.address, { ...HANG_ONLY, unit: 'in' });
	await open(`/jobs/${number}?at=frame`);
	await type('Weight, lb, oz', '5 lb 4 oz');
	const weight = () => field('Weight, lb, oz').then((one) => one.getAttribute('value'));
	assert.equal(await weight(), '5 lb 4 oz');
	const kept = await here.untilKept(number, 'the weight', ({ given }) => Number(given?.mass) < 3);
	assert.ok(Math.abs(Number(kept.given!.mass) - 5.25 * 0.45359237) < 0.001, String(kept.given!.mass));
	await keys(Key.TAB);
	assert.equal(await weight(), '5 lb 4 oz');
});
