/** One hanger at the middle of the top: it swings by its top alone, so all four corners have bumpers. */
import type { HangerDefinition } from './hanger.ts';

export const centreHanger: HangerDefinition & { line: null } = {
	line: null,
	single: { name: 'centre hanger', title: 'Centre hanger', most: null, nail: 'one hook' },
	rings: 'centre hanger',
	ringsTitle: 'Centre hanger',
	holes: null
};
