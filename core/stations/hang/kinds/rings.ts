/** Two-hole rings straight on hooks: nothing stretches. */
import type { HangerDefinition } from './hanger.ts';

export const rings: HangerDefinition & { line: null } = {
	line: null,
	single: null,
	rings: 'two-hole rings',
	ringsTitle: 'Two-hole rings',
	holes: 2
};
