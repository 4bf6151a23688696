/** A toothed bar on the middle of the top rail: for light pieces, on nails with a flat head. */
import type { HangerDefinition } from './hanger.ts';

export const sawtooth: HangerDefinition & { line: null } = {
	line: null,
	single: { name: 'sawtooth', title: 'Sawtooth', most: 'sawtoothMostKg', nail: 'a T-head nail, whose head the teeth grip' },
	rings: 'sawtooth',
	ringsTitle: 'Sawtooth',
	holes: null
};
