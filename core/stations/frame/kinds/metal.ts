/** Metal sections: bought in pairs with their kit, or delivered joined. A section weighs by the metre, whatever its shape. */
import { railLength } from '../weight.ts';
import { at, half, houseTerms, over, plain, times } from '../../../rule/term.ts';
import type { FrameDefinition } from './frame-kind.ts';

export const metal: FrameDefinition = {
	recess: 'channel',
	hatch: 'metal',
	sawn: false,
	inPairs: true,
	clips: true,
	wood: false,
	flatWood: () => null,
	inset: ({ face }) => half(at('frame.section.face', face)),
	kg: ({ section, outer }, house) =>
		over(times(railLength(at('frame.section.face', section.face), outer), houseTerms(house)('metalKgPerM')), plain(1000))
};
