/** Everything that a picture hangs by. */
import type { Decided } from '../../../job/decided.ts';
import { centreHanger } from './centre-hanger.ts';
import { cord } from './cord.ts';
import type { HangerDefinitions, Line } from './hanger.ts';
import { rings } from './rings.ts';
import { sawtooth } from './sawtooth.ts';
import { wire } from './wire.ts';

export const HANGERS = { wire, cord, rings, sawtooth, 'centre-hanger': centreHanger } satisfies HangerDefinitions;

/** The line that is tried first, and its kind: wire unless cord was asked for. */
export function lineAsked({ hang }: Decided): { by: 'wire' | 'cord'; line: Line } {
	const by = hang.by === 'cord' ? 'cord' : 'wire';
	return { by, line: HANGERS[by].line };
}
