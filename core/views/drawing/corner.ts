/**
 * A corner of the window at five times its size: bevels and reveals from the front, and below them the same in section.
 *
 *   ███████████████      the front mat's face
 *   ██╲____________      its bevel, then the strip of the next mat …
 *   ██│╲ ██████████
 *   ─────────────────
 *   ███╲                 the section, in the same measure across
 *   ███████╲
 */
import type { Point, Rect } from '../../geometry/shapes.ts';
import type { Plan } from '../../plan.ts';
import { sightsOf, type Sight } from '../../rule/sights.ts';
import { CORE, PAPER } from '../../shop/colours.ts';
import { holeOf } from './front.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Dimension, type Scene, type Shape } from '../../figures/scene.ts';
import { lastOf, nth, there } from '../../units/there.ts';

/** How much of the front mat and of the window is shown beside what lies between, across and down. */
const BEYOND = 9;
const BEYOND_DOWN = 4;
const BETWEEN_VIEWS = 2.5;

/** @returns the scene of the top-left corner, or null while there is no window; a curve has no corner */
export function cornerScene(plan: Plan, job: Decided, index: number): Scene | null {
	const sight = sightsOf(job, plan)[index];
	if (!sight || job.mats.length === 0 || sight.choice.shape === 'oval' || sight.choice.shape === 'circle') return null;
	const holes = job.mats.map((_, mat) => holeOf(plan, mat, index));
	const [first, last] = [nth(holes, 0), lastOf(holes)];
	const lift = Math.max(0, ...there(plan.window, 'window').mats.map((mat) => mat.lift?.setback ?? 0));
	const hidden = Math.max(0, sight.opening.overlap?.left ?? 0);
	const back = Math.max(BEYOND, lift + 3, hidden - (last.left - first.left) + 3);
	const inside = BEYOND + (sight.choice.way === 'float' ? sight.choice.gap : 0);
	// From the lower left for an arch, which has no corner above.
	const arch = sight.choice.shape === 'arch';
	const width = last.left - first.left + back + inside;
	const insideDown = inside - BEYOND + BEYOND_DOWN;
	const tall = last.top - first.top + BEYOND_DOWN + insideDown;
	const left = first.left - back;
	const top = arch ? last.top + last.height - insideDown : first.top - BEYOND_DOWN;
	const window: Rect = {
		left,
		top,
		width,
		height: arch ? BEYOND_DOWN + insideDown + (first.top + first.height - last.top - last.height) : tall
	};
	const move = (x: number, y: number): Point => ({ x: x - left, y: y - top });
	const shapes = [...faces(job, sight, holes, window, move), ...section(plan, job, sight, holes, window)];
	const depth = sectionDepth(job, sight);
	return {
		view: 'corner',
		title: arch ? 'Bottom left corner of the window, and its section' : 'Corner of the window, and its section',
		box: { left: 0, top: 0, width: window.width, height: window.height + BETWEEN_VIEWS + depth },
		shapes,
		dimensions: dimensions(plan, job, sight, holes, window, depth),
		callouts: [],
		namesFigures: true
	};
}

/** What lies within the loupe, each rectangle cut off at its edge. */
function faces(job: Decided, sight: Sight, holes: Rect[], loupe: Rect, move: (x: number, y: number) => Point): Shape[] {
	const cut = ({ left, top, width, height }: Rect): Point[] => {
		const [x1, y1] = [Math.max(left, loupe.left), Math.max(top, loupe.top)];
		const [x2, y2] = [Math.min(left + width, loupe.left + loupe.width), Math.min(top + height, loupe.top + loupe.height)];
		return [move(x1, y1), move(Math.max(x1, x2), y1), move(Math.max(x1, x2), Math.max(y1, y2)), move(x1, Math.max(y1, y2))];
	};
	const whole = cut(loupe);
	const { placement } = sight.opening;
	const sheet = {
		left: placement.left,
		top: placement.top,
		width: sight.measure.largest.width,
		height: sight.measure.largest.height
	};
	const shapes: Shape[] = [
		{ role: 'under-mat', rings: [whole], fill: CORE },
		{ role: 'sheet', rings: [cut(sheet)], fill: PAPER }
	];
	for (let index = job.mats.length - 1; index >= 0; index -= 1) {
		const mat = nth(job.mats, index);
		const hole = nth(holes, index);
		const bevel = mat.bevel === 'normal' ? mat.board.thickness : 0;
		const face = {
			left: hole.left - bevel,
			top: hole.top - bevel,
			width: hole.width + 2 * bevel,
			height: hole.height + 2 * bevel
		};
		if (bevel > 0) {
			shapes.push({ role: 'bevel', rings: [cut(face), cut(hole)], fill: mat.core?.hex ?? CORE });
			if (mat.bevelLine) {
				const inner = bevel * 0.55;
				const line = {
					left: hole.left - inner,
					top: hole.top - inner,
					width: hole.width + 2 * inner,
					height: hole.height + 2 * inner
				};
				shapes.push({ role: 'bevel-line', rings: [cut(face), cut(line)], fill: mat.bevelLine.hex });
			}
		}
		shapes.push({ role: 'mat', rings: [whole, cut(face)], fill: mat.colour.hex, title: `Mat ${index + 1}` });
	}
	shapes.push({ role: 'sheet-edge', rings: [cut(sheet)], title: 'Edge of the sheet' });
	return shapes;
}

