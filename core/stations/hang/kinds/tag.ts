/**
 * A tag on the loose back of a ready-made frame (handbook hang#tag): it is bent out before the back goes in, the back carries the frame by
 * what holds it, and it bears where the back’s upper edge lies, not where the rail’s wood does.
 */
import { at, half, houseTerms, less, sum } from '../../../rule/term.ts';
import type { HangerDefinition } from './hanger.ts';

export const tag: HangerDefinition & { line: null } = {
	title: 'Hanging tag on the loose back',
	came: 'hanging tag',
	line: null,
	single: {
		name: 'hanging tag',
		title: 'Hanging tag',
		nail: 'a nail with a flat head',
		broughtWith: null,
		// The back lies in the rabbet: its edge is the flat wood’s width below the frame’s.
		bears: ({ outer, frame, shop }) =>
			sum(half(less(outer.height, at('frame.rabbet.height', frame.rabbet.height))), houseTerms(shop.house)('tagBears')),
		does: (writer, { drop }) => [
			`Check the hanging tag at the back’s top, straight out, bearing ${writer.mark(drop)} below the frame’s top: measure it, and enter the figure if it differs.`,
			'Check that every rivet is tight and the back held all round; pull it by hand before hanging.'
		],
		because: 'The frame hangs from its back, and the back from its points.',
		looked: 'Its rivets tight, the back not split and held all round'
	},
	own: null,
	rings: 'hanging tag',
	ringsTitle: 'Hanging tag',
	holes: null,
	holdsIn: 'back',
	most: 'tagMostKg',
	standsOff: 'tagStandsOff',
	levels: false,
	onMetal: true,
	turns: true
};
