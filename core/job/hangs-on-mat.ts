/** The sheet is held on the back of the window mat: it lies on that mat, and only what is in front of it lies before the sheet. */
import type { Decided } from './decided.ts';
import { isFolded, isHinge } from './hold-kinds.ts';

export function hangsOnMat({ hold }: Pick<Decided, 'hold'>): boolean {
	return hold.from === 'window-mat' && (isHinge(hold.kind) || isFolded(hold.kind));
}
