/** The front elevation: frame, mats with their bevels, the sheet where it really lies, zones. Origin: the pack's top-left corner. */
import { mapSides, type Point, type Rect, type Sides } from '../geometry/shapes.ts';
import type { Decided } from '../job/decide.ts';
import type { Plan } from '../plan.ts';
import { colourOf, CORE, PAPER } from './colours.ts';
import { rectangle, ring, type Dimension, type Scene, type Shape } from './scene.ts';

/** @returns the scene, or null while there is no window */
export function frontScene(plan: Plan, job: Decided): Scene | null {
	const { window } = plan;
	if (!window) return null;
	const box = outside(plan);
	const shapes = [sheet(plan), ...mats(plan, job), ...frame(plan, job), sheetEdge(plan), ...zones(plan, job)];
	return {
		view: 'front',
		title: 'Front',
		box,
		shapes,
		dimensions: dimensions(plan, box),
		callouts: [],
		picture: { place: sheetBox(plan), clip: opening(plan, window.mats.length - 1) }
	};
}

/** The frame's outside, or the pack's while there is no frame. */
export function outside(plan: Plan): Rect {
	const { frame, window } = plan;
	if (!frame) return { left: 0, top: 0, ...window!.pack };
	return {
		left: -(frame.outer.width - window!.pack.width) / 2,
		top: -(frame.outer.height - window!.pack.height) / 2,
		...frame.outer
	};
}

/** The bounding box of the sheet on the under-mat. */
export function sheetBox(plan: Plan): Rect {
	return { ...plan.window!.placement, ...plan.measure!.largest };
}

/** The corners of the sheet where it lies, from top-left clockwise. */
export function sheetCorners(plan: Plan): Point[] {
	const { outline } = plan.measure!;
	const [left, top] = [Math.min(...outline.map((corner) => corner.x)), Math.min(...outline.map((corner) => corner.y))];
	const { placement } = plan.window!;
	return outline.map((corner) => ({ x: corner.x - left + placement.left, y: corner.y - top + placement.top }));
}

function opening(plan: Plan, index: number, wider = 0): Point[] {
	const mat = plan.window!.mats[index]!;
	return rectangle(
		mat.border.left - wider,
		mat.border.top - wider,
		mat.opening.width + 2 * wider,
		mat.opening.height + 2 * wider
	);
}

function sheet(plan: Plan): Shape {
	return { role: 'sheet', rings: [sheetCorners(plan)], fill: PAPER };
}

/** From the back-most mat forward, so that each lies over the one behind it. */
function mats(plan: Plan, job: Decided): Shape[] {
	const pack = rectangle(0, 0, plan.window!.pack.width, plan.window!.pack.height);
	return job.mats
		.map((mat, index): Shape[] => {
			const bevel = mat.board.thickness;
			const title = `Mat ${index + 1}: ${mat.board.name}, ${mat.colour}`;
			// A reverse bevel hides its core: the narrowest edge is the face.
			if (mat.bevel === 'reverse')
				return [{ role: 'mat', rings: ring(pack, opening(plan, index)), fill: colourOf(mat.colour), title }];
			const face: Shape = { role: 'mat', rings: ring(pack, opening(plan, index, bevel)), fill: colourOf(mat.colour), title };
			return [{ role: 'bevel', rings: ring(opening(plan, index, bevel), opening(plan, index)), fill: CORE }, face];
		})
		.reverse()
		.flat();
}

function frame(plan: Plan, job: Decided): Shape[] {
	const { frame: planned } = plan;
	if (!planned) return [{ role: 'pack', rings: [rectangle(0, 0, plan.window!.pack.width, plan.window!.pack.height)] }];
	const box = outside(plan);
	const visible = planned.section.face;
	const outer = rectangle(box.left, box.top, box.width, box.height);
	const sight = rectangle(box.left + visible, box.top + visible, planned.sight.width, planned.sight.height);
	const mitres = outer.map((corner, index): Shape => ({ role: 'moulding-edge', open: true, rings: [[corner, sight[index]!]] }));
	return [{ role: 'moulding', rings: ring(outer, sight), fill: colourOf(job.frame!.colour), title: job.frame!.name }, ...mitres];
}

function sheetEdge(plan: Plan): Shape {
	return { role: 'sheet-edge', rings: [sheetCorners(plan)], title: 'Edge of the sheet, behind the mat' };
}

function zones(plan: Plan, job: Decided): Shape[] {
	const box = sheetBox(plan);
	const words = { show: 'must show', hide: 'hide', 'keep-off': 'keep off' };
	return job.piece.zones.map((zone) => ({
		role: `zone-${zone.kind}` as const,
		rings: [rectangle(box.left + zone.left, box.top + zone.top, zone.width, zone.height)],
		title: `${zone.id}, ${words[zone.kind]}`
	}));
}

function dimensions(plan: Plan, box: Rect): Dimension[] {
	const { frame, window } = plan;
	const last = window!.mats.length - 1;
	const windowBorder = window!.mats[last]!.border;
	const seen = window!.mats[0]!.seen;
	const first = window!.mats[0]!;
	const whole = frame ? { word: 'outer', path: 'frame.outer' } : { word: 'pack', path: 'window.pack' };
	const [right, bottom] = [box.left + box.width, box.top + box.height];
	const list: Dimension[] = [
		{
			name: `${whole.word} width`,
			path: `${whole.path}.width`,
			side: 'top',
			from: box.left,
			to: right,
			value: box.width,
			at: box.top
		},
		{
			name: `${whole.word} height`,
			path: `${whole.path}.height`,
			side: 'left',
			from: box.top,
			to: bottom,
			value: box.height,
			at: box.left
		},
		{
			name: 'window width',
			path: 'window.opening.width',
			side: 'bottom',
			from: windowBorder.left,
			to: windowBorder.left + window!.opening.width,
			value: window!.opening.width,
			at: bottom
		},
		{
			name: 'window height',
			path: 'window.opening.height',
			side: 'right',
			from: windowBorder.top,
			to: windowBorder.top + window!.opening.height,
			value: window!.opening.height,
			at: right
		}
	];
	const shown: Sides = seen ?? first.border;
	const word = seen ? 'seen border' : 'border';
	const path = seen ? 'window.mats[0].seen' : 'window.mats[0].border';
	const edge = mapSides((side) => first.border[side] - shown[side]);
	const { width, height } = window!.pack;
	list.push(
		{
			name: `${word} left`,
			path: `${path}.left`,
			side: 'bottom',
			from: edge.left,
			to: first.border.left,
			value: shown.left,
			at: bottom,
			fine: true
		},
		{
			name: `${word} right`,
			path: `${path}.right`,
			side: 'bottom',
			from: width - first.border.right,
			to: width - edge.right,
			value: shown.right,
			at: bottom,
			fine: true
		},
		{
			name: `${word} top`,
			path: `${path}.top`,
			side: 'right',
			from: edge.top,
			to: first.border.top,
			value: shown.top,
			at: right,
			fine: true
		},
		{
			name: `${word} bottom`,
			path: `${path}.bottom`,
			side: 'right',
			from: height - first.border.bottom,
			to: height - edge.bottom,
			value: shown.bottom,
			at: right,
			fine: true
		}
	);
	return list;
}
