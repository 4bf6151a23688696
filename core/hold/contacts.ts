/** Where a hold touches the piece, on its bounding box seen from the front: what keep-off zones are held against, and the back view draws. */
import type { Rect } from '../geometry/shapes.ts';
import type { Held } from './held.ts';
import type { EdgePlaces } from './hold.ts';

export type Contact = { what: 'hinge' | 'pocket' | 'strip' | 'point' } & ({ box: Rect } | { leg: number; corner: Rect });

/** None for stitches, which go round a zone, and for what sticks all over. */
export function contactsOf({ hold, measure }: Pick<Held, 'hold' | 'measure'>): Contact[] {
	const sheet = { left: 0, top: 0, ...measure.mean };
	if (hold.kind === 'corners') return pockets(sheet, hold.size.width);
	if (hold.strips)
		return hold.strips.map(({ side, length, reach }) => {
			const box =
				side === 'bottom'
					? { left: 0, top: sheet.height - reach, width: length, height: reach }
					: { left: side === 'left' ? 0 : sheet.width - reach, top: sheet.height - length, width: reach, height: length };
			return { what: 'strip', box };
		});
	if (hold.kind === 'stitching' || hold.kind === 'whole-surface') return [];
	const what = hold.kind === 'clips' ? 'point' : 'hinge';
	return [{ side: 'top', places: hold.places } as EdgePlaces, ...(hold.others ?? [])].flatMap(({ side, places }) =>
		places.map((place): Contact => {
			const { width, height } = hold.size;
			if (side === 'top' || side === 'bottom')
				return { what, box: { left: place - width / 2, top: side === 'top' ? 0 : sheet.height - height, width, height } };
			return {
				what,
				box: { left: side === 'left' ? 0 : sheet.width - height, top: place - width / 2, width: height, height: width }
			};
		})
	);
}

/** Triangles whose legs lie on the two edges that meet in a corner. */
function pockets(sheet: Rect, leg: number): Contact[] {
	return [0, 1, 2, 3].map((corner) => ({
		what: 'pocket' as const,
		leg,
		corner: {
			left: corner === 1 || corner === 2 ? sheet.width : 0,
			top: corner > 1 ? sheet.height : 0,
			width: corner === 1 || corner === 2 ? -1 : 1,
			height: corner > 1 ? -1 : 1
		}
	}));
}

export function touches(contact: Contact, zone: Rect): boolean {
	if ('box' in contact) {
		const { left, top, width, height } = contact.box;
		return left < zone.left + zone.width && zone.left < left + width && top < zone.top + zone.height && zone.top < top + height;
	}
	const { corner, leg } = contact;
	// The zone's corner nearest to this one of the sheet, measured along both edges.
	const across = corner.width > 0 ? zone.left - corner.left : corner.left - zone.left - zone.width;
	const down = corner.height > 0 ? zone.top - corner.top : corner.top - zone.top - zone.height;
	return Math.max(0, across) + Math.max(0, down) < leg;
}
