/** Pass-through hinge: its tab goes through a slit of the board and is fixed behind it. */
import { hinged } from './hinged.ts';

export const passThrough = hinged({
	names: { choice: 'Pass-through, in a slit of the board', paper: 'Pass-through hinges', label: 'pass-through hinges' },
	before: 'pass-through ',
	stands: false,
	inFloat: null,
	fixed: (_, { board }) => `The tabs go through slits in the ${board} and are fixed behind it.`
});
