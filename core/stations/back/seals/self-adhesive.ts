/** Self-adhesive sealing tape. */
import type { SealDefinition } from './seal.ts';

export const selfAdhesive: SealDefinition = {
	name: 'self-adhesive',
	does: [],
	opens: 'cut the tape along the joint'
};
