/**
 * What must be done before a step, and why (handbook order). A step is locked while one of these stands before it in this package's order
 * and is not done, or is not dry yet. Where two may change places by school, the one that comes first locks the other.
 */
import { afterOf } from '../../shop/step-names.ts';
import type { AnyStepId, StepId } from '../../stations/step.ts';

export type Before = { step: StepId; because: string };

const NEEDS_ALL = 'What is missing is found before anything is opened or cut.';
const SAWN = 'A frame that is not dry or not square spoils the pack that goes into it.';
const TRIED = 'A frame at hand is measured and tried before anything is cut to it.';
const CLEAN_LAST = 'A mount that waits collects dust, so the glazing is cleaned last.';
const INSIDE = 'Once it is closed, what is inside is out of reach.';
const HELD = 'The window closes over a piece that is held, with hinges that are dry.';
const ON_BARE_WOOD = 'Tape sticks to bare wood and bare board: the hardware lies on top of it.';
const LIES_ON_TOP = 'The paper lies under the hardware, or is cut round it: by the order that was chosen.';
const NO_HAND_FREE = 'With the piece on the bench no hand is free to cut.';
const FIXED_FIRST = 'Fixative is dry before anything touches the sheet.';
const BEHIND = 'Hardware is screwed on behind a pack that is held and in its place.';
const UP = 'Up is marked while the face is seen: turned over, nobody can tell.';

const opened: Before = { step: 'open-again', because: 'A package that is closed is opened first, from the outside in.' };
const gathered: Before = { step: 'gather', because: NEEDS_ALL };
const before = (because: string, ...steps: StepId[]): Before[] => steps.map((step) => ({ step, because }));

