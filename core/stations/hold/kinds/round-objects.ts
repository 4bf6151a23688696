/** What holds an object: nothing sticks to it, nothing goes through it (handbook hold#objects). */
import { counted, houseTerms, largest, over, plain, sizeTerms, type Term } from '../../../rule/term.ts';
import type { House } from '../../../shop/house.ts';
import type { Measure } from '../../../figures/measure.ts';
import { noAdhesive, type HoldDefinition } from './kind.ts';

export function ofObjects(says: string): Pick<HoldDefinition, 'refuses' | 'offered' | 'adhesive' | 'turnsOver'> {
	return {
		refuses: ({ piece }) =>
			piece === 'object' ? null : `${says} objects. Choose hinges, corners or strips; for a panel or canvas, clips.`,
		offered: () => true,
		adhesive: noAdhesive('An object is held without adhesive.'),
		turnsOver: () => false
	};
}

/** So many along a side, one each 200 mm or less. */
export function alongSides({ mean }: Measure, of: House): { across: Term; down: Term } {
	const { width, height } = sizeTerms('measure.mean', mean);
	const along = (length: Term) => largest(plain(1), counted(over(length, houseTerms(of)('edgePointEach'))));
	return { across: along(width), down: along(height) };
}
