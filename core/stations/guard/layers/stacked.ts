/** Heights that are stacked from boards, where no stack makes them exactly. */
import { showNearest } from '../../../units/round.ts';

/** How many of a thickness come nearest to a height, one at least. */
export function layersNearest(height: number, thickness: number): number {
	return Math.max(1, showNearest(height / thickness, 1));
}
