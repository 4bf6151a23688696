/** The front elevation: frame, mats with their bevels, each sheet where it really lies, zones. Origin: the pack's top-left corner. */
import { mapSides, type Point, type Rect, type Sides, type Size } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import { sightsOf, type Sight } from '../../rule/sights.ts';
import { outlineOf } from '../../stations/window/shape.ts';
import { CORE, PAPER } from '../../shop/colours.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, ring, type Dimension, type Scene, type Shape } from '../../figures/scene.ts';
import { belongsInFront } from './belongs.ts';
import { nth, there } from '../../units/there.ts';

/** @returns the scene, or null while there is no window */
export function frontScene(plan: Plan, job: Decided): Scene | null {
	if (!plan.window) return null;
	const box = outside(plan);
	const sights = sightsOf(job, plan);
	const shapes = [
		...underMat(plan, job),
		...sights.flatMap((sight) => sheet(sight, plan, job)),
		...mats(plan, job),
		...frame(plan, job),
		...belongsInFront(plan, job, box),
		...sights.flatMap((sight) => [...sheetEdge(sight), ...zones(sight)])
	];
	return { view: 'front', title: 'Front', box, shapes, dimensions: dimensions(plan, sights, box), callouts: [] };
}

/** The frame's outside, or the pack's while there is no frame. */
export function outside(plan: Plan): Rect {
	const { frame } = plan;
	const pack = packIn(plan);
	if (!frame) return { left: 0, top: 0, ...pack };
	return { left: -(frame.outer.width - pack.width) / 2, top: -(frame.outer.height - pack.height) / 2, ...frame.outer };
}

/** What lies in the frame; of one that stays closed what its rabbet takes. */
export function packIn({ window, frame }: Plan): Size {
	return window?.pack ?? there(frame, 'frame').rabbet;
}

/** The bounding box of the sheet on the under-mat. */
export function sheetBox({ opening, measure }: Sight): Rect {
	return { ...opening.placement, ...measure.largest };
}

/** The corners of the sheet where it lies, from top-left clockwise. */
export function sheetCorners({ opening, measure }: Sight): Point[] {
	const { outline } = measure;
	const [left, top] = [Math.min(...outline.map((corner) => corner.x)), Math.min(...outline.map((corner) => corner.y))];
	const { placement } = opening;
	return outline.map((corner) => ({ x: corner.x - left + placement.left, y: corner.y - top + placement.top }));
}

/** A mat's window at the narrowest edge; without a mat what the frame leaves. */
export function holeOf(plan: Plan, index: number, at: number): Rect {
	const mat = there(plan.window, 'window').mats[index];
	if (!mat) {
		const { pack, opening } = there(plan.window, 'window');
		return { left: (pack.width - opening.width) / 2, top: (pack.height - opening.height) / 2, ...opening };
	}
	const { border, opening } = mat.holes?.[at] ?? mat;
	return { left: border.left, top: border.top, ...opening };
}

function widened({ left, top, width, height }: Rect, by: number): Rect {
	return { left: left - by, top: top - by, width: width + 2 * by, height: height + 2 * by };
}

/** Seen round a float only. */
function underMat(plan: Plan, job: Decided): Shape[] {
	if (!job.windows.some(({ way }) => way === 'float')) return [];
	const { pack } = there(plan.window, 'window');
	return [{ role: 'under-mat', rings: [rectangle(0, 0, pack.width, pack.height)], fill: CORE }];
}

function sheet(sight: Sight, plan: Plan, job: Decided): Shape[] {
	const { picture } = sight.piece;
	const last = there(plan.window, 'window').mats.length - 1;
	const clip = outlineOf(nth(job.windows, sight.index).shape, holeOf(plan, last, sight.index));
	return [
		{
			role: 'sheet',
			rings: [sheetCorners(sight)],
			fill: PAPER,
			...(picture ? { picture: { sum: picture, place: sheetBox(sight), clip } } : {})
		}
	];
}

/** From the back-most mat forward, so that each lies over the one behind it. */
function mats(plan: Plan, job: Decided): Shape[] {
	const pack = rectangle(0, 0, there(plan.window, 'window').pack.width, there(plan.window, 'window').pack.height);
	return job.mats
		.map((mat, index): Shape[] => {
			const bevel = mat.board.thickness;
			const title = `Mat ${index + 1}: ${mat.board.name}, ${mat.colour.said}`;
			const edges = (wider: number) =>
				job.windows.map(({ shape }, at) => outlineOf(shape, widened(holeOf(plan, index, at), wider)));
			const narrowest = edges(0);
			// A reverse bevel hides its core: the narrowest edge is the face.
			if (mat.bevel === 'reverse') return [{ role: 'mat', rings: [pack, ...narrowest], fill: mat.colour.hex, title }];
			const face = edges(bevel);
			const core = mat.core?.hex ?? CORE;
			const bevels = face.map((edge, at): Shape => ({ role: 'bevel', rings: ring(edge, nth(narrowest, at)), fill: core }));
			const line = mat.bevelLine ? edges(bevel * 0.55) : [];
			const lines = line.map((edge, at): Shape => ({
				role: 'bevel-line',
				rings: ring(nth(face, at), edge),
				fill: there(mat.bevelLine, 'bevel line').hex,
				title: `Line on the bevel of mat ${index + 1}`
			}));
			return [...bevels, ...lines, { role: 'mat', rings: [pack, ...face], fill: mat.colour.hex, title }];
		})
		.reverse()
		.flat();
}

