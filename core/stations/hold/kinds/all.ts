/** Every kind of hold. */
import type { HoldKind } from '../../../job/hold-kinds.ts';
import { brackets } from './brackets.ts';
import { clips } from './clips.ts';
import { conservator } from './conservator.ts';
import { corners } from './corners.ts';
import { frameLip } from './frame-lip.ts';
import type { HoldDefinition, HoldDefinitions } from './kind.ts';
import { passThrough } from './pass-through.ts';
import { recess } from './recess.ts';
import { sling } from './sling.ts';
import { stitching } from './stitching.ts';
import { strips } from './strips.ts';
import { ties } from './ties.ts';
import { tHinge } from './t-hinge.ts';
import { vHinge } from './v-hinge.ts';
import { wholeSurface } from './whole-surface.ts';

export const HOLDS: HoldDefinitions = {
	't-hinge': tHinge,
	'v-hinge': vHinge,
	'pass-through': passThrough,
	corners,
	strips,
	sling,
	'frame-lip': frameLip,
	clips,
	stitching,
	brackets,
	ties,
	recess,
	conservator,
	'whole-surface': wholeSurface
};

export function holdOf(kind: HoldKind): HoldDefinition {
	return HOLDS[kind];
}
