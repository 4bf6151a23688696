/** Where a hold touches the piece, on its own edges seen from the front: what keep-off zones are held against, and the back view draws. */
import { overlap } from '../../geometry/convex.ts';
import type { Point, Rect } from '../../geometry/shapes.ts';
import type { Held } from './held.ts';
import { cornerOn, edgeLength, patchOn } from './own-edges.ts';
import type { EdgePlaces } from '../../figures/hold.ts';

export type Contact = {
	what: 'hinge' | 'pocket' | 'strip' | 'point' | 'patch';
	/** Convex, from the bounding box's corner. */ ring: Point[];
};

/** None for stitches, which go round a zone, for what sticks all over, and for what the lip or a conservator holds. */
export function contactsOf({ hold, measure, choice }: Pick<Held, 'hold' | 'measure' | 'choice'>): Contact[] {
	if (hold.kind === 'corners')
		return hold.size.width > 0
			? [0, 1, 2, 3].map((corner) => ({ what: 'pocket', ring: cornerOn(measure, corner, hold.size.width) }))
			: [];
	if (hold.strips)
		return hold.strips.map(({ side, length, reach }) => {
			// A sling's sides stand on the bottom.
			const whole = edgeLength(measure, side);
			const from = side === 'bottom' ? 0 : whole - Math.min(length, whole);
			return { what: 'strip', ring: patchOn(measure, { side, from, to: whole, deepFrom: 0, deepTo: reach }) };
		});
	if (hold.places.length === 0) return [];
	const behind = hold.kind === 'clips' && choice.way === 'float';
	const what = hold.kind !== 'clips' ? 'hinge' : behind ? 'patch' : 'point';
	const inside = hold.patchInside ?? 0;
	return [{ side: 'top', places: hold.places } as EdgePlaces, ...(hold.others ?? [])].flatMap(({ side, places }) =>
		places.map((place): Contact => {
			const { width, height } = hold.size;
			return {
				what,
				ring: patchOn(measure, {
					side,
					from: place - width / 2,
					to: place + width / 2,
					deepFrom: inside,
					deepTo: inside + height
				})
			};
		})
	);
}

export function touches({ ring }: Contact, { left, top, width, height }: Rect): boolean {
	return overlap(ring, [
		{ x: left, y: top },
		{ x: left + width, y: top },
		{ x: left + width, y: top + height },
		{ x: left, y: top + height }
	]);
}
