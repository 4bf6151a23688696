/** Several windows in one mat: where each lies, from the top-left of all of them (handbook window#several). */
import type { Place, Rect, Sides, Size } from '../../geometry/shapes.ts';
import type { Grid } from '../../job/decide-window.ts';
import { fail } from '../../job/faults.ts';
import { showNearest, tidy } from '../../units/round.ts';
import { nth } from '../../units/there.ts';

export type Layout = {
	/** Places of the narrowest edges of the mat nearest the piece. */ at: Place[];
	/** All windows together. */ block: Size;
};

type LayoutInput = { openings: Size[]; places: (Place | null)[]; grid: Grid | null; step: number };

export function layOut({ openings, places, grid, step }: LayoutInput): Layout {
	if (openings.length === 1) return { at: [{ left: 0, top: 0 }], block: nth(openings, 0) };
	const at = grid ? inGrid(openings, grid, step) : freely(places as Place[], step);
	const end = (one: 'left' | 'top', size: 'width' | 'height') =>
		tidy(Math.max(...at.map((place, index) => place[one] + nth(openings, index)[size])));
	return { at, block: { width: end('left', 'width'), height: end('top', 'height') } };
}

/** The first window's corner need not be the outermost: places are counted from the outermost of all. */
function freely(places: Place[], step: number): Place[] {
	const left = Math.min(...places.map((place) => place.left));
	const top = Math.min(...places.map((place) => place.top));
	return places.map((place) => ({ left: showNearest(place.left - left, step), top: showNearest(place.top - top, step) }));
}

/** A column as wide as its widest window, a row as high as its highest, each window in the middle of its cell. */
function inGrid(openings: Size[], grid: Grid, step: number): Place[] {
	const cell = (index: number) => ({ column: index % grid.columns, row: Math.floor(index / grid.columns) });
	const largest = (of: 'column' | 'row', axis: 'width' | 'height', count: number) =>
		Array.from({ length: count }, (_, line) =>
			Math.max(0, ...openings.filter((__, index) => cell(index)[of] === line).map((opening) => opening[axis]))
		);
	const gutter = showNearest(grid.gutter, step);
	const starts = (sizes: number[]) =>
		sizes.map((_, index) => sizes.slice(0, index).reduce((sum, size) => sum + size + gutter, 0));
	const widths = largest('column', 'width', grid.columns);
	const heights = largest('row', 'height', grid.rows);
	const [lefts, tops] = [starts(widths), starts(heights)];
	return openings.map((opening, index) => {
		const { column, row } = cell(index);
		return {
			left: tidy(nth(lefts, column) + showNearest((nth(widths, column) - opening.width) / 2, step)),
			top: tidy(nth(tops, row) + showNearest((nth(heights, row) - opening.height) / 2, step))
		};
	});
}

/**
 * Between two windows of the front mat, which opens widest, board must stand.
 * @throws FaultError naming the two
 */
export function keepApart(layout: Layout, openings: Size[], wider: Sides, grid: boolean): void {
	const holes = openings.map((opening, index): Rect => {
		const place = nth(layout.at, index);
		return {
			left: place.left - wider.left,
			top: place.top - wider.top,
			width: opening.width + wider.left + wider.right,
			height: opening.height + wider.top + wider.bottom
		};
	});
	for (const [index, one] of holes.entries()) {
		for (let next = index + 1; next < holes.length; next += 1) {
			if (between(one, nth(holes, next)) > 1e-6) continue;
			fail(
				grid ? 'window.grid.gutter' : `window.openings[${next}].at`,
				`Window ${index + 1} and window ${next + 1} run into each other in the front mat. Set them farther apart${wider.left > 0 ? ', or make the reveals smaller' : ''}.`
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