function sectionDepth(job: Decided, sight: Sight): number {
	const mats = job.mats.reduce((sum, mat) => sum + mat.board.thickness + mat.lift, 0);
	return mats + Math.max(sight.piece.thickness, 0.5) + (job.guard.underMat?.thickness ?? 0);
}

/** Mats, lifts, sheet and under-mat cut through at the left edge. */
function section(plan: Plan, job: Decided, sight: Sight, holes: Rect[], loupe: Rect): Shape[] {
	const shapes: Shape[] = [];
	let y = loupe.height + BETWEEN_VIEWS;
	const x = (at: number) => at - loupe.left;
	for (const [index, mat] of job.mats.entries()) {
		const edge = x(nth(holes, index).left);
		const { thickness } = mat.board;
		const [above, below] = mat.bevel === 'normal' ? [edge - thickness, edge] : [edge, edge - thickness];
		shapes.push({
			role: 'layer',
			rings: [
				[
					{ x: 0, y },
					{ x: above, y },
					{ x: below, y: y + thickness },
					{ x: 0, y: y + thickness }
				]
			],
			fill: mat.colour.hex,
			hatch: 'board',
			title: `Mat ${index + 1}`
		});
		y += thickness;
		const { lift } = nth(there(plan.window, 'window').mats, index);
		if (lift)
			shapes.push({
				role: 'layer',
				rings: [rectangle(0, y, Math.max(0.1, edge - lift.setback), lift.height)],
				fill: CORE,
				hatch: 'board',
				title: 'Lift'
			});
		y += mat.lift;
	}
	const thick = Math.max(sight.piece.thickness, 0.5);
	const start = x(sight.opening.placement.left + (sight.opening.overlap ? sight.measure.usable.left : 0));
	const support = sight.choice.support;
	const bottom = y + (support ? 0 : thick);
	if (support) {
		const inset = (sight.measure.largest.width - there(sight.opening.support, 'support').width) / 2;
		shapes.push({
			role: 'layer',
			rings: [
				rectangle(start + inset, bottom - support.thickness, Math.max(0.1, loupe.width - start - inset), support.thickness)
			],
			fill: CORE,
			hatch: 'board',
			title: 'Support'
		});
	}
	const top = bottom - (support?.thickness ?? 0) - thick;
	shapes.push({
		role: 'layer',
		rings: [rectangle(start, top, Math.max(0.1, loupe.width - start), thick)],
		fill: PAPER,
		title: 'The sheet'
	});
	if (job.guard.underMat)
		shapes.push({
			role: 'layer',
			rings: [rectangle(0, bottom, loupe.width, job.guard.underMat.thickness)],
			fill: '#f3f1ea',
			hatch: 'board',
			title: 'Back mat'
		});
	return shapes;
}

function dimensions(plan: Plan, job: Decided, sight: Sight, holes: Rect[], loupe: Rect, depth: number): Dimension[] {
	const list: Dimension[] = [];
	const bottom = loupe.height + BETWEEN_VIEWS + depth;
	const x = (at: number) => at - loupe.left;
	for (let index = 1; index < holes.length; index += 1) {
		list.push({
			name: `reveal of mat ${index + 1}`,
			side: 'top',
			from: x(nth(holes, index - 1).left),
			to: x(nth(holes, index).left),
			value: nth(holes, index).left - nth(holes, index - 1).left,
			at: 0,
			look: 'mark'
		});
	}
	const { overlap } = sight.opening;
	if (overlap && overlap.left > 0) {
		const edge = x(lastOf(holes).left);
		list.push({
			name: 'overlap at the left',
			path: sight.number === null ? 'window.overlap.left' : `window.openings[${sight.index}].overlap.left`,
			side: 'bottom',
			from: edge - overlap.left,
			to: edge,
			value: overlap.left,
			at: bottom,
			look: 'mark'
		});
	}
	for (const [index, mat] of there(plan.window, 'window').mats.entries()) {
		if (!mat.lift) continue;
		const edge = x(nth(holes, index).left);
		list.push({
			name: `setback of lift ${index + 1}`,
			path: `window.mats[${index}].lift.setback`,
			side: 'bottom',
			from: edge - mat.lift.setback,
			to: edge,
			value: mat.lift.setback,
			at: bottom,
			look: 'mark'
		});
	}
	return list;
}
