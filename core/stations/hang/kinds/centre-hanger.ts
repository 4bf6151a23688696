/** One hanger at the middle of the top: it swings by its top alone, so all four corners have bumpers. */
import { onTopRail } from './on-top-rail.ts';
import type { HangerDefinition } from './hanger.ts';

export const centreHanger: HangerDefinition & { line: null } = {
	title: 'Centre hanger',
	came: 'centre hanger',
	line: null,
	single: onTopRail({ name: 'centre hanger', title: 'Centre hanger', nail: 'a nail with a flat head' }),
	own: null,
	rings: 'centre hanger',
	ringsTitle: 'Centre hanger',
	holes: null,
	holdsIn: 'rails',
	most: null,
	standsOff: 'centreStandsOff',
	levels: false,
	onMetal: false,
	turns: true
};
