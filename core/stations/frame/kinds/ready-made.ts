/** A frame that is there: the customer's, or one bought whole. It is of wood, and nobody saws it. */
import type { FrameDefinition } from './frame-kind.ts';
import { wood } from './wood.ts';

export const readyMade: FrameDefinition = { ...wood, sawn: false };
