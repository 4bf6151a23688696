/** A toothed bar on the middle of the top rail: for light pieces, on nails with a flat head. */
import { onTopRail } from './on-top-rail.ts';
import type { HangerDefinition } from './hanger.ts';

export const sawtooth: HangerDefinition & { line: null } = {
	title: 'Sawtooth',
	came: 'sawtooth',
	line: null,
	single: onTopRail({ name: 'sawtooth', title: 'Sawtooth', nail: 'a nail with a flat head, which the teeth grip' }),
	own: null,
	rings: 'sawtooth',
	ringsTitle: 'Sawtooth',
	holes: null,
	holdsIn: 'rails',
	most: 'sawtoothMostKg',
	standsOff: 'sawtoothStandsOff',
	levels: false,
	onMetal: false,
	turns: true
};
