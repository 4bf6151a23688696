/** Wood moulding from the stick: sawn, joined and finished in the shop. */
import { mouldingKg } from '../weight.ts';
import { at, half, less } from '../../../rule/term.ts';
import type { FrameDefinition } from './frame-kind.ts';

export const wood: FrameDefinition = {
	recess: 'rabbet',
	hatch: 'wood',
	sawn: true,
	inPairs: false,
	clips: false,
	wood: true,
	flatWood: ({ face, lip }) => face - lip,
	inset: ({ face, lip }) => half(less(at('frame.section.face', face), at('frame.section.lip', lip))),
	kg: mouldingKg
};
