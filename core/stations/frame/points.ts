/** What holds the pack in its frame, and where: points in wood, spring clips in a channel, offset clips on the back (handbook frame#points). */
import type { Size } from '../../geometry/shapes.ts';
import { edgeCounts } from '../hold/edge-points.ts';
import type { FrameChoice } from '../../job/decide-frame.ts';
import type { House } from '../../shop/house.ts';
import { countUp } from '../../units/round.ts';
import type { PointsOfSide, Points } from '../../figures/frame.ts';
import { FRAMES } from './kinds/all.ts';
import { there } from '../../units/there.ts';

const SPACING: Record<string, 'pointsRigid' | 'pointsFlexible' | 'pointsTurnButton'> = {
	rigid: 'pointsRigid',
	hand: 'pointsRigid',
	flexible: 'pointsFlexible',
	'turn-buttons': 'pointsTurnButton'
};

/** The house figure that spaces this kind of point. */
export function pointSpacing(kind: string): 'pointsRigid' | 'pointsFlexible' | 'pointsTurnButton' {
	return SPACING[kind] ?? 'pointsRigid';
}

export function planPoints(frame: FrameChoice, rabbet: Size, pack: Size, clipsSchool: string | undefined, house: House): Points {
	const { pointCount } = frame;
	if (FRAMES[frame.kind].clips) return counted(clips(rabbet, clipsSchool === 'four', house), pointCount);
	if (frame.points === 'offset-clips') return offsetClips(pack, pointCount, house);
	const top = pointsOf(rabbet.width, frame.points, house, frame.pointFirst, pointCount.top);
	const side = pointsOf(rabbet.height, frame.points, house, frame.pointFirst, pointCount.side);
	return { kind: frame.points, top, side, total: 2 * (top.count + side.count) };
}

/** Points along one side of the rabbet: the first near each corner, the others equally between. */
export function pointsOf(
	side: number,
	kind: string,
	house: House,
	given: number | null = null,
	asked: number | null = null
): Required<PointsOfSide> {
	if (asked === 0) return { first: 0, count: 0, spacing: 0 };
	if (asked === 1 || (asked === null && side < house.pointAlone)) return { first: side / 2, count: 1, spacing: 0 };
	const first = Math.min(given ?? house.pointFirst, side / 4);
	const count = asked ?? countUp((side - 2 * first) / house[pointSpacing(kind)]) + 1;
	return { first, count, spacing: (side - 2 * first) / (count - 1) };
}

/** Clips slide: an own count changes nothing else. */
function counted(points: Points, { top, side }: FrameChoice['pointCount']): Points {
	const [across, down] = [top ?? points.top.count, side ?? points.side.count];
	return { ...points, top: { count: across }, side: { count: down }, total: 2 * (across + down) };
}

/** Each long side max(2, 1 + floor(side/250)), each short side max(1, floor(side/250)); by the other school four in all. */
function clips(rabbet: Size, four: boolean, house: House): Points {
	const isLong = (axis: keyof Size) => (axis === 'width' ? rabbet.width >= rabbet.height : rabbet.height > rabbet.width);
	const along = (axis: keyof Size) => {
		if (four) return isLong(axis) ? 2 : 0;
		const each = Math.floor(rabbet[axis] / house.clipEach + 1e-9);
		return isLong(axis) ? Math.max(2, 1 + each) : Math.max(1, each);
	};
	const [top, side] = [along('width'), along('height')];
	return { kind: 'clips', top: { count: top }, side: { count: side }, total: 2 * (top + side) };
}

/** Screwed to the frame's back over a panel's edges. */
function offsetClips(pack: Size, own: FrameChoice['pointCount'], house: House): Points {
	const counts = edgeCounts(pack, house);
	const along = (length: number, count: number) => ({
		first: count === 0 ? 0 : length / (2 * count),
		count,
		spacing: count < 2 ? 0 : length / count
	});
	const [top, side] = [along(pack.width, own.top ?? counts.top), along(pack.height, own.side ?? counts.side)];
	return { kind: 'offset-clips', top, side, total: 2 * (top.count + side.count) };
}

/** Where they stand along a side of the rabbet, from its left or top end. */
export function placesOfPoints({ count, first, spacing }: PointsOfSide, length: number): number[] {
	return Array.from({ length: count }, (_, index) =>
		first === undefined ? (length * (index + 0.5)) / count : first + index * there(spacing, 'spacing')
	);
}
