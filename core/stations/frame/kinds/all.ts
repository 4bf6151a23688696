/** Every kind of frame. */
import type { Decided } from '../../../job/decided.ts';
import type { FrameDefinition, FrameDefinitions } from './frame-kind.ts';
import { metal } from './metal.ts';
import { readyMade } from './ready-made.ts';
import { wood } from './wood.ts';

export const FRAMES: FrameDefinitions = { wood, metal, 'ready-made': readyMade };

/** The kind of a job's frame; null while none is chosen. */
export function frameKindOf({ frame }: Pick<Decided, 'frame'>): FrameDefinition | null {
	return frame && FRAMES[frame.kind];
}
