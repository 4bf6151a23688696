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
	board: 'under-mat' | 'window mat' | 'support' | 'covered board' | 'back';
	backUp: boolean;
	left: number;
	top: number;
};

export function laidOn(plan: Pick<Figures, 'window'>, job: Decided, { opening, measure }: Sight): Laid {
	const { placement } = opening;
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

function boardUnder({ hold, guard, windows }: Decided): Laid['board'] {
	if (hold.from === 'window-mat') return 'window mat';
	if (hold.kind === 'stitching' || guard.lining) return 'covered board';
	if (guard.underMat) return 'under-mat';
	return windows.some(({ support }) => support !== null) ? 'support' : 'back';
}

/** A piece that sheds stays face up; everything else is turned over for its tabs. */
export function staysFaceUp({ piece }: Decided): boolean {
	return piece.friable;
}

/** Hinge centres from the sheet's left as it lies: with its back up they count from what is its right from the front, in that order. */
export function hingesAsLaid(job: Decided, { hold, piece }: Sight): number[] {
	if (staysFaceUp(job)) return there(hold, 'hold').places;
	const width = there(piece.readings, 'readings').top;
	return there(hold, 'hold')
		.places.map((place) => width - place)
		.reverse();
}
