/** Pass-through hinge: its tab goes through a slit of the board and is fixed behind it. */
import { hinged } from './hinged.ts';

export const passThrough = hinged({
	names: { choice: 'Pass-through, in a slit of the board', paper: 'Pass-through hinges', label: 'pass-through hinges' },
	before: 'pass-through ',
	stands: false,
	slits: true,
	over: null,
	turnsOver: () => true,
	inFloat: null,
	fixed: ({ job, piece }, { board }) => [
		job.piece.friable
			? `Slide the ${board} over the bench’s edge until the slits are free, and paste each tab flat behind it from below: one, check, then the others.`
			: `Hold the ${piece} against the ${board}, turn both over onto a slip sheet, and paste each tab flat behind the ${board}: one, turn back, check, then the others.`
	]
});
