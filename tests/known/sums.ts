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
import { some } from '../thorough.ts';
import { planSteps } from '../../core/views/bench/steps.ts';
import { sceneOf, VIEWS } from '../../core/views/drawing/views.ts';

export const KNOWN = jobs as unknown as Record<string, JobFile>;

/** For what takes long with each: all in `npm test`. */
export function someKnown(): [string, JobFile][] {
	return some(Object.entries(KNOWN));
}

const STATIONS = ['measure', 'window', 'hold', 'pack', 'frame', 'back', 'climate', 'mass', 'hang', 'cut', 'grade'] as const;

/** As text: without digits that only reckoning in binary brings, and in an order of its own. */
function text(of: unknown): string {
	if (typeof of === 'number') return String(Math.round(of * 1e5) / 1e5 + 0);
	if (typeof of !== 'object' || of === null) return JSON.stringify(of ?? null);
	if (Array.isArray(of)) return `[${of.map(text).join()}]`;
	const all = of as Record<string, unknown>;
	const keys = Object.keys(all)
		.filter((key) => all[key] !== undefined)
		.sort();
	return `{${keys.map((key) => `"${key}":${text(all[key])}`).join()}}`;
}

/**
 * What a job comes to, station by station, as text.
 * @param whole whether with reasons and fixes: they are planned for themselves
 */
export function outcomeOf(name: string, whole = true): Record<string, string> {
	const file = there(KNOWN[name], name);
	const made: Plan = plan(file, builtInShop);
	const job = decide(readJob(file), builtInShop);
	const views = VIEWS.map((view) => sceneOf(view, made, job, builtInShop));
	return {
		...Object.fromEntries(STATIONS.map((station) => [station, text(made[station])])),
		findings: text(made.findings.map(({ rule, severity, says, where }) => ({ rule, severity, says, where }))),
		// Of what was put together by chance the fixes are left out: each is a plan more.
		...(whole && !name.includes('by chance') ? { fixes: text(made.findings.map(({ remedies }) => remedies)) } : {}),
		...(whole ? { reasons: text(made.why) } : {}),
		steps: text(planSteps(job, made, builtInShop)),
		drawings: text(views)
	};
}

export function sumsOf(name: string, whole?: boolean): Record<string, string> {
	const short = (all: string) => createHash('sha256').update(all).digest('hex').slice(0, 6);
	return Object.fromEntries(Object.entries(outcomeOf(name, whole)).map(([station, all]) => [station, short(all)]));
}
