/** Where a hold touches the piece, on its own edges seen from the front: what keep-off zones are held against, and the back view draws. */
import { overlap } from '../../geometry/convex.ts';
import type { Rect } from '../../geometry/shapes.ts';
import type { Held } from './held.ts';
import { HOLDS } from './kinds/all.ts';
import type { Contact } from './kinds/kind.ts';

/** None for stitches, which go round a zone, for what sticks all over, and for what the lip or a conservator holds. */
export function contactsOf(of: Pick<Held, 'hold' | 'measure' | 'choice'>): Contact[] {
	return HOLDS[of.hold.kind].contacts(of);
}

export function touches({ ring }: Contact, { left, top, width, height }: Rect): boolean {
	return overlap(ring, [
		{ x: left, y: top },
		{ x: left + width, y: top },
		{ x: left + width, y: top + height },
		{ x: left, y: top + height }
	]);
}
