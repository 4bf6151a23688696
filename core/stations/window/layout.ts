/** Several windows in one mat: where each lies, from the top-left of all of them (handbook window#several). */
import { mapAxes, type Place, type Rect, type Sides, type Size } from '../../geometry/shapes.ts';
import type { Decided } from '../../job/decided.ts';
import type { Grid } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import type { Figure } from '../../rule/book.ts';
import { SIDES_OF } from '../../rule/side-terms.ts';
import { at, half, largest, less, nearest, plain, smallest, sum, tidied, type Term, type TermSize } from '../../rule/term.ts';
import { nth, there } from '../../units/there.ts';
import { isAbove } from '../../units/compare.ts';

type TermPlace = Record<keyof Place, Term>;

export type Layout = {
	/** Places of the narrowest edges of the mat nearest the piece. */ at: TermPlace[];
	/** All windows together. */ block: TermSize;
};

/** Writes the places of several; one alone needs none. */
export function layOut(openings: readonly TermSize[], job: Decided, figure: Figure): Layout {
	if (!job.several) return { at: [], block: nth(openings, 0) };
	const places = job.grid ? inGrid(openings, job.grid, job.step) : freely(job);
	const written = places.map((place, index): TermPlace => {
		const write = (side: keyof Place) => figure(`window.openings[${index}].at.${side}`, tidied(place[side]), 'window#several');
		return { left: write('left'), top: write('top') };
	});
	const end = (axis: keyof Size) =>
		largest(...written.map((place, index) => sum(place[SIDES_OF[axis][0]], nth(openings, index)[axis])));
	return { at: written, block: mapAxes((axis) => figure(`window.opening.${axis}`, tidied(end(axis)), 'window#several')) };
}

/** The first window's corner need not be the outermost: places are counted from the outermost of all. */
function freely({ windows, step }: Decided): TermPlace[] {
	const asked = (side: keyof Place) =>
		windows.map((choice, index) => at(`job.windows[${index}].at.${side}`, there(choice.at, 'place')[side]));
	const counted = (side: keyof Place) => {
		const all = asked(side);
		return all.map((one) => nearest(less(one, smallest(...all)), at('job.step', step)));
	};
	const [lefts, tops] = [counted('left'), counted('top')];
	return lefts.map((left, index) => ({ left, top: nth(tops, index) }));
}

/** A column as wide as its widest window, a row as high as its highest, each window in the middle of its cell. */
function inGrid(openings: readonly TermSize[], { columns, rows, gutter }: Grid, step: number): TermPlace[] {
	const steps = at('job.step', step);
	const between = nearest(at('job.grid.gutter', gutter), steps);
	const alongAxis = (axis: keyof Size, lines: number, lineOf: (index: number) => number): Term[] => {
		const cells = Array.from({ length: lines }, (_, line) =>
			largest(plain(0), ...openings.filter((__, index) => lineOf(index) === line).map((opening) => opening[axis]))
		);
		return openings.map((opening, index) => {
			const line = lineOf(index);
			const before = cells.slice(0, line).flatMap((cell) => [cell, between]);
			return sum(...before, nearest(half(less(nth(cells, line), opening[axis])), steps));
		});
	};
	const lefts = alongAxis('width', columns, (index) => index % columns);
	const tops = alongAxis('height', rows, (index) => Math.floor(index / columns));
	return lefts.map((left, index) => ({ left, top: nth(tops, index) }));
}

/**
 * Between two windows of the front mat, which opens widest, board must stand.
 * @throws FaultError naming the two
 */
export function keepApart(layout: Layout, openings: readonly TermSize[], wider: Sides, grid: boolean): void {
	const holes = openings.map(({ width, height }, index): Rect => {
		const { left, top } = nth(layout.at, index);
		return {
			// Each begins as much farther to the left and up: how far they are apart stays the same.
			left: left.value,
			top: top.value,
			width: width.value + wider.left + wider.right,
			height: height.value + wider.top + wider.bottom
		};
	});
	for (const [index, one] of holes.entries()) {
		for (let next = index + 1; next < holes.length; next += 1) {
			if (isAbove(between(one, nth(holes, next)), 0)) continue;
			fail(
				grid ? 'window.grid.gutter' : `window.openings[${next}].at`,
				`Window ${index + 1} and window ${next + 1} overlap in the front mat. Set them farther apart${wider.left > 0 ? ', or make the reveals smaller' : ''}.`
			);
		}
	}
}

/** Air between two rectangles along the axis on which they are apart; not positive when they meet. */
export function between(one: Rect, other: Rect): number {
	const gap = (axis: 'width' | 'height') => {
		const from = axis === 'width' ? 'left' : 'top';
		return Math.max(other[from] - one[from] - one[axis], one[from] - other[from] - other[axis]);
	};
	return Math.max(gap('width'), gap('height'));
}
