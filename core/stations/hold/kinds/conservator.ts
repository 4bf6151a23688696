/** A conservator's choice: what holds the piece is written on the record, and planned without. */
import { isStiff } from '../../../job/decide-piece.ts';
import type { Writer } from '../../step.ts';
import { heldElsewhere } from './held-elsewhere.ts';
import { noAdhesive, type HoldDefinition } from './kind.ts';

export const conservator: HoldDefinition = {
	...heldElsewhere,
	names: { choice: 'A conservator’s choice', paper: 'As the conservator chooses', label: 'the conservator’s choice' },
	refuses: () => null,
	offered: ({ piece }) => isStiff(piece) || ['object', 'bone', 'vellum', 'textile'].includes(piece),
	adhesive: noAdhesive('A conservator’s choice is not planned here.'),
	steps: (_, writer, { place, toBase }) => [
		place(),
		{
			id: toBase.length > 0 ? 'fix-support' : 'hinge',
			title: `Hold the ${writer.piece} as the conservator chose`,
			does: [chosen(writer)],
			because: 'What suits one piece may harm another.',
			...(isOfSkin(writer) ? { caution: 'No water near it: skin, bone and horn swell when wet.' } : {}),
			uses: []
		},
		...toBase
	],
	turnsOver: () => false,
	comesTo: () => 'held as a conservator chooses; not planned'
};

function isOfSkin({ job: { piece } }: Writer): boolean {
	return piece.kind === 'bone' || piece.kind === 'vellum';
}

/** What was used, by whom, how it comes off; or that it is still to be written down. */
function chosen({ job: { hold, piece } }: Writer): string {
	const { used, by, on, release } = hold.chosen;
	if (!used)
		return `Record what holds the ${piece.kind === 'bone' ? 'piece' : piece.kind}, who chose it, when, and how it comes off, in Hold.`;
	const who = [by, on].filter(Boolean).join(', ');
	return `${used}${who ? ` (${who})` : ''}${release ? `; comes off ${release}` : ''}.`;
}
