/** Gummed paper tape: wetted, and released by damp again. */
import type { SealDefinition } from './seal.ts';

export const gummed: SealDefinition = {
	name: 'gummed',
	does: ['Keep sponge and water away from the piece.'],
	opens: 'dampen the tape, wait, peel'
};
