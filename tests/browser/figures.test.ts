import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { test } from 'node:test';
import type { JobFile } from '../../core/job/definition.ts';
import { workedJob, type SinglePlan } from '../jobs.ts';
import { showLength } from '../../core/units/show.ts';
import { keepJob, send } from '../running/server.ts';
import { stage } from './setup.ts';

const here = stage();

const SECOND: Partial<JobFile> = {
	frame: { kind: 'wood', section: { face: 22, lip: 8, depth: 30, rabbetDepth: 16, density: 680 } }
};

/** Figures of the screen: the station that shows each, its name there, its place in the plan, whether it is shown to a tenth. */
const ON_SCREEN: [station: string, name: string, of: (plan: SinglePlan) => number, fine: boolean][] = [
	['Window', 'Pack width', (plan) => plan.window!.pack.width, false],
	['Window', 'Pack height', (plan) => plan.window!.pack.height, false],
	['Window', 'Placement from the left', (plan) => plan.window!.placement.left, true],
	['Window', 'Placement from the top', (plan) => plan.window!.placement.top, true],
	['Window', 'seen border left', (plan) => plan.window!.mats[0]!.seen!.left, true],
	['Window', 'window width', (plan) => plan.window!.opening.width, false],
	['Cut', 'Opening width', (plan) => plan.window!.mats[0]!.opening.width, false],
	['Cut', 'Stop of mat 1 bottom', (plan) => plan.window!.mats[0]!.stop.bottom, true],
	['Frame', 'Rabbet width', (plan) => plan.frame!.rabbet.width, false],
	['Frame', 'Rabbet height', (plan) => plan.frame!.rabbet.height, false],
	['Frame', 'Sight width', (plan) => plan.frame!.sight.width, false],
	['Frame', 'Sight height', (plan) => plan.frame!.sight.height, false],
	['Frame', 'Outer width', (plan) => plan.frame!.outer.width, false],
	['Frame', 'Allowance down', (plan) => plan.frame!.allowance.height, true],
	['Frame', 'Top rail', (plan) => plan.frame!.rails[0], false],
	['Frame', 'Right rail', (plan) => plan.frame!.rails[1], false],
	['Frame', 'Stick', (plan) => plan.frame!.stick, false],
	['Wall', 'Length of wire', (plan) => plan.hang!.wire!.length, false]
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
			for (const [station, name, of, fine] of ON_SCREEN) {
				await here.browser.station(station);
				const button = await here.browser.button(`${name} `);
				const figure = await button.getAttribute('aria-label');
				assert.equal(figure, `${name} ${showLength(of(plan), unit, fine).text}, say why`, `${station}: ${name}`);
			}
		});
	}
}
