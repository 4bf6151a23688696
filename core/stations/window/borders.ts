/** The outermost mat's borders: as asked for, fitted to a pack that is given, or shifted so that the motif stands in the middle. */
import { mapAxes, type SideName, type Size } from '../../geometry/shapes.ts';
import type { Decided } from '../../job/decided.ts';
import { fail } from '../../job/faults.ts';
import { SIDES_OF, sidesOf, sideValues, type TermSides } from '../../rule/side-terms.ts';
import { at, half, less, nearest, sum, tidied, up, type Term, type TermSize } from '../../rule/term.ts';

/** How far the motif's middle lies from the window's, + to the right and down. */
export type Shift = TermSize;

/**
 * @param outermost opening of the front mat, all windows together
 * @param pack the size that `fit` must give
 * @param shift null where the window stands in the middle
 * @throws FaultError when the motif can't be brought to the middle
 */
export function bordersOf(job: Decided, outermost: TermSize, pack: TermSize | null, shift: Shift | null): TermSides {
	const step = at('job.step', job.step);
	if (pack && job.borders.way === 'have') {
		const have = job.mats[0]?.have;
		return alongAxes((axis) => {
			const rest = less(pack[axis], outermost[axis]);
			const side = axis === 'width' ? 'left' : 'top';
			const measured = have?.[side] ?? null;
			const first = tidied(measured === null ? half(rest) : at(`job.mats[0].have.${side}`, measured));
			return [first, tidied(less(rest, first))];
		});
	}
	const asked = pack ? fitted(job, outermost, pack) : sidesOf((side) => nearest(askedFor(side, job), step));
	if (!shift) return asked;
	// The pack stays as large: what one side gives the other gets.
	const moved = alongAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		const first = nearest(less(asked[one], shift[axis]), step);
		return [first, tidied(less(sum(asked[one], asked[other]), first))];
	});
	const isMoved = shift.width.value !== 0 || shift.height.value !== 0;
	if (isMoved && Math.min(...Object.values(sideValues(moved))) <= 0)
		fail('borders.centre', 'The motif is too far off centre to be centred in these borders. Widen them, or centre the window.');
	return moved;
}

function askedFor(side: SideName, { borders }: Decided): Term {
	if (borders.way === 'own') return at(`job.borders.asked.${side}`, borders.asked[side]);
	const width = at('job.borders.width', borders.width);
	return side === 'bottom' ? sum(width, at('job.borders.weight', borders.weight)) : width;
}

/** Left and top are rounded to the nearest, right and bottom take the rest, so that the pack comes out as given. */
export function fitted({ borders, step }: Decided, outermost: TermSize, pack: TermSize): TermSides {
	const weight = { width: [], height: [at('job.borders.weight', borders.weight)] };
	return alongAxes((axis) => {
		const first = nearest(half(less(pack[axis], outermost[axis], ...weight[axis])), at('job.step', step));
		return [first, tidied(less(pack[axis], outermost[axis], first))];
	});
}

/** Metal sections come in pairs by size: the next of their list on each axis. */
export function nextPair(pack: TermSize, step: Term): TermSize {
	return mapAxes((axis) => up(pack[axis], step));
}

/** Borders that grow with the pack to the next pair: half of it at the left and top, rounded, the rest at the right and bottom. */
export function grownToPair(borders: TermSides, outermost: TermSize, pairStep: Term, step: Term): TermSides {
	const natural = packOf(outermost, borders);
	const pair = nextPair(natural, pairStep);
	return alongAxes((axis) => {
		const [one, other] = SIDES_OF[axis];
		const more = less(pair[axis], natural[axis]);
		const first = nearest(half(more), step);
		return [tidied(sum(borders[one], first)), tidied(less(sum(borders[other], more), first))];
	});
}

/** What a mat with these borders measures. */
export function packOf(outermost: TermSize, borders: TermSides): TermSize {
	return mapAxes((axis) => tidied(sum(outermost[axis], borders[SIDES_OF[axis][0]], borders[SIDES_OF[axis][1]])));
}

function alongAxes(make: (axis: keyof Size) => [Term, Term]): TermSides {
	const [left, right] = make('width');
	const [top, bottom] = make('height');
	return { top, right, bottom, left };
}
