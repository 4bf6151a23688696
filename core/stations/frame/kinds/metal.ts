/** Metal sections: bought in pairs with their kit, or delivered joined. A section weighs by the metre, whatever its shape. */
import { railLength } from '../weight.ts';
import { RAILS, type FrameDefinition } from './frame-kind.ts';

export const metal: FrameDefinition = {
	recess: 'channel',
	hatch: 'metal',
	sawn: false,
	inPairs: true,
	clips: true,
	wood: false,
	flatWood: () => null,
	inset: ({ face }) => face / 2,
	insetSays: 'frame.section.face / 2',
	kg: ({ section, outer }, { metalKgPerM }) => (railLength(section.face, outer) * metalKgPerM) / 1000,
	kgSays: `${RAILS} * shop.house.metalKgPerM / 1000`
};
