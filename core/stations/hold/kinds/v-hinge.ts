/** V-hinge: folded, so that it hides behind the sheet. */
import { hinged } from './hinged.ts';

export const vHinge = hinged({
	names: { choice: 'V-hinge, folded behind the sheet', paper: 'V-hinges', label: 'V-hinges' },
	before: 'V-',
	stands: false,
	inFloat: null,
	fixed: () => 'Each tab is folded and hides behind the sheet; a strip of the same reinforces it on the board.'
});
