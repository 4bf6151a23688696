/** Two-hole rings straight on hooks: nothing stretches. */
import type { HangerDefinition } from './hanger.ts';

export const rings: HangerDefinition & { line: null } = {
	title: 'Rings straight on hooks',
	came: 'rings',
	line: null,
	single: null,
	own: null,
	rings: 'strap hangers',
	ringsTitle: 'Strap hangers',
	holes: 2,
	holdsIn: 'rails',
	most: null,
	standsOff: 'ringsStandOff',
	levels: false,
	onMetal: true,
	turns: true
};
