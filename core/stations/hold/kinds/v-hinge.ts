/** V-hinge: folded, so that it hides behind the sheet. */
import { hinged } from './hinged.ts';

export const vHinge = hinged({
	names: { choice: 'V-hinge, folded behind the sheet', paper: 'V-hinges', label: 'V-hinges' },
	before: 'V-',
	stands: false,
	slits: false,
	over: 'reinforcing strip',
	turnsOver: ({ hold }) => hold.from === 'window-mat',
	inFloat: null,
	fixed: (_, { over, board }) => [
		`Fold each tab back behind the sheet. Lift the top edge, paste the folded half onto the ${board}, and a strip ${over} over that half; let the edge down: one corner, check, then the others.`
	]
});
