/** How far a zone lies inside or outside a window (handbook window#zones). */
import type { WindowShape } from '../../job/kinds.ts';
import { axisOf, type Rect, type SideName } from '../../geometry/shapes.ts';
import type { Zone } from '../../job/decide-piece.ts';
import { tidy } from '../../units/round.ts';
import { roomFor } from './shape.ts';

/** Inside the window by so much on its nearest side, or outside it. */
export function zoneMargin(
	zone: Pick<Zone, 'kind' | 'left' | 'top' | 'width' | 'height'>,
	sees: Rect,
	shape: WindowShape
): number {
	if (zone.kind === 'show') {
		const margin = Math.min(...Object.values(roomFor(zone, sees, shape)));
		return Number.isFinite(margin) ? margin : -beyondCurve(zone, sees, shape);
	}
	const room = roomFor(zone, sees, 'rectangle');
	return Math.max(
		...(Object.keys(room) as SideName[]).map((side) => -(room[side] + (axisOf(side) === 'width' ? zone.width : zone.height)))
	);
}

/** Where a curve is past it on both sides of an axis: how far a zone would have to move toward the window's middle to show whole. */
function beyondCurve(zone: Rect, sees: Rect, shape: WindowShape): number {
	const away = {
		x: sees.left + sees.width / 2 - zone.left - zone.width / 2,
		y: sees.top + sees.height / 2 - zone.top - zone.height / 2
	};
	const showsAt = (share: number) => {
		const moved = { ...zone, left: zone.left + share * away.x, top: zone.top + share * away.y };
		return Math.min(...Object.values(roomFor(moved, sees, shape))) >= 0;
	};
	const distance = Math.hypot(away.x, away.y);
	// Larger than the window itself.
	if (!showsAt(1)) return distance + Math.max(zone.width, zone.height);
	let [not, does] = [0, 1];
	for (let halved = 0; halved < 40; halved += 1) {
		const middle = (not + does) / 2;
		if (showsAt(middle)) does = middle;
		else not = middle;
	}
	return tidy(does * distance);
}
