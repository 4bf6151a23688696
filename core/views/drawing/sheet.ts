/** The sheet alone, as it was measured: its true outline, what the window may use of it, image and zones. Origin: its bounding box. */
import type { Point } from '../../geometry/shapes.ts';
import type { Piece } from '../../job/decide-piece.ts';
import { PAPER } from '../../shop/colours.ts';
import type { Measure } from '../../figures/measure.ts';
import { rectangle, type Callout, type Dimension, type Scene, type Shape } from '../../figures/scene.ts';
import { nth, there } from '../../units/there.ts';

/** How many times a lean is drawn when it is exaggerated. */
export const EXAGGERATION = 10;

type Input = { piece: Piece; measure: Measure; /** Path of the measure, for its figures. */ path: string; exaggerated: boolean };

/** @param exaggerated draws what the corners are out of an upright rectangle ten times as large */
export function sheetScene({ piece, measure, path, exaggerated }: Input): Scene {
	const corners = cornersOf(measure, exaggerated ? EXAGGERATION : 1);
	const xs = corners.map((corner) => corner.x);
	const ys = corners.map((corner) => corner.y);
	const box = {
		left: Math.min(...xs),
		top: Math.min(...ys),
		width: Math.max(...xs) - Math.min(...xs),
		height: Math.max(...ys) - Math.min(...ys)
	};
	const { usable } = measure;
	const shapes: Shape[] = [
		{
			role: 'sheet',
			rings: [corners],
			fill: PAPER,
			...(piece.picture && !exaggerated
				? { picture: { sum: piece.picture, place: { left: 0, top: 0, ...measure.largest }, clip: corners } }
				: {})
		},
		{ role: 'diagonal', open: true, rings: [[nth(corners, 0), nth(corners, 2)]], title: 'Diagonal, top-left to bottom-right' },
		{ role: 'diagonal', open: true, rings: [[nth(corners, 1), nth(corners, 3)]], title: 'Diagonal, top-right to bottom-left' },
		{ role: 'sheet-edge', rings: [corners], title: 'Edge of the sheet' }
	];
	if (!exaggerated) {
		shapes.push({
			role: 'usable',
			rings: [rectangle(usable.left, usable.top, usable.width, usable.height)],
			title: 'Usable size under a mat'
		});
		if (piece.image) {
			const { left, top, width, height } = piece.image;
			shapes.push({ role: 'image', rings: [rectangle(left, top, width, height)], title: 'Image' });
		}
		for (const zone of piece.zones)
			shapes.push({
				role: `zone-${zone.kind}`,
				rings: [rectangle(zone.left, zone.top, zone.width, zone.height)],
				title: zone.id
			});
	}
	return {
		view: 'sheet',
		title: 'The sheet as measured',
		box,
		shapes,
		dimensions: dimensions(corners, piece, measure, path, box, exaggerated),
		callouts: diagonals(corners, piece, measure, path),
		...(exaggerated ? { notToScale: `Out of square is drawn ${EXAGGERATION} times as large.` } : {})
	};
}

/** As they were read; else as they follow from the other readings. */
function diagonals(
	[topLeft, topRight, bottomRight, bottomLeft]: Point[],
	{ readings }: Piece,
	measure: Measure,
	path: string
): Callout[] {
	const at = (from: Point, to: Point, share: number) => ({
		x: from.x + (to.x - from.x) * share,
		y: from.y + (to.y - from.y) * share
	});
	// The one that ends higher at the right stands first, so that leaders do not cross.
	return (['d2', 'd1'] as const).map((name) => ({
		name: `${name === 'd1' ? 'diagonal from top-left' : 'diagonal from top-right'}${there(readings, 'readings')[name] === undefined ? ', not measured' : ''}`,
		path: `${path}.diagonals.${name}`,
		value: there(readings, 'readings')[name] ?? measure.diagonals[name],
		look: 'mark' as const,
		to:
			name === 'd1'
				? at(there(topLeft, 'top left'), there(bottomRight, 'bottom right'), 0.8)
				: at(there(topRight, 'top right'), there(bottomLeft, 'bottom left'), 0.2)
	}));
}

/** From the bounding box's corner; each corner's distance from an upright rectangle may be drawn larger than it is. */
function cornersOf({ outline, mean }: Measure, times: number): Point[] {
	const left = Math.min(...outline.map((corner) => corner.x));
	const top = Math.min(...outline.map((corner) => corner.y));
	const square = rectangle(-mean.width / 2, -mean.height / 2, mean.width, mean.height);
	return outline.map((corner, index) => {
		const at = nth(square, index);
		return { x: at.x + (corner.x - at.x) * times - left, y: at.y + (corner.y - at.y) * times - top };
	});
}

function dimensions(
	[topLeft, topRight, bottomRight, bottomLeft]: Point[],
	piece: Piece,
	measure: Measure,
	path: string,
	box: { left: number; top: number; width: number; height: number },
	exaggerated: boolean
): Dimension[] {
	const read = there(piece.readings, 'readings');
	const [right, bottom] = [box.left + box.width, box.top + box.height];
	const list: Dimension[] = [
		{
			name: 'top',
			side: 'top',
			from: there(topLeft, 'top left').x,
			to: there(topRight, 'top right').x,
			value: read.top,
			at: box.top,
			look: 'mark'
		},
		{
			name: 'right',
			side: 'right',
			from: there(topRight, 'top right').y,
			to: there(bottomRight, 'bottom right').y,
			value: read.right,
			at: right,
			look: 'mark'
		},
		{
			name: 'bottom',
			side: 'bottom',
			from: there(bottomLeft, 'bottom left').x,
			to: there(bottomRight, 'bottom right').x,
			value: read.bottom,
			at: bottom,
			look: 'mark'
		},
		{
			name: 'left',
			side: 'left',
			from: there(topLeft, 'top left').y,
			to: there(bottomLeft, 'bottom left').y,
			value: read.left,
			at: box.left,
			look: 'mark'
		}
	];
	if (exaggerated) return list;
	const { usable } = measure;
	list.push(
		{
			name: 'usable width',
			path: `${path}.usable.width`,
			side: 'bottom',
			from: usable.left,
			to: usable.left + usable.width,
			value: usable.width,
			at: bottom,
			look: 'mark'
		},
		{
			name: 'usable height',
			path: `${path}.usable.height`,
			side: 'right',
			from: usable.top,
			to: usable.top + usable.height,
			value: usable.height,
			at: right,
			look: 'mark'
		}
	);
	return list;
}
