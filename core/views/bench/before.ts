/**
 * What must be done before a step, and why (handbook order). A step is locked while one of these stands before it in this package's order
 * and is not done, or is not dry yet. Where two may change places by school, the one that comes first locks the other.
 */
import { afterOf } from '../../shop/step-names.ts';
import type { AnyStepId, StepId } from '../../stations/step.ts';

export type Before = { step: StepId; because: string };

const NEEDS_ALL = 'Find what is missing before opening or cutting anything.';
const SAWN = 'Finish the frame first: wet or out of square, it spoils the pack.';
const TRIED = 'Measure and try an existing frame before cutting to it.';
const CLEAN_LAST = 'An open pack collects dust, so clean the glazing last.';
const INSIDE = 'Do it before closing: the inside is then out of reach.';
const HELD = 'Close the window mat only over a held piece and dry hinges.';
const ON_BARE_WOOD = 'Tape bare wood and board first: hardware goes on top.';
const LIES_ON_TOP = 'Paper goes under the hardware, or is cut round it, as chosen.';
const NO_HAND_FREE = 'Cut first: with the piece on the bench no hand is free.';
const FIXED_FIRST = 'Let fixative dry before anything touches the sheet.';
const BEHIND = 'Fix the pack in position before screwing on hardware.';
const UP = 'Mark up while you see the face: turned over, nobody can tell.';

const opened: Before = { step: 'open-again', because: 'Open a closed pack first, from the outside in.' };
const gathered: Before = { step: 'gather', because: NEEDS_ALL };
const before = (because: string, ...steps: StepId[]): Before[] => steps.map((step) => ({ step, because }));

