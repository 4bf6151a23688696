/** What a job file may say and this version does not plan yet. Each is a fault that says so; nothing is planned as something else. */
import type { Job } from './definition.ts';
import type { Fault } from './faults.ts';
import { SCHOOLS } from './schools.ts';

type Rule = [path: string, asked: (job: Job) => unknown, says: string];

const PLANNED_KINDS = ['paper', 'photograph'];

const RULES: readonly Rule[] = [
	[
		'piece.kind',
		(job) => job.piece?.kind !== undefined && !PLANNED_KINDS.includes(job.piece.kind),
		'Sheets (paper, photograph) are planned so far; panels, canvas, textiles and objects are not.'
	],
	[
		'hold.kind',
		(job) => job.hold?.kind !== undefined && !['t-hinge', 'v-hinge', 'pass-through', 'corners'].includes(job.hold.kind),
		'Hinges (T, V, pass-through) and corner pockets are planned so far; other holds are not.'
	],
	[
		'frame.kind',
		(job) => job.frame?.kind !== undefined && job.frame.kind === 'metal',
		'Wood mouldings and ready-made frames are planned so far; metal sections are not.'
	],
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
