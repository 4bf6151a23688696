/**
 * What is done on a board, said as the hand meets it (handbook window#as-laid). Left and right are those of the front everywhere in plan
 * and file; on a board that lies with its back up they change over. Screen, step, paper and drawing all ask here.
 */
import type { Sides } from '../../geometry/shapes.ts';
import type { Figures } from '../../figures.ts';
import type { Sight } from '../../rule/sights.ts';
import { tidy } from '../../units/round.ts';
import type { Curve } from '../../figures/window.ts';
import type { Decided } from '../../job/decided.ts';
import { there } from '../../units/there.ts';

/** Guide stops are set with the mat's back up: what is at the right from the front lies at the left. */
export function fromBack<T extends Sides>({ top, right, bottom, left }: T): Sides {
	return { top, right: left, bottom, left: right };
}

/** The centre of a curve, from the left edge of a blank that lies with its back up. */
export function centreFromBack({ centre }: Curve, blankWidth: number): { left: number; top: number } {
	return { left: tidy(blankWidth - centre.left), top: centre.top };
}

/** Which board the sheet is laid on, which way up, and where its corner comes: of a leaning sheet the corner of its bounding box. */
export type Laid = {
	board: 'back mat' | 'window mat' | 'support' | 'covered board' | 'back' | 'its own board' | 'slip sheet';
	backUp: boolean;
	/** Below 0 on a support that is smaller than the piece: so far it stands out past it. */
	left: number;
	top: number;
};

export function laidOn(plan: Pick<Figures, 'window'>, job: Decided, { opening, measure }: Sight): Laid {
	const { placement, supportAt } = opening;
	// Board that comes with its adhesive on it is cut to the sheet: edge lies on edge.
	if (hasOwnBoard(job)) return { board: 'its own board', backUp: false, left: 0, top: 0 };
	if (supportAt)
		return {
			board: 'support',
			backUp: false,
			left: tidy(placement.left - supportAt.left),
			top: tidy(placement.top - supportAt.top)
		};
	const board = boardUnder(job);
	if (board !== 'window mat') return { board, backUp: false, ...placement };
	// On the back of the window mat the sheet lies face down.
	return {
		board,
		backUp: true,
		left: tidy(there(plan.window, 'window').pack.width - placement.left - measure.largest.width),
		top: placement.top
	};
}

/** Stuck down on a board that came with its adhesive on it. */
export function hasOwnBoard({ hold }: Decided): boolean {
	return hold.kind === 'whole-surface' && hold.adhesive.ownBoard === true;
}

function boardUnder(job: Decided): Laid['board'] {
	const { hold, guard, windows } = job;
	// What sheds is not laid on its face: the mat is lowered onto it.
	if (hold.from === 'window-mat') return !staysFaceUp(job) ? 'window mat' : guard.underMat ? 'back mat' : 'slip sheet';
	if (hold.kind === 'stitching' || guard.lining) return 'covered board';
	if (guard.underMat) return 'back mat';
	return windows.some(({ support }) => support !== null) ? 'support' : 'back';
}

/** A piece that sheds stays face up, and glass painted in reverse; everything else is turned over for its tabs. */
export function staysFaceUp({ piece }: Decided): boolean {
	return piece.friable || piece.support?.faceUp === true;
}

/** Hung from the window mat though it sheds: its tabs stand out with the adhesive up, and the mat is lowered onto them. */
export function isLoweredOn(job: Decided): boolean {
	return job.hold.from === 'window-mat' && staysFaceUp(job);
}

/** Hinge centres from the sheet's left as it lies: with its back up they count from what is its right from the front, in that order. */
export function hingesAsLaid(job: Decided, { hold, piece }: Sight): number[] {
	if (staysFaceUp(job)) return there(hold, 'hold').places;
	const width = there(piece.readings, 'readings').top;
	return there(hold, 'hold')
		.places.map((place) => width - place)
		.reverse();
}
