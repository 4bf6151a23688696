/** T-hinge: its tab stands up behind the mat, and a cross-piece holds it on the board. */
import { hinged } from './hinged.ts';

export const tHinge = hinged({
	names: { choice: 'T-hinge, behind the mat', paper: 'T-hinges', label: 'T-hinges' },
	before: 'T-',
	stands: true,
	inFloat: 'A T-hinge reaches above the sheet and shows in a float. Choose pass-through or v-hinge.',
	fixed: (writer, { crosses, faceUp }) =>
		`${faceUp ? 'One corner, look, then the others' : 'One corner, turn back, look, then the others'}; cross-pieces ${crosses}, ${writer.mark(writer.shop.house.crossAbove)} above the sheet.`
});
