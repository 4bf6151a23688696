/** What a job file may say and this version does not plan yet. Each is a fault that says so; nothing is planned as something else. */
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import { HANGERS_PLANNED } from './kinds.ts';

type Rule = [path: string, asked: (job: Job) => unknown, says: string];

const RULES: readonly Rule[] = [
	[
		'hang.by',
		(job) => job.hang?.by !== undefined && !HANGERS_PLANNED.some((kind) => kind === job.hang?.by),
		'A rail or security plates are not planned yet. Choose rings, wire, cord, a sawtooth or a centre hanger.'
	]
];

export function notPlanned(job: Job): Fault[] {
	return RULES.filter(([, asked]) => asked(job)).map(([path, , says]) => ({ path, says }));
}
