/** Gummed paper tape: wetted, and released by damp again. */
import type { SealDefinition } from './seal.ts';

export const gummed: SealDefinition = {
	name: 'gummed',
	does: ['Sponge and water stay away from the piece.'],
	opens: 'damp the tape, rest, peel'
};
