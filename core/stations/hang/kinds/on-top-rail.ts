/** One hanger that is screwed to the middle of the top rail. */
import { insetOf } from '../places.ts';
import type { Single } from './hanger.ts';

export function onTopRail(named: Pick<Single, 'name' | 'title' | 'nail'>): Single {
	return {
		...named,
		broughtWith: 'its screws',
		bears: insetOf,
		does: (writer, { drop }) => [
			`Fix the ${named.name} in the middle of the top rail, level, bearing ${writer.mark(drop)} below the frame’s top.`,
			'Screws at most two thirds of the depth there; pull it by hand before hanging.'
		],
		because: 'Even slightly off centre, the picture never hangs level.',
		looked: 'Every screw tight, no wood split'
	};
}