function frame(plan: Plan, job: Decided): Shape[] {
	const { frame: planned } = plan;
	if (!planned)
		return [
			{
				role: 'pack',
				rings: [rectangle(0, 0, there(plan.window, 'window').pack.width, there(plan.window, 'window').pack.height)]
			}
		];
	const box = outside(plan);
	const visible = planned.section.face;
	const outer = rectangle(box.left, box.top, box.width, box.height);
	const sight = rectangle(box.left + visible, box.top + visible, planned.sight.width, planned.sight.height);
	const mitres = outer.map((corner, index): Shape => ({
		role: 'moulding-edge',
		open: true,
		rings: [[corner, nth(sight, index)]]
	}));
	return [
		{
			role: 'moulding',
			rings: ring(outer, sight),
			fill: there(job.frame, 'frame').colour.hex,
			title: there(job.frame, 'frame').name
		},
		...mitres
	];
}

function sheetEdge(sight: Sight): Shape[] {
	const { opening, measure } = sight;
	if (sight.choice.way === 'float' && !opening.support) return [];
	if (!opening.support) return [{ role: 'sheet-edge', rings: [sheetCorners(sight)], title: 'Edge of the sheet, hidden' }];
	const box = sheetBox(sight);
	const { width, height } = opening.support;
	const left = box.left + measure.usable.left + (measure.usable.width - width) / 2;
	const top = box.top + measure.usable.top + (measure.usable.height - height) / 2;
	return [{ role: 'support', rings: [rectangle(left, top, width, height)], title: 'Support, behind the piece' }];
}

function zones(sight: Sight): Shape[] {
	const box = sheetBox(sight);
	const words = { show: 'must show', hide: 'hide', 'keep-off': 'keep off' };
	return sight.piece.zones.map((zone) => ({
		role: `zone-${zone.kind}` as const,
		rings: [rectangle(box.left + zone.left, box.top + zone.top, zone.width, zone.height)],
		title: `${zone.id}, ${words[zone.kind]}`
	}));
}

function dimensions(plan: Plan, sights: Sight[], box: Rect): Dimension[] {
	const { frame } = plan;
	const [right, bottom] = [box.left + box.width, box.top + box.height];
	const whole = frame ? { word: 'outer', path: 'frame.outer' } : { word: 'pack', path: 'window.pack' };
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
		}
	];
	list.push(...windowDimensions(plan, sights, right, bottom), ...borderDimensions(plan, right, bottom));
	return list;
}

/** Each window's width once a column, its height once a row. */
function windowDimensions(plan: Plan, sights: Sight[], right: number, bottom: number): Dimension[] {
	const last = there(plan.window, 'window').mats.length - 1;
	const seen = new Set<string>();
	return sights.flatMap(({ index, number }): Dimension[] => {
		const hole = holeOf(plan, last, index);
		const path = number === null ? 'window' : `window.openings[${index}]`;
		const word = number === null ? 'window' : `window ${number}`;
		const once = (key: string, dimension: Dimension) => {
			if (seen.has(key)) return [];
			seen.add(key);
			return [dimension];
		};
		return [
			...once(`x${hole.left},${hole.width}`, {
				name: `${word} width`,
				path: `${path}.opening.width`,
				side: 'bottom',
				from: hole.left,
				to: hole.left + hole.width,
				value: hole.width,
				at: bottom
			}),
			...once(`y${hole.top},${hole.height}`, {
				name: `${word} height`,
				path: `${path}.opening.height`,
				side: 'right',
				from: hole.top,
				to: hole.top + hole.height,
				value: hole.height,
				at: right
			})
		];
	});
}

/** The front mat's border as it is seen, or as it is cut while there is no frame. */
function borderDimensions({ window }: Plan, right: number, bottom: number): Dimension[] {
	const [first] = there(window, 'window').mats;
	if (!first) return [];
	const { width, height } = there(window, 'window').pack;
	const shown: Sides = first.seen ?? first.border;
	const word = first.seen ? 'visible border' : 'border';
	const path = first.seen ? 'window.mats[0].seen' : 'window.mats[0].border';
	const edge = mapSides((side) => first.border[side] - shown[side]);
	const spans: [keyof Sides, 'bottom' | 'right', number, number][] = [
		['left', 'bottom', edge.left, first.border.left],
		['right', 'bottom', width - first.border.right, width - edge.right],
		['top', 'right', edge.top, first.border.top],
		['bottom', 'right', height - first.border.bottom, height - edge.bottom]
	];
	return spans.map(([name, side, from, to]) => ({
		name: `${word} ${name}`,
		path: `${path}.${name}`,
		side,
		from,
		to,
		value: shown[name],
		at: side === 'bottom' ? bottom : right,
		look: 'mark'
	}));
}
