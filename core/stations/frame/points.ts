/** What holds the pack in its frame, and where: points in wood, spring clips in a channel, offset clips on the back (handbook frame#points). */
import type { Size } from '../../geometry/shapes.ts';
import { edgeCounts } from '../hold/edge-points.ts';
import type { FrameChoice } from '../../job/decide-frame.ts';
import type { Decided } from '../../job/decided.ts';
import type { House } from '../../shop/house.ts';
import type { PointsOfSide, Points } from '../../figures/frame.ts';
import type { Figure, Write } from '../../rule/book.ts';
import {
	at,
	counted,
	down,
	half,
	houseTerms,
	largest,
	less,
	over,
	plain,
	smallest,
	sum,
	twice,
	type Term,
	type TermSize
} from '../../rule/term.ts';
import { FRAMES } from './kinds/all.ts';
import { showNearest } from '../../units/round.ts';
import { there } from '../../units/there.ts';

const SPACING: Record<string, 'pointsRigid' | 'pointsFlexible' | 'pointsTurnButton'> = {
	rigid: 'pointsRigid',
	hand: 'pointsRigid',
	flexible: 'pointsFlexible',
	'turn-buttons': 'pointsTurnButton'
};

type Sizes = { /** Of what lies in the frame. */ rabbet: TermSize; pack: TermSize };
type Side = 'top' | 'side';
/** Along its top and along one side; as many stand opposite. */
const AXIS: Record<Side, keyof Size> = { top: 'width', side: 'height' };

export function planPoints(
	frame: FrameChoice,
	sizes: Sizes,
	job: Pick<Decided, 'schools' | 'kept'>,
	house: House,
	figure: Figure
): Points {
	const clipsSchool = job.schools['clips'];
	const writer =
		(side: Side): Write =>
		(name, term, anchor) =>
			figure(`frame.points.${side}.${name}`, term, `frame#${anchor}`);
	const kind = FRAMES[frame.kind].clips ? 'clips' : frame.points;
	if (job.kept.points?.count != null) return asTheyStand(kind, job.kept.points.count, sizes.rabbet, figure);
	const own = (side: Side) => {
		const count = frame.pointCount[side];
		return count === null ? null : at(`job.frame.pointCount.${side}`, count);
	};
	const along = (side: Side): PointsOfSide => {
		const write = writer(side);
		if (kind === 'clips')
			return { count: write('count', own(side) ?? clips(sizes.rabbet, AXIS[side], clipsSchool, house), 'metal').value };
		if (kind === 'offset-clips') {
			const usual = plain(edgeCounts({ width: sizes.pack.width.value, height: sizes.pack.height.value }, house)[side]);
			return offsetClips(sizes.pack[AXIS[side]], own(side) ?? usual, write);
		}
		const first = frame.pointFirst === null ? null : at('job.frame.pointFirst', frame.pointFirst);
		return pins(sizes.rabbet[AXIS[side]], kind, house, { first, count: own(side) }, write);
	};
	const [top, side] = [along('top'), along('side')];
	const both = sum(at('frame.points.top.count', top.count), at('frame.points.side.count', side.count));
	return { kind, top, side, total: figure('frame.points.total', twice(both), 'frame#points').value };
}

/** Those that came with the frame are counted, not placed: shared by its sides as long as they are. */
function asTheyStand(kind: Points['kind'], count: number, rabbet: TermSize, figure: Figure): Points {
	const total = figure('frame.points.total', at('job.kept.points.count', count), 'frame#kept').value;
	const pairs = Math.floor(total / 2);
	const [width, height] = [rabbet.width.value, rabbet.height.value];
	const top = showNearest((pairs * width) / (width + height), 1);
	const write = (side: Side, of: number): PointsOfSide => ({
		count: figure(`frame.points.${side}.count`, plain(of), 'frame#kept').value
	});
	return { kind, top: write('top', top), side: write('side', pairs - top), total, stay: true };
}

/** Points along one side of the rabbet: the first near each corner, the others equally between. */
export function pointsOf(
	side: number,
	kind: string,
	house: House,
	given: number | null = null,
	asked: number | null = null
): Required<PointsOfSide> {
	const own = { first: given === null ? null : plain(given), count: asked === null ? null : plain(asked) };
	return pins(plain(side), kind, house, own, (_, term) => term);
}

function pins(
	side: Term,
	kind: string,
	of: House,
	own: { first: Term | null; count: Term | null },
	write: Write
): Required<PointsOfSide> {
	const house = houseTerms(of);
	const points = (terms: { first: Term; count: Term; spacing: Term }) => ({
		first: terms.first.value,
		count: terms.count.value,
		spacing: terms.spacing.value
	});
	const none = plain(0);
	if (own.count?.value === 0) {
		const nothing = (name: string) => write(name, none, 'points');
		return points({ first: nothing('first'), count: nothing('count'), spacing: nothing('spacing') });
	}
	const isAlone = own.count?.value === 1 || (own.count === null && side.value < of.pointAlone);
	const first = write('first', isAlone ? half(side) : smallest(own.first ?? house('pointFirst'), over(side, plain(4))), 'points');
	const between = less(side, twice(first));
	const spaced = isAlone ? plain(1) : sum(counted(over(between, house(SPACING[kind] ?? 'pointsRigid'))), plain(1));
	const count = write('count', own.count ?? spaced, 'points');
	const spacing = write('spacing', isAlone ? none : over(between, less(count, plain(1))), 'points');
	return points({ first, count, spacing });
}

/** Each long side max(2, 1 + floor(side/250)), each short side max(1, floor(side/250)); by the other school four in all. */
function clips(rabbet: TermSize, axis: keyof Size, school: string | undefined, house: House): Term {
	const [width, height] = [rabbet.width.value, rabbet.height.value];
	const isLong = axis === 'width' ? width >= height : height > width;
	if (school === 'four') return plain(isLong ? 2 : 0);
	const each = down(over(rabbet[axis], houseTerms(house)('clipEach')), plain(1));
	return isLong ? largest(plain(2), sum(plain(1), each)) : largest(plain(1), each);
}

/** Screwed to the frame's back over a panel's edges. */
function offsetClips(length: Term, asked: Term, write: Write): PointsOfSide {
	const count = write('count', asked, 'offset-clips');
	const first = count.value === 0 ? plain(0) : over(length, twice(count));
	return {
		first: write('first', first, 'offset-clips').value,
		count: count.value,
		spacing: write('spacing', count.value < 2 ? plain(0) : over(length, count), 'offset-clips').value
	};
}

/** Where they stand along a side of the rabbet, from its left or top end. */
export function placesOfPoints({ count, first, spacing }: PointsOfSide, length: number): number[] {
	return Array.from({ length: count }, (_, index) =>
		first === undefined ? (length * (index + 0.5)) / count : first + index * there(spacing, 'spacing')
	);
}
