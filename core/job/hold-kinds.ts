/**
 * The kinds of hold, in the order in which they are offered, each with its family: hinges that stick to the sheet at its edges, folded paper
 * that sticks to nothing of it, or a way of its own. What a kind is and does stands in its file (stations/hold/kinds/).
 */
export const HOLD_FAMILIES = {
	't-hinge': 'hinge',
	'v-hinge': 'hinge',
	'pass-through': 'hinge',
	corners: 'folded',
	strips: 'folded',
	sling: 'folded',
	'frame-lip': 'own',
	clips: 'own',
	stitching: 'own',
	brackets: 'own',
	ties: 'own',
	recess: 'own',
	conservator: 'own',
	'whole-surface': 'own'
} as const satisfies Record<string, 'hinge' | 'folded' | 'own'>;

export type HoldKind = keyof typeof HOLD_FAMILIES;

export const HOLD_KINDS = Object.keys(HOLD_FAMILIES) as HoldKind[];

export function isHinge(kind: HoldKind): boolean {
	return HOLD_FAMILIES[kind] === 'hinge';
}

/** Pockets, strips, a sling: folded paper that touches the sheet and sticks to nothing of it. */
export function isFolded(kind: HoldKind): boolean {
	return HOLD_FAMILIES[kind] === 'folded';
}
