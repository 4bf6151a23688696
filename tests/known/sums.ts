/**
 * Known jobs and what they come to, as a sum of each station: a figure, a finding or a fix that changes shows, wherever it comes from. The
 * formulas are checked by the stations' own tests; this says that nothing else moved with them. `npm run known` writes the sums anew, and
 * `npm run known -- "two lifts"` prints what one comes to, to lay beside that of another version.
 */
import { createHash } from 'node:crypto';
import jobs from './jobs.json' with { type: 'json' };
import type { JobFile } from '../../core/job/definition.ts';
import { plan, type Plan } from '../../core/plan.ts';
import { decide } from '../../core/decide.ts';
import { readJob } from '../../core/job/read.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { there } from '../../core/units/there.ts';
import { planSteps } from '../../core/views/bench/steps.ts';
import { sceneOf, VIEWS } from '../../core/views/drawing/views.ts';

export const KNOWN = jobs as unknown as Record<string, JobFile>;

const STATIONS = ['measure', 'window', 'hold', 'pack', 'frame', 'back', 'climate', 'mass', 'hang', 'cut', 'grade'] as const;

/** Digits that only reckoning in binary brings are left out. */
function rounded(_: string, value: unknown): unknown {
	return typeof value === 'number' ? Math.round(value * 1e5) / 1e5 + 0 : value;
}

/** What a job comes to, station by station, as text. Of what was put together by chance the fixes are left out: each is a plan more. */
export function outcomeOf(name: string): Record<string, string> {
	const file = there(KNOWN[name], name);
	const made: Plan = plan(file, builtInShop);
	const job = decide(readJob(file), builtInShop);
	const findings = made.findings.map(({ rule, severity, says, where, remedies: fixes }) =>
		name.includes('by chance') ? { rule, severity, says, where } : { rule, severity, says, where, fixes }
	);
	const stations = STATIONS.map((station) => [station, JSON.stringify(made[station] ?? null, rounded)] as const);
	const views = VIEWS.map((view) => sceneOf(view, made, job, builtInShop));
	return Object.fromEntries([
		...stations,
		['findings', JSON.stringify(findings, rounded)],
		['reasons', JSON.stringify(made.why)],
		['steps', JSON.stringify(planSteps(job, made, builtInShop), rounded)],
		['drawings', JSON.stringify(views, rounded)]
	]);
}

export function sumsOf(name: string): Record<string, string> {
	const short = (text: string) => createHash('sha256').update(text).digest('hex').slice(0, 6);
	return Object.fromEntries(Object.entries(outcomeOf(name)).map(([station, text]) => [station, short(text)]));
}
