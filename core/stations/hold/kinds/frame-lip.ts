/** The frame's lip: what is stiff, and skin, bone or horn, lies against it without adhesive. */
import { isStiff } from '../../../job/decide-piece.ts';
import { heldElsewhere } from './held-elsewhere.ts';
import { noAdhesive, type HoldDefinition } from './kind.ts';

export const frameLip: HoldDefinition = {
	...heldElsewhere,
	names: { choice: 'The frame’s lip', paper: 'Frame’s lip', label: 'the frame’s lip' },
	refuses: ({ piece, float }) => {
		if (float) return 'In a float the lip does not reach the piece. Choose another hold.';
		return isStiff(piece) || piece === 'bone' || piece === 'vellum'
			? null
			: 'A sheet slips out from under a lip. Choose hinges, pockets or strips.';
	},
	offered: () => true,
	adhesive: noAdhesive('The frame’s lip uses no adhesive.'),
	steps: () => [],
	turnsOver: () => false,
	comesTo: () => 'touched only by the rabbet’s polyester felt; no adhesive'
};
