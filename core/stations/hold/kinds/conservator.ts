/** A conservator's choice: what holds the piece is written on the record, and planned without. */
import { isStiff } from '../../../job/decide-piece.ts';
import { heldElsewhere } from './held-elsewhere.ts';
import { noAdhesive, type HoldDefinition } from './kind.ts';

export const conservator: HoldDefinition = {
	...heldElsewhere,
	names: { choice: 'A conservator’s choice', paper: 'As the conservator chooses', label: 'the conservator’s choice' },
	refuses: () => null,
	offered: ({ piece }) => isStiff(piece) || ['object', 'bone', 'vellum', 'textile'].includes(piece),
	adhesive: noAdhesive('What a conservator chooses is not planned here.'),
	step: (_, writer) => ({
		id: 'hinge',
		title: `Hold the ${writer.piece} as the conservator chose`,
		does: ['What holds it, and how it comes off again, is written on the record.'],
		because: 'What suits one such piece harms another.',
		caution: 'No water near it: skin, bone and horn swell where they are wetted.',
		uses: []
	}),
	turn: 'after-placing',
	comesTo: () => 'held as a conservator says; planned without'
};
