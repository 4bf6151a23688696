/** What a job file may say and this version does not plan yet. Each is a fault that says so; nothing is planned as something else. */
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import { SCHOOLS } from './schools.ts';

type Rule = [path: string, asked: (job: Job) => unknown, says: string];

const RULES: readonly Rule[] = [
	[
		'hang.by',
		(job) => job.hang?.by !== undefined && !['wire', 'rings'].includes(job.hang.by),
		'Wire and rings are planned so far; other hangers are not.'
	]
];

export function notPlanned(job: Job): Fault[] {
	const faults = RULES.filter(([, asked]) => asked(job)).map(([path, , says]) => ({ path, says }));
	for (const school of SCHOOLS) {
		const chosen = job.schools?.[school.id];
		if (chosen !== undefined && school.notPlanned?.includes(chosen))
			faults.push({ path: `schools.${school.id}`, says: `“${chosen}” is not planned yet. Choose ${school.options[0]}.` });
	}
	return faults;
}