export const BEFORE: Record<StepId, readonly Before[]> = {
	ready: [],
	refer: [],
	gather: before('Clean the bench before laying anything on it.', 'ready'),
	'take-out': before('Clean the bench before laying anything on it.', 'ready'),
	'look-at-it': before('Take it out first, then check what was hidden.', 'take-out'),
	'ready-frame': [gathered],
	'open-metal': [gathered],
	'cut-frame': [gathered],
	'join-frame': before('Glue corners only on rails that match.', 'cut-frame'),
	'finish-frame': before('Trim and colour corners once the glue has set.', 'join-frame'),
	'finish-wood': before('Join and pare before finishing bare wood.', 'join-frame', 'finish-frame', 'ready-frame'),
	'join-metal': [gathered],
	deepen: before('Join the frame before gluing strips.', 'join-frame', 'ready-frame', 'finish-wood', 'finish-frame'),
	'line-rabbet': [
		gathered,
		...before(
			'Finish and deepen the frame before lining its rabbet.',
			'join-frame',
			'finish-frame',
			'finish-wood',
			'ready-frame',
			'deepen'
		)
	],
	'paste-print': [gathered, ...before(TRIED, 'ready-frame')],
	'cut-boards': [
		gathered,
		...before(TRIED, 'ready-frame'),
		...before('Paste the print and let it dry before cutting its window.', 'paste-print')
	],
	'gild-bevel': before('Cut the window first: then there is a bevel.', 'cut-boards'),
	'cut-glazing': [gathered, ...before(TRIED, 'ready-frame')],
	'prepare-hold': [gathered],
	'cover-board': before('Cut the board to size first; trim the larger cloth when dry.', 'cut-boards'),
	'bevel-support': before('Cut it to size first.', 'cut-boards'),
	'glue-lifts': before('Cut the windows before gluing lifts.', 'cut-boards', 'gild-bevel'),
	'make-spacers': [gathered],
	'join-mats': before('Cut windows and let lifts set before joining mats.', 'cut-boards', 'gild-bevel', 'glue-lifts'),
	'join-package': before('Finish the window mat before hinging it to the back mat.', 'cut-boards', 'join-mats', 'glue-lifts'),
	'fix-surface': [gathered],
	slits: before('Cut the board first, and cover it if it is covered.', 'cut-boards', 'cover-board', 'bevel-support'),
	tabs: [...before('Cut or tear and count all tabs first.', 'prepare-hold'), ...before(FIXED_FIRST, 'fix-surface')],
	place: [
		...before(NO_HAND_FREE, 'cut-boards', 'prepare-hold', 'bevel-support', 'cover-board', 'join-mats', 'glue-lifts', 'slits'),
		...before('Fix the tabs to the sheet and let them dry before placing it.', 'tabs'),
		...before(FIXED_FIRST, 'fix-surface')
	],
	'stick-down': before('There is one attempt: lay and line up the sheet on its board first.', 'cut-boards', 'place'),
	'hold-board': before('Mount it and let it dry before hinging its board.', 'stick-down'),
	hinge: before('Cut or tear and count all tabs, and place the piece first.', 'prepare-hold', 'tabs', 'place'),
	'fix-panel': [
		...before('Have clips and patches ready before lifting the panel.', 'prepare-hold', 'cut-boards'),
		...before(FIXED_FIRST, 'fix-surface')
	],
	'fix-support': before(
		'Cut, undercut and dry the support before laying anything on it.',
		'cut-boards',
		'bevel-support',
		'prepare-hold'
	),
	'support-to-base': before(
		'Cover the base and fix the piece to its support first, from behind.',
		'cut-boards',
		'cover-board',
		'bevel-support',
		'place',
		'hinge',
		'stick-down',
		'hold-board',
		'fix-panel',
		'fix-support'
	),
	'open-again': [],
	'try-window': [
		opened,
		...before(
			HELD,
			'place',
			'hinge',
			'stick-down',
			'hold-board',
			'fix-panel',
			'fix-support',
			'support-to-base',
			'join-mats',
			'glue-lifts'
		)
	],
	'lie-open': before('Hold it and check its window first.', 'hinge', 'place', 'support-to-base', 'try-window'),
	sign: before('Sign while the mat can be reached.', 'join-mats', 'try-window'),
	'clean-glazing': [
		opened,
		...before(CLEAN_LAST, 'cut-glazing', 'try-window', 'hinge', 'stick-down', 'fix-panel', 'support-to-base', 'sign')
	],
	'dust-first': [
		opened,
		...before('Check for dust under clean glazing.', 'clean-glazing', 'try-window', 'sign'),
		...before(HELD, 'hinge', 'stick-down', 'hold-board', 'fix-panel', 'fix-support', 'support-to-base'),
		gathered
	],
	'close-pack': before(
		INSIDE,
		'cut-boards',
		'dust-first',
		'clean-glazing',
		'make-spacers',
		'try-window',
		'sign',
		'support-to-base',
		'lie-open'
	),
	'edge-seal': before('Close the pack before sealing it.', 'close-pack'),
	'mark-up': [opened, ...before('Fit the backing board first: up is marked on it.', 'close-pack', 'edge-seal', 'dust-first')],
	'fit-first': [
		opened,
		...before('Tape the pack before it enters the frame: the lip must hide the tape.', 'edge-seal'),
		...before(INSIDE, 'close-pack', 'dust-first'),
		...before(
			SAWN,
			'join-frame',
			'finish-wood',
			'finish-frame',
			'join-metal',
			'open-metal',
			'ready-frame',
			'deepen',
			'line-rabbet'
		),
		...before(UP, 'mark-up')
	],
	'fit-all': [
		opened,
		...before('Dust found now costs two points; found later, all of them.', 'fit-first'),
		...before('Lay the pack in the frame first.', 'close-pack')
	],
	centre: [opened, ...before('Fix the pack first: loose, it moves again.', 'fit-all')],
	'back-strip': [...before('Fix the pack first; the strip is glued and screwed to bare wood.', 'fit-all', 'centre'), gathered],
	seal: [
		...before('Once taped, nothing can be shifted.', 'fit-all', 'centre'),
		...before('Glue wood to bare wood first; cut the tape round it.', 'back-strip', 'hang'),
		gathered
	],
	rings: [
		opened,
		...before(BEHIND, 'fit-all', 'centre'),
		...before('The strip takes the screws: let it set first.', 'back-strip'),
		...before(ON_BARE_WOOD, 'seal'),
		gathered
	],
	'dust-cover': [
		...before('Seal the back before papering it.', 'fit-all', 'centre', 'seal'),
		...before(LIES_ON_TOP, 'hang', 'rings', 'back-strip'),
		gathered
	],
	hang: [
		opened,
		...before(BEHIND, 'fit-all', 'centre'),
		...before('The strip takes the screws: let it set first.', 'back-strip'),
		...before(ON_BARE_WOOD, 'seal'),
		...before(LIES_ON_TOP, 'dust-cover'),
		gathered
	],
	wire: [opened, ...before('Screw on rings and close the dust cover before tying the wire.', 'rings', 'dust-cover')],
	bumpers: [...before(ON_BARE_WOOD, 'seal'), ...before(LIES_ON_TOP, 'dust-cover', 'hang', 'rings', 'wire'), gathered],
	label: before(
		'Close the back before labelling it.',
		'fit-all',
		'seal',
		'dust-cover',
		'join-package',
		'hang',
		'wire',
		'look-at-it',
		'try-window'
	),
	'last-look': before(
		'Check the finished piece last.',
		'label',
		'hang',
		'wire',
		'bumpers',
		'centre',
		'try-window',
		'join-package'
	),
	wrap: before('Check it before wrapping.', 'last-look'),
	wall: before('Check and record it before it leaves.', 'last-look')
};

const AFTER_IT = 'A shop step, placed after this one.';

/** What locks a step; of the shop's own, only what it comes after. */
export function beforeOf(id: AnyStepId): readonly Before[] {
	const after = afterOf(id);
	return after ? before(AFTER_IT, after) : BEFORE[id as StepId];
}
