/**
 * A drawing that is larger than a page, in parts that lie over each other by a band with register marks (handbook back#template).
 *
 *   ┌───────┬─┬───────┐      the band belongs to both parts; a mark stands in its middle,
 *   │       │+│       │      a quarter in from either end, on both papers at the same place
 *   │       │ │       │
 *   │       │+│       │
 *   └───────┴─┴───────┘
 */
import type { Point, Rect, Size } from '../../geometry/shapes.ts';

export type Tile = Rect & { row: number; column: number; marks: Point[] };
export type Tiling = { rows: number; columns: number; tiles: Tile[] };

/** How far two parts lie over each other, mm. */
const BAND = 12;

/** @param page what can be printed on, mm; row by row from the top left */
export function tilesOf(box: Rect, page: Size): Tiling {
	const columns = countOf(box.width, page.width);
	const rows = countOf(box.height, page.height);
	const step = { width: page.width - BAND, height: page.height - BAND };
	const tiles = Array.from({ length: rows * columns }, (_, at): Tile => {
		const [row, column] = [Math.floor(at / columns), at % columns];
		const left = box.left + column * step.width;
		const top = box.top + row * step.height;
		const beside = [...(column > 0 ? [left] : []), ...(column < columns - 1 ? [left + step.width] : [])];
		const above = [...(row > 0 ? [top] : []), ...(row < rows - 1 ? [top + step.height] : [])];
		return {
			row,
			column,
			left,
			top,
			...page,
			marks: [
				...beside.flatMap((from) => QUARTERS.map((share) => ({ x: from + BAND / 2, y: top + page.height * share }))),
				...above.flatMap((from) => QUARTERS.map((share) => ({ x: left + page.width * share, y: from + BAND / 2 })))
			]
		};
	});
	return { rows, columns, tiles };
}

const QUARTERS = [0.25, 0.75];

const countOf = (length: number, page: number): number => Math.max(1, Math.ceil((length - BAND) / (page - BAND)));
