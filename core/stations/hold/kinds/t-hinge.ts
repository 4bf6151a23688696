/** T-hinge: its tab stands up behind the mat, and a cross-piece holds it on the board. */
import { hinged } from './hinged.ts';

export const tHinge = hinged({
	names: { choice: 'T-hinge, behind the mat', paper: 'T-hinges', label: 'T-hinges' },
	before: 'T-',
	stands: true,
	slits: false,
	over: 'cross-piece',
	// What sheds and hangs from the window mat has a way of its own: the mat is lowered onto it.
	turnsOver: () => false,
	inFloat: 'A T-hinge reaches above the sheet and shows in a float. Choose pass-through or v-hinge.',
	fixed: (writer, { over, board }) => [
		`Paste a cross-piece ${over} over each tab, onto the ${board}, ${writer.mark(writer.shop.house.crossAbove)} above the sheet: one corner, check, then the others.`
	]
});
