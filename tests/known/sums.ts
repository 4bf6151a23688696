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
import { runs } from '../thorough.ts';
import { planSteps } from '../../core/views/bench/steps.ts';
import { sceneOf, VIEWS } from '../../core/views/drawing/views.ts';

export const KNOWN = jobs as unknown as Record<string, JobFile>;

/** For what takes long with each: all of them in `npm test`, every tenth in the everyday loop. */
export function someKnown(): [string, JobFile][] {
	const all = Object.entries(KNOWN);
	const every = all.length / runs(all.length);
	return all.filter((_, index) => index % Math.floor(every) === 0);
}

const STATIONS = ['measure', 'window', 'hold', 'pack', 'frame', 'back', 'climate', 'mass', 'hang', 'cut', 'grade'] as const;

/** As text: without digits that only reckoning in binary brings, and in an order of its own. */
function text(of: unknown): string {
	return JSON.stringify(of, (_, value: unknown) => {
		if (typeof value === 'number') return Math.round(value * 1e5) / 1e5 + 0;
		if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
		return Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)));
	});
}

/** What a job comes to, station by station, as text. Of what was put together by chance the fixes are left out: each is a plan more. */
export function outcomeOf(name: string): Record<string, string> {
	const file = there(KNOWN[name], name);
	const made: Plan = plan(file, builtInShop);
	const job = decide(readJob(file), builtInShop);
	const findings = made.findings.map(({ rule, severity, says, where, remedies: fixes }) =>
		name.includes('by chance') ? { rule, severity, says, where } : { rule, severity, says, where, fixes }
	);
	const stations = STATIONS.map((station) => [station, text(made[station] ?? null)] as const);
	const views = VIEWS.map((view) => sceneOf(view, made, job, builtInShop));
	return Object.fromEntries([
		...stations,
		['findings', text(findings)],
		['reasons', text(made.why)],
		['steps', text(planSteps(job, made, builtInShop))],
		['drawings', text(views)]
	]);
}

export function sumsOf(name: string): Record<string, string> {
	const short = (whole: string) => createHash('sha256').update(whole).digest('hex').slice(0, 6);
	return Object.fromEntries(Object.entries(outcomeOf(name)).map(([station, whole]) => [station, short(whole)]));
}
