/** Why a pack is looked into or opened again, where the work begins anew, and what would have prevented it (handbook bench#dust). */
import type { StepId } from '../../stations/step.ts';

export type Cause =
	| 'dust'
	| 'lint'
	| 'print-mark'
	| 'streak'
	| 'glue'
	| 'residue'
	| 'image-shifted'
	| 'points-moved'
	| 'off-centre'
	| 'upside-down'
	| 'hardware';

export type CauseDefinition = {
	name: string;
	/** The first step that is done again. */
	from: StepId;
	/** Where the package has this step, it begins there. */
	orFrom?: StepId;
	/** It is found by looking through the glazing before all points are in. */
	seenByLooking: boolean;
	/** What would have prevented it. */
	instead: string;
};

export const REOPENS: Record<Cause, CauseDefinition> = {
	dust: {
		name: 'dust',
		from: 'dust-first',
		seenByLooking: true,
		instead: 'Brush the rabbet and the frame’s edge before the pack comes near; seal a dusty frame’s edge.'
	},
	lint: {
		name: 'lint',
		from: 'dust-first',
		seenByLooking: true,
		instead: 'Use a lint-free cloth, no paper towel; check dark mats in low-angle light before the first point.'
	},
	'print-mark': {
		name: 'finger mark',
		from: 'clean-glazing',
		seenByLooking: true,
		instead: 'Wear gloves from the inner face on; a mark that does not wipe off outside is inside.'
	},
	streak: {
		name: 'streak',
		from: 'clean-glazing',
		seenByLooking: true,
		instead: 'Polish dry, and check in raking light before laying the glazing on.'
	},
	glue: {
		name: 'glue',
		from: 'clean-glazing',
		seenByLooking: true,
		instead: 'Pare and wipe corners before the glue sets.'
	},
	residue: {
		name: 'film or tape residue',
		from: 'clean-glazing',
		seenByLooking: true,
		instead: 'Peel the inner film only when the glazing meets the piece; clean the outer face last.'
	},
	'image-shifted': {
		name: 'image shifted',
		from: 'try-window',
		seenByLooking: false,
		instead: 'Check the window over it before cleaning the glazing; let hinges dry fully.'
	},
	'points-moved': {
		name: 'points moved',
		from: 'fit-all',
		seenByLooking: false,
		instead: 'Drive points as deep as the wood allows, a block behind the frame.'
	},
	'off-centre': {
		name: 'off centre',
		from: 'centre',
		seenByLooking: false,
		instead: 'Measure all eight borders before taping the back.'
	},
	'upside-down': {
		name: 'upside down',
		from: 'fit-first',
		seenByLooking: false,
		instead: 'Mark the top on the back before turning over.'
	},
	hardware: {
		name: 'hardware',
		from: 'hang',
		orFrom: 'rings',
		seenByLooking: false,
		instead: 'Ask which way is up, and measure both drops from the top.'
	}
};

export const CAUSES = Object.keys(REOPENS) as Cause[];
