/** What is found in a plan, in the words that a test asks by. */
import type { JobFile } from '../core/job/definition.ts';
import type { Plan } from '../core/plan.ts';
import type { Finding } from '../core/rule/rule.ts';
import { has, planned } from './jobs.ts';

type Made = Pick<Plan, 'findings'>;

/** A sheet of that size. */
export const sheet = (width: number, height: number, more: JobFile['piece'] = {}): Partial<JobFile> => ({
	piece: { readings: { width, height }, ...more }
});

/** Of a rule the first finding, where there is one. */
export const findingOf = (made: Made, rule: string): Finding | undefined =>
	made.findings.find((finding) => finding.rule === rule);
export const says = (made: Made, rule: string): string => findingOf(made, rule)!.says;
export const fixesOf = (made: Made, rule: string): string[] => findingOf(made, rule)!.remedies.map(({ label }) => label);

/** Whether a rule finds something, case by case. */
export const found = (rule: string, ...cases: Partial<JobFile>[]): boolean[] =>
	cases.map((changes) => has(planned(changes), rule));
