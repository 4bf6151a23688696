/**
 * Places dimension lines in lanes beside a drawing, so that lines and labels never meet.
 *
 *      ├──────────── 577 ────────────┤     lane 2
 *      ├ 66 ┤├────── 390 ─────┤├ 66 ┤      lane 1
 *      ┌─────────────────────────────┐
 */
import type { Rect } from '../../geometry/shapes.ts';
import type { Dimension, DimensionSide, Scene } from '../../figures/scene.ts';
import { nth } from '../../units/there.ts';
import { isAtMost } from '../../units/compare.ts';

export type PlacedDimension = Dimension & {
	text: string;
	/** Where the line runs: y at the top and bottom, x at the left and right. */
	line: number;
	/** Middle of the label along the line. */
	labelAt: number;
	/** The label's box in the scene. */
	label: Rect;
};

export type DimensionedScene = { placed: PlacedDimension[]; /** Box of the drawing with its dimensions. */ box: Rect };

/** Width of a figure over the height of the text, a little generous. */
const LETTER = 0.56;

/**
 * @param textHeight height of a label in mm of the scene, so that it is readable at the drawing's scale
 * @param write how a figure is written, in the unit of the job
 */
export function placeDimensions(scene: Scene, textHeight: number, write: (dimension: Dimension) => string): DimensionedScene {
	const lane = textHeight * 1.9;
	const placed: PlacedDimension[] = [];
	const { box } = scene;
	const grown = { left: box.left, top: box.top, right: box.left + box.width, bottom: box.top + box.height };
	for (const side of ['top', 'right', 'bottom', 'left'] as const) {
		const lanes: [number, number][][] = [];
		// Short ones first: they lie nearest to the drawing.
		const ordered = scene.dimensions
			.filter((dimension) => dimension.side === side)
			.sort((one, other) => one.to - one.from - (other.to - other.from));
		for (const dimension of ordered) {
			const text = write(dimension);
			const width = (text.length + 1) * LETTER * textHeight;
			const places = labelPlaces(dimension, ordered, width, textHeight, middleOf(scene, side));
			for (let index = 0; ; index += 1) {
				const taken = (lanes[index] ??= []);
				const line = lineOf(side, edges(scene), lane * (index + 0.75));
				const free = places
					.map((labelAt) => ({
						labelAt,
						label: labelBox(side, line, labelAt, width, textHeight),
						reach: [
							Math.min(dimension.from, labelAt - width / 2) - textHeight * 0.2,
							Math.max(dimension.to, labelAt + width / 2) + textHeight * 0.2
						] as [number, number]
					}))
					// A lane is free for it when neither its line nor its label meets what stands there, nor a label round the corner.
					.find(
						({ label, reach }) =>
							taken.every((other) => touching(reach, other, textHeight)) && !placed.some((other) => meet(label, other.label))
					);
				if (!free) continue;
				taken.push(free.reach);
				placed.push({ ...dimension, text, line, labelAt: free.labelAt, label: free.label });
				break;
			}
		}
		const depth = lanes.length === 0 ? textHeight * 0.4 : lane * (lanes.length + 0.1) + textHeight * 0.6;
		if (side === 'top') grown.top -= depth;
		else if (side === 'bottom') grown.bottom += depth;
		else if (side === 'left') grown.left -= depth;
		else grown.right += depth;
	}
	// A label may stand out past the end of a short line.
	for (const { label } of placed) {
		grown.left = Math.min(grown.left, label.left);
		grown.top = Math.min(grown.top, label.top);
		grown.right = Math.max(grown.right, label.left + label.width);
		grown.bottom = Math.max(grown.bottom, label.top + label.height);
	}
	return { placed, box: { left: grown.left, top: grown.top, width: grown.right - grown.left, height: grown.bottom - grown.top } };
}

/**
 * Where along its line a label may stand: in the middle; beside its line where that is too short for it and no
 * extension line of another dimension would run through it there; in the middle after all where there is no such place.
 */
function labelPlaces({ from, to }: Dimension, all: Dimension[], width: number, textHeight: number, centre: number): number[] {
	const middle = (from + to) / 2;
	// The text itself, with half of the air round it.
	if (width - (LETTER * textHeight) / 2 <= to - from) return [middle];
	const beside = textHeight * 0.35 + width / 2;
	const lines = all.flatMap((other) => [other.from, other.to]);
	const clear = (at: number) => lines.every((end) => Math.abs(end - at) > width / 2);
	// Outward first, away from the figures in the middle.
	const sides = middle < centre ? [from - beside, to + beside] : [to + beside, from - beside];
	return [...sides.filter(clear), middle];
}

function middleOf({ box }: Scene, side: DimensionSide): number {
	return side === 'top' || side === 'bottom' ? box.left + box.width / 2 : box.top + box.height / 2;
}

function meet(one: Rect, other: Rect): boolean {
	return (
		one.left < other.left + other.width &&
		other.left < one.left + one.width &&
		one.top < other.top + other.height &&
		other.top < one.top + one.height
	);
}

/** Two spans that share an end may stand in one lane, as a chain does. */
function touching(one: [number, number], other: [number, number], textHeight: number): boolean {
	const overlap = Math.min(one[1], other[1]) - Math.max(one[0], other[0]);
	return isAtMost(overlap, textHeight * 0.4);
}

function edges({ box }: Scene): { left: number; top: number; right: number; bottom: number } {
	return { left: box.left, top: box.top, right: box.left + box.width, bottom: box.top + box.height };
}

function lineOf(side: DimensionSide, box: { left: number; top: number; right: number; bottom: number }, away: number): number {
	return { top: box.top - away, bottom: box.bottom + away, left: box.left - away, right: box.right + away }[side];
}

/** Labels stand on the line, on its outer side; at the left and right they are turned and read from the right. */
function labelBox(side: DimensionSide, line: number, middle: number, width: number, height: number): Rect {
	const above = height * 1.15;
	if (side === 'top' || side === 'bottom') return { left: middle - width / 2, top: line - above, width, height };
	return { left: line - above, top: middle - width / 2, width: height, height: width };
}

/** Callouts in a column to the right of the drawing: rows no nearer than a line of text, as near to their layers as that allows. */
export function placeCallouts(scene: Scene, textHeight: number): { row: number }[] {
	const gap = textHeight * 1.45;
	const rows = scene.callouts.map((callout) => callout.to.y);
	for (let index = 1; index < rows.length; index += 1) rows[index] = Math.max(nth(rows, index), nth(rows, index - 1) + gap);
	const middle = scene.callouts.reduce((sum, callout) => sum + callout.to.y, 0) / Math.max(1, rows.length);
	const shift = middle - rows.reduce((sum, row) => sum + row, 0) / Math.max(1, rows.length);
	return rows.map((row) => ({ row: row + shift }));
}