export const BEFORE: Record<StepId, readonly Before[]> = {
	ready: [],
	gather: before('The bench is clean before anything is laid on it.', 'ready'),
	'take-out': before('The bench is clean before anything is laid on it.', 'ready'),
	'look-at-it': before('What was hidden is seen only once it is out.', 'take-out'),
	'ready-frame': [gathered],
	'open-metal': [gathered],
	'cut-frame': [gathered],
	'join-frame': before('Corners are glued on rails that match.', 'cut-frame'),
	'finish-frame': before('Corners are pared and coloured when the glue holds.', 'join-frame'),
	'finish-wood': before('Bare wood is finished once it is joined and pared.', 'join-frame', 'finish-frame', 'ready-frame'),
	'join-metal': [gathered],
	deepen: before('The strips are glued to a frame that is joined.', 'join-frame', 'ready-frame', 'finish-wood', 'finish-frame'),
	'paste-print': [gathered, ...before(TRIED, 'ready-frame')],
	'cut-boards': [
		gathered,
		...before(TRIED, 'ready-frame'),
		...before('A window is cut in a print that is pasted and dry.', 'paste-print')
	],
	'gild-bevel': before('The bevel is there once the window is cut.', 'cut-boards'),
	'cut-glazing': [gathered, ...before(TRIED, 'ready-frame')],
	'prepare-hold': [gathered],
	'cover-board': before('It is cut to size first, the cloth is larger and trimmed when dry.', 'cut-boards'),
	'bevel-support': before('It is cut to size first.', 'cut-boards'),
	'glue-lifts': before('The lifts go onto mats whose windows are cut.', 'cut-boards', 'gild-bevel'),
	'make-spacers': [gathered],
	'join-mats': before(
		'Mats are joined when their windows are cut and their lifts hold.',
		'cut-boards',
		'gild-bevel',
		'glue-lifts'
	),
	'join-package': before(
		'The window mat is whole before it is hinged to its under-mat.',
		'cut-boards',
		'join-mats',
		'glue-lifts'
	),
	'fix-surface': [gathered],
	slits: before('The board is cut, and covered where it is covered.', 'cut-boards', 'cover-board', 'bevel-support'),
	tabs: [...before('All tabs are cut or torn and counted.', 'prepare-hold'), ...before(FIXED_FIRST, 'fix-surface')],
	place: [
		...before(NO_HAND_FREE, 'cut-boards', 'prepare-hold', 'bevel-support', 'cover-board', 'join-mats', 'glue-lifts', 'slits'),
		...before('The tabs are on the sheet and dry before it is laid in its place.', 'tabs'),
		...before(FIXED_FIRST, 'fix-surface')
	],
	'stick-down': before('There is one attempt: the sheet is laid and lined up on its board first.', 'cut-boards', 'place'),
	'hold-board': before('It is stuck down and dry before its board is held.', 'stick-down'),
	hinge: before('All tabs are cut or torn and counted, and the piece lies in its place.', 'prepare-hold', 'tabs', 'place'),
	'fix-panel': [
		...before('Clips and patches are ready before the panel is lifted.', 'prepare-hold', 'cut-boards'),
		...before(FIXED_FIRST, 'fix-surface')
	],
	'fix-support': before(
		'The support is cut, undercut and dry before anything lies on it.',
		'cut-boards',
		'bevel-support',
		'prepare-hold'
	),
	'support-to-base': before(
		'The base is covered and the piece is fixed to its support first: what holds it is fixed from behind.',
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
	sign: before('It is signed while the mat can be reached.', 'join-mats', 'try-window'),
	'clean-glazing': [
		opened,
		...before(CLEAN_LAST, 'cut-glazing', 'try-window', 'hinge', 'stick-down', 'fix-panel', 'support-to-base', 'sign')
	],
	'dust-first': [
		opened,
		...before('Dust is looked for under clean glazing.', 'clean-glazing', 'try-window', 'sign'),
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
		'support-to-base'
	),
	'edge-seal': before('The seal goes round a pack that is closed.', 'close-pack'),
	'mark-up': [opened, ...before('Up is marked on the back that closes it.', 'close-pack', 'edge-seal', 'dust-first')],
	'fit-first': [
		opened,
		...before('The tape must hide under the lip: it is on before the pack enters the frame.', 'edge-seal'),
		...before(INSIDE, 'close-pack', 'dust-first'),
		...before(SAWN, 'join-frame', 'finish-wood', 'finish-frame', 'join-metal', 'open-metal', 'ready-frame', 'deepen'),
		...before(UP, 'mark-up')
	],
	'fit-all': [
		opened,
		...before('Dust found now costs two points; found later, all of them.', 'fit-first'),
		...before('What they hold lies in the frame.', 'close-pack')
	],
	centre: [opened, ...before('What is still loose moves again.', 'fit-all')],
	'back-strip': [...before('It is glued and screwed to bare wood, behind a pack that is held.', 'fit-all', 'centre'), gathered],
	seal: [
		...before('Under tape nothing can be shifted any more.', 'fit-all', 'centre'),
		...before('Wood is glued to bare wood; the tape is cut round it.', 'back-strip', 'hang'),
		gathered
	],
	rings: [
		opened,
		...before(BEHIND, 'fit-all', 'centre'),
		...before('The strip takes the screws: it holds before they are driven.', 'back-strip'),
		...before(ON_BARE_WOOD, 'seal'),
		gathered
	],
	'dust-cover': [
		...before('The paper closes over a back that is sealed.', 'fit-all', 'centre', 'seal'),
		...before(LIES_ON_TOP, 'hang', 'rings', 'back-strip'),
		gathered
	],
	hang: [
		opened,
		...before(BEHIND, 'fit-all', 'centre'),
		...before('The strip takes the screws: it holds before they are driven.', 'back-strip'),
		...before(ON_BARE_WOOD, 'seal'),
		...before(LIES_ON_TOP, 'dust-cover'),
		gathered
	],
	wire: [opened, ...before('The wire is tied to rings that are screwed on, over a cover that is closed.', 'rings', 'dust-cover')],
	bumpers: [...before(ON_BARE_WOOD, 'seal'), ...before(LIES_ON_TOP, 'dust-cover', 'hang', 'rings', 'wire'), gathered],
	label: before(
		'The label is stuck on a back that is closed.',
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
		'The last look is at the whole.',
		'label',
		'hang',
		'wire',
		'bumpers',
		'centre',
		'try-window',
		'join-package'
	),
	wrap: before('It is wrapped once it has been looked at.', 'last-look'),
	wall: before('It leaves the bench looked at and written down.', 'last-look')
};

const AFTER_IT = 'It is this shop’s own, and stands after it.';

/** What locks a step; of the shop's own, only what it comes after. */
export function beforeOf(id: AnyStepId): readonly Before[] {
	const after = afterOf(id);
	return after ? before(AFTER_IT, after) : BEFORE[id as StepId];
}
