/** Every step that a bench can have, in the order of the work, by the name under which a shop knows it (handbook order). */

export const STEP_NAMES = {
	ready: 'Prepare the bench',
	refer: 'Refer it to a conservator',
	gather: 'Gather',
	'take-out': 'Unframe it',
	'look-at-it': 'Check what was hidden',
	'ready-frame': 'Prepare the frame',
	'open-metal': 'Open the metal frame',
	'cut-frame': 'Cut the rails',
	'join-frame': 'Glue and clamp the frame',
	'finish-frame': 'Touch up and trim',
	'finish-wood': 'Finish the bare wood',
	'join-metal': 'Join three rails',
	deepen: 'Deepen the rabbet',
	'line-rabbet': 'Line the rabbet',
	'paste-print': 'Paste the print on its board',
	'cut-boards': 'Cut the boards',
	'gild-bevel': 'Paint the bevel line',
	'cut-glazing': 'Cut the glazing',
	'prepare-hold': 'Prepare hinges or pockets',
	'cover-board': 'Cover the board',
	'bevel-support': 'Undercut the support',
	'glue-lifts': 'Glue the lifts',
	'make-spacers': 'Make the spacers',
	'join-mats': 'Join the mats',
	'join-package': 'Join window mat and back mat',
	'fix-surface': 'Fix the surface',
	slits: 'Cut the slits',
	tabs: 'Hinge tabs onto the sheet',
	place: 'Place the piece',
	'stick-down': 'Mount it overall',
	'hold-board': 'Hinge its board behind the window',
	hinge: 'Hinge it, or hold it as chosen',
	'fix-panel': 'Fix it to its support',
	'fix-support': 'Hold it on its support',
	'support-to-base': 'Fix the support to its base',
	'open-again': 'Reopen it',
	'try-window': 'Check the window over it',
	'lie-open': 'Let it lie open',
	sign: 'Sign and inscribe',
	'clean-glazing': 'Clean the glazing',
	'dust-first': 'First dust check',
	'close-pack': 'Close the pack',
	'edge-seal': 'Edge seal',
	'mark-up': 'Mark which way is up',
	'fit-first': 'Fit with one or two points',
	'fit-all': 'Fit all points or clips',
	centre: 'Centre the pack',
	'back-strip': 'Cross strip',
	seal: 'Tape the back',
	rings: 'Rings, before the dust cover',
	'dust-cover': 'Dust cover',
	hang: 'Hangers',
	wire: 'Wire, after the dust cover',
	bumpers: 'Bumpers',
	label: 'Label and papers',
	'last-look': 'Final check',
	wrap: 'Wrap for transport',
	wall: 'Hang it'
};

export type StepId = keyof typeof STEP_NAMES;

/** A step that the shop put in: it stands after one of these, and is gone with it. */
export type OwnStepId = `own:${StepId}:${number}`;
export type AnyStepId = StepId | OwnStepId;

export const STEP_ORDER = Object.keys(STEP_NAMES) as StepId[];

export const isStepId = (id: string): id is StepId => Object.hasOwn(STEP_NAMES, id);

/** `own:seal:2` → `seal`; `null` where it is none of the shop’s own. */
export function afterOf(id: string): StepId | null {
	const [, after = ''] = /^own:([a-z-]+):[1-9]\d{0,3}$/.exec(id) ?? [];
	return isStepId(after) ? after : null;
}

export const isOwnStep = (id: string): id is OwnStepId => afterOf(id) !== null;

/** Where it stands in the order of the work: its own place, or that of the step it comes after. */
export const placeOf = (id: AnyStepId): number => STEP_ORDER.indexOf(afterOf(id) ?? (id as StepId));
