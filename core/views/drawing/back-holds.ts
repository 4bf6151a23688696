/** What holds the piece, seen through the backing where it really comes: tabs, pockets, strips, stitches, and what they keep off. */
import type { Point, Rect } from '../../geometry/shapes.ts';
import { ownCorners } from '../../stations/hold/own-edges.ts';
import type { House } from '../../shop/house.ts';
import type { Sight } from '../../rule/sights.ts';
import { sheetBox } from './front.ts';
import { rectangle, type Shape } from '../../figures/scene.ts';
import { HOLDS } from '../../stations/hold/kinds/all.ts';

/** What holds the piece, through the backing: on the sheet's own edges, left and right changed over. */
export function holdShapes(sight: Sight, house: House, mirror: (x: number) => number): Shape[] {
	const { hold, measure } = sight;
	if (!hold) return [];
	const sheet = sheetBox(sight);
	const turned = (ring: Point[]): Point[] => ring.map(({ x, y }) => ({ x: mirror(sheet.left + x), y: sheet.top + y }));
	const box = ({ left, top, width, height }: Rect) => turned(rectangle(left, top, width, height));
	const held = (ring: Point[], title: string): Shape => ({ role: 'hinge', rings: [turned(ring)], title });
	const outline: Shape = { role: 'sheet-edge', rings: [turned(ownCorners(measure))], title: 'Edge of the piece' };
	const zones = sight.piece.zones
		.filter((zone) => zone.kind === 'keep-off')
		.map((zone): Shape => ({ role: 'zone-keep-off', rings: [box(zone)], title: `${zone.id}, keep off` }));
	return [outline, ...zones, ...HOLDS[hold.kind].shapes({ sight: { ...sight, hold }, house, held, turned })];
}
