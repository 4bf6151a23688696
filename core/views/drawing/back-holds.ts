/** What holds the piece, seen through the backing where it really comes: tabs, pockets, strips, stitches, and what they keep off. */
import type { Point, Rect } from '../../geometry/shapes.ts';
import { contactsOf, type Contact } from '../../stations/hold/contacts.ts';
import { edgeLength, ownCorners, patchOn } from '../../stations/hold/own-edges.ts';
import { isHinge } from '../../job/decide-hold.ts';
import type { House } from '../../shop/house.ts';
import type { Sight } from '../../rule/sights.ts';
import { sheetBox } from './front.ts';
import { rectangle, type Shape } from './scene.ts';
import type { Measure } from '../../figures/measure.ts';
import type { Hold } from '../../figures/hold.ts';

const TITLES: Record<Contact['what'], string> = {
	strip: 'Edge strip, behind the sheet',
	point: 'Clip at the piece’s edge',
	patch: 'Patch behind the piece',
	hinge: 'Hinge: tab',
	pocket: 'Corner pocket'
};

/** What holds the piece, through the backing: on the sheet's own edges, left and right changed over. */
export function holdShapes(sight: Sight, house: House, mirror: (x: number) => number): Shape[] {
	const { hold, measure } = sight;
	if (!hold) return [];
	const sheet = sheetBox(sight);
	const turned = (ring: Point[]) => ring.map(({ x, y }) => ({ x: mirror(sheet.left + x), y: sheet.top + y }));
	const box = ({ left, top, width, height }: Rect) => turned(rectangle(left, top, width, height));
	const held = (ring: Point[], title: string): Shape => ({ role: 'hinge', rings: [turned(ring)], title });
	const outline: Shape = { role: 'sheet-edge', rings: [turned(ownCorners(measure))], title: 'Edge of the piece' };
	const zones = sight.piece.zones
		.filter((zone) => zone.kind === 'keep-off')
		.map((zone): Shape => ({ role: 'zone-keep-off', rings: [box(zone)], title: `${zone.id}, keep off` }));
	const shapes: Shape[] = [outline, ...zones];
	if (isHinge(hold.kind)) return [...shapes, ...hinges(hold, measure, house, held)];
	if (hold.kind === 'stitching')
		return [
			...shapes,
			{ role: 'stitch', rings: [box({ left: 3, top: 3, width: sheet.width - 6, height: sheet.height - 6 })], title: 'Stitches' }
		];
	if (hold.kind === 'whole-surface') return [...shapes, held(ownCorners(measure), 'Stuck down on its whole surface')];
	// At the frame the clips are the frame's own.
	if (hold.kind === 'clips' && sight.choice.way !== 'float') return shapes;
	if (hold.strips)
		return [
			...shapes,
			...hold.strips.map(({ side, length }) => {
				const whole = edgeLength(measure, side);
				const from = side === 'bottom' ? 0 : whole - Math.min(whole, length);
				return held(patchOn(measure, { side, from, to: whole, deepFrom: 0, deepTo: house.stripBehind }), TITLES.strip);
			})
		];
	return [...shapes, ...contactsOf({ hold, measure, choice: sight.choice }).map(({ ring, what }) => held(ring, TITLES[what]))];
}

/** A T-hinge stands up behind the mat; the tabs of a float stay behind the sheet. */
function hinges(hold: Hold, measure: Measure, house: House, held: (ring: Point[], title: string) => Shape): Shape[] {
	const { size, kind, cross } = hold;
	const stands = kind === 't-hinge';
	const tab = hold.tab!;
	return [{ side: 'top' as const, places: hold.places }, ...(hold.others ?? [])].flatMap(({ side, places }) =>
		places.flatMap((place): Shape[] => {
			const patch = (width: number, deepFrom: number, deepTo: number) =>
				patchOn(measure, { side, from: place - width / 2, to: place + width / 2, deepFrom, deepTo });
			const tabShape = held(stands ? patch(size.width, -tab, size.height) : patch(size.width, 0, tab), TITLES.hinge);
			if (!stands) return [tabShape];
			const above = house.crossAbove + cross!.height;
			return [tabShape, held(patch(cross!.width, -above, -house.crossAbove), 'Hinge: cross-piece on the board')];
		})
	);
}
