/**
 * What must be done before a step, and why (handbook order). A step is locked while one of these stands before it in this package's order
 * and is not done, or is not dry yet. Where two may change places by school, the one that comes first locks the other.
 */
import { afterOf } from '../../shop/step-names.ts';
import type { AnyStepId, StepId } from '../../stations/step.ts';

export type Before = { step: StepId; because: string };

const NEEDS_ALL = 'What is missing is found before anything is opened or cut.';
const SAWN = 'A frame that is not dry or not square spoils the pack that goes into it.';
const CLEAN_LAST = 'A mount that waits collects dust, so the glazing is cleaned last.';
const INSIDE = 'Once it is closed, what is inside is out of reach.';
const HELD = 'The window closes over a piece that is held, with hinges that are dry.';
const ON_BARE_WOOD = 'Tape sticks to bare wood and bare board: the hardware lies on top of it.';
const LIES_ON_TOP = 'The paper lies under the hardware, or is cut round it: by the order that was chosen.';

const opened: Before = { step: 'open-again', because: 'A package that is closed is opened first, from the outside in.' };
const gathered: Before = { step: 'gather', because: NEEDS_ALL };
const before = (because: string, ...steps: StepId[]): Before[] => steps.map((step) => ({ step, because }));

export const BEFORE: Record<StepId, readonly Before[]> = {
	ready: [],
	gather: before('The bench is clean before anything is laid on it.', 'ready'),
	'take-out': before('The bench is clean before anything is laid on it.', 'ready'),
	'look-at-it': before('What was hidden is seen only once it is out.', 'take-out'),
	'cut-boards': [gathered],
	'cut-glazing': [gathered],
	'prepare-hold': [gathered],
	'bevel-support': before('It is cut to size first.', 'cut-boards'),
	'cut-frame': [gathered],
	'open-metal': [gathered],
	'ready-frame': [gathered],
	'join-frame': before('Corners are glued on rails that match.', 'cut-frame'),
	'finish-wood': before('Bare wood is finished once it is joined.', 'join-frame', 'ready-frame'),
	'finish-frame': before('Corners are pared and coloured when the glue holds.', 'join-frame', 'finish-wood'),
	'join-metal': [gathered],
	deepen: before('The strips are glued to a frame that is joined.', 'join-frame', 'ready-frame'),
	'cover-board': before('It is cut to size first, the cloth is larger and trimmed when dry.', 'cut-boards'),
	'glue-lifts': before('The lifts go onto mats whose windows are cut.', 'cut-boards'),
	'make-spacers': [gathered],
	'join-mats': before('Mats are joined when their windows are cut and their lifts hold.', 'cut-boards', 'glue-lifts'),
	'join-package': before('The window mat is whole before it is hinged to its under-mat.', 'cut-boards', 'join-mats'),
	place: before(
		'With the piece on the bench no hand is free to cut.',
		'cut-boards',
		'prepare-hold',
		'bevel-support',
		'cover-board',
		'join-mats'
	),
	hinge: before('All tabs are cut or torn and counted, and the piece lies in its place.', 'prepare-hold', 'place'),
	'stick-down': before('There is one attempt: the board is cut and ready.', 'cut-boards'),
	'fix-panel': before('Clips and patches are ready before the panel is lifted.', 'prepare-hold', 'cut-boards'),
	'support-to-base': before('Both are cut before they meet.', 'cut-boards', 'bevel-support'),
	'open-again': [],
	'try-window': [opened, ...before(HELD, 'place', 'hinge', 'stick-down', 'fix-panel', 'support-to-base', 'join-mats')],
	'clean-glazing': [opened, ...before(CLEAN_LAST, 'cut-glazing', 'try-window', 'hinge', 'stick-down', 'fix-panel')],
	'dust-first': [opened, ...before('Dust is looked for under clean glazing.', 'clean-glazing', 'try-window')],
	'close-pack': before(INSIDE, 'dust-first', 'clean-glazing', 'make-spacers', 'try-window'),
	'edge-seal': before('The seal goes round a pack that is closed.', 'close-pack'),
	'fit-first': [
		opened,
		...before('The tape must hide under the lip: it is on before the pack enters the frame.', 'edge-seal'),
		...before(INSIDE, 'close-pack', 'dust-first'),
		...before(SAWN, 'join-frame', 'finish-wood', 'finish-frame', 'join-metal', 'open-metal', 'ready-frame', 'deepen')
	],
	'fit-all': [opened, ...before('Dust found now costs two points; found later, all of them.', 'fit-first')],
	centre: [opened, ...before('What is still loose moves again.', 'fit-all')],
	seal: before('Under tape nothing can be shifted any more.', 'fit-all', 'centre'),
	'dust-cover': [
		...before('The paper closes over a back that is sealed.', 'fit-all', 'centre', 'seal'),
		...before(LIES_ON_TOP, 'hang', 'bumpers', 'back-strip')
	],
	'back-strip': before('The back is closed before wood is glued across it.', 'seal', 'dust-cover'),
	hang: [
		opened,
		...before('The strip takes the screws: it holds before they are driven.', 'back-strip'),
		...before(ON_BARE_WOOD, 'seal'),
		...before(LIES_ON_TOP, 'dust-cover')
	],
	bumpers: [...before(ON_BARE_WOOD, 'seal'), ...before(LIES_ON_TOP, 'dust-cover', 'hang')],
	label: before(
		'The label is stuck on a back that is closed.',
		'fit-all',
		'seal',
		'dust-cover',
		'join-package',
		'hang',
		'look-at-it'
	),
	'last-look': before('The last look is at the whole.', 'label', 'hang', 'bumpers', 'centre', 'try-window', 'join-package'),
	wrap: before('It is wrapped once it has been looked at.', 'last-look'),
	wall: before('It leaves the bench looked at and written down.', 'last-look')
};

const AFTER_IT = 'It is this shop’s own, and stands after it.';

/** What locks a step; of the shop's own, only what it comes after. */
export function beforeOf(id: AnyStepId): readonly Before[] {
	const after = afterOf(id);
	return after ? before(AFTER_IT, after) : BEFORE[id as StepId];
}
