/** A toothed bar on the middle of the top rail: for light pieces, on nails with a flat head. */
import type { HangerDefinition } from './hanger.ts';

export const sawtooth: HangerDefinition & { line: null } = {
	title: 'Sawtooth',
	came: 'sawtooth',
	line: null,
	single: { name: 'sawtooth', title: 'Sawtooth', nail: 'a nail with a flat head, which the teeth grip' },
	own: null,
	rings: 'sawtooth',
	ringsTitle: 'Sawtooth',
	holes: null,
	most: 'sawtoothMostKg',
	standsOff: 'sawtoothStandsOff',
	levels: false,
	onMetal: false,
	turns: true
};
