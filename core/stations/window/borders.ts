/** The outermost mat's borders: as asked for, fitted to a pack that is given, or shifted so that the motif stands in the middle. */
import { mapSides, type Sides, type Size } from '../../geometry/shapes.ts';
import { fail } from '../../job/faults.ts';
import { receiveUp, showNearest, tidy } from '../../units/round.ts';
import type { Decided } from '../../job/decided.ts';

/** How far the motif's middle lies from the window's, + to the right and down. */
export type Shift = { right: number; down: number };

/**
 * @param outermost opening of the front mat, all windows together
 * @param pack the size that `fit` must give
 * @throws FaultError when the motif can't be brought to the middle
 */
export function bordersOf(job: Decided, outermost: Size, pack: Size | null, shift: Shift): Sides {
	const asked = pack ? fitted(job, outermost, pack) : mapSides((side) => showNearest(job.borders.asked[side], job.step));
	if (shift.right === 0 && shift.down === 0) return asked;
	// The pack stays as large: what one side gives the other gets.
	const left = showNearest(asked.left - shift.right, job.step);
	const top = showNearest(asked.top - shift.down, job.step);
	const moved = { left, top, right: tidy(asked.left + asked.right - left), bottom: tidy(asked.top + asked.bottom - top) };
	if (Math.min(...Object.values(moved)) <= 0)
		fail(
			'borders.centre',
			'The motif is too far off centre to be centred in these borders. Make them wider, or centre the window.'
		);
	return moved;
}

/** Left and top are rounded to the nearest, right and bottom take the rest, so that the pack comes out as given. */
export function fitted(job: Decided, outermost: Size, pack: Size): Sides {
	const left = showNearest((pack.width - outermost.width) / 2, job.step);
	const top = showNearest((pack.height - outermost.height - job.borders.weight) / 2, job.step);
	return {
		left,
		top,
		right: tidy(pack.width - outermost.width - left),
		bottom: tidy(pack.height - outermost.height - top)
	};
}

/** Metal sections come in pairs by size: the next of their list on each axis. */
export function nextPair(pack: Size, step: number): Size {
	return { width: receiveUp(pack.width, step), height: receiveUp(pack.height, step) };
}

/** Borders that grow with the pack: half of it at the left and top, rounded, the rest at the right and bottom. */
export function grownTo(borders: Sides, from: Size, to: Size, step: number): Sides {
	const left = showNearest((to.width - from.width) / 2, step);
	const top = showNearest((to.height - from.height) / 2, step);
	return {
		left: tidy(borders.left + left),
		top: tidy(borders.top + top),
		right: tidy(borders.right + to.width - from.width - left),
		bottom: tidy(borders.bottom + to.height - from.height - top)
	};
}
