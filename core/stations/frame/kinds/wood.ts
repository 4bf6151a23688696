/** Wood moulding from the stick: sawn, joined and finished in the shop. */
import { mouldingKg } from '../weight.ts';
import { RAILS, type FrameDefinition } from './frame-kind.ts';

export const wood: FrameDefinition = {
	recess: 'rabbet',
	hatch: 'wood',
	sawn: true,
	inPairs: false,
	clips: false,
	wood: true,
	flatWood: ({ face, lip }) => face - lip,
	inset: ({ face, lip }) => (face - lip) / 2,
	insetSays: '(frame.section.face - frame.section.lip) / 2',
	kg: mouldingKg,
	kgSays: `(frame.section.face * frame.section.depth - frame.section.lip * frame.section.rabbetDepth) * ${RAILS} * frame.section.density / 1000000000`
};
