/** Everything that a picture hangs by. */
import type { Decided } from '../../../job/decided.ts';
import { centreHanger } from './centre-hanger.ts';
import { cleat } from './cleat.ts';
import { cord } from './cord.ts';
import type { HangerDefinition, HangerDefinitions, Line } from './hanger.ts';
import { rings } from './rings.ts';
import { sawtooth } from './sawtooth.ts';
import { security } from './security.ts';
import { stand } from './stand.ts';
import { tag } from './tag.ts';
import { wire } from './wire.ts';

const DEFINED = {
	wire,
	cord,
	rings,
	sawtooth,
	'centre-hanger': centreHanger,
	cleat,
	security,
	stand,
	tag
} satisfies HangerDefinitions;

export const HANGERS: HangerDefinitions = DEFINED;

/** The line that is tried first, and its kind: wire unless cord was asked for. */
export function lineAsked({ hang }: Decided): { by: 'wire' | 'cord'; line: Line } {
	const by = hang.by === 'cord' ? 'cord' : 'wire';
	return { by, line: DEFINED[by].line };
}

/** Rings, or places of its own, stand on the two sides; not one in the middle, and not a leg. */
export function standsOnSides({ single, own }: HangerDefinition): boolean {
	return !single && !own;
}
