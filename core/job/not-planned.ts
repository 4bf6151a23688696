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
	['piece.deckle', (job) => job.piece?.deckle, 'A deckle edge wants a float, which is not planned yet.'],
	[
		'piece.bothSides',
		(job) => job.piece?.bothSides,
		'A sheet worked on both sides wants corners, strips or two windows, which are not planned yet.'
	],
	[
		'window.way',
		(job) => job.window?.way !== undefined && job.window.way !== 'cover',
		'The window “cover” is planned so far; reveal and float are not.'
	],
	[
		'window.shape',
		(job) => job.window?.shape !== undefined && job.window.shape !== 'rectangle',
		'Rectangles are planned so far; other shapes are not.'
	],
	[
		'window.overlap',
		(job) => job.window?.overlap === 'solve',
		'The program does not solve for the window yet. Write the overlap.'
	],
	...(['reveal', 'gap', 'setBack', 'support', 'openings', 'grid'] as const).map((key): Rule => [
		`window.${key}`,
		(job) => job.window?.[key] !== undefined,
		'This belongs to a window way that is not planned yet. Take it out.'
	]),
	[
		'borders.way',
		(job) => job.borders?.way === 'fit',
		'Borders that fit a given pack are not planned yet. Choose even, weighted or own.'
	],
	[
		'guard.spacer',
		(job) => job.guard?.spacer !== undefined && job.guard.spacer !== null,
		'Spacers are not planned yet. Lift a mat for more air.'
	],
	[
		'hold.kind',
		(job) => job.hold?.kind !== undefined && job.hold.kind !== 't-hinge',
		'T-hinges are planned so far; other holds are not.'
	],
	[
		'frame.kind',
		(job) => job.frame?.kind !== undefined && job.frame.kind !== 'wood',
		'Wood mouldings are planned so far; metal and ready-made frames are not.'
	],
	['frame.groove', (job) => job.frame?.groove, 'Grooves in the rabbet are not planned yet.'],
	['frame.opening', (job) => job.frame?.opening, 'The opening of a ready-made frame is not planned yet.'],
	[
		'hang.by',
		(job) => job.hang?.by !== undefined && !['wire', 'rings'].includes(job.hang.by),
		'Wire and rings are planned so far; other hangers are not.'
	]
];

export function notPlanned(job: Job): Fault[] {
	const faults = RULES.filter(([, asked]) => asked(job)).map(([path, , says]) => ({ path, says }));
	for (const [index, mat] of (job.mats ?? []).entries()) {
		if (mat.print !== undefined)
			faults.push({ path: `mats[${index}].print`, says: 'Printed mats are not planned yet. Take the print out.' });
	}
	for (const school of SCHOOLS) {
		const chosen = job.schools?.[school.id];
		if (chosen !== undefined && school.notPlanned?.includes(chosen))
			faults.push({ path: `schools.${school.id}`, says: `“${chosen}” is not planned yet. Choose ${school.options[0]}.` });
	}
	return faults;
}
