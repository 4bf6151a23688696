/**
 * The section at the rabbet, true to scale but for the border, which is shortened between the break lines.
 *
 *   ┌──────────────┐                       x: from the frame's outer edge inward
 *   │              └─┐ lip                 y: from the face down
 *   │          ┌─────┴──── glazing ──┊──┊─────
 *   │          │           mats      ┊  ┊──╲ bevel at the window
 *   └──────────┘           backing   ┊  ┊─────
 */
import type { Layer } from '../guard/guard.ts';
import type { Decided } from '../job/decide.ts';
import type { Plan } from '../plan.ts';
import type { Point } from '../geometry/shapes.ts';
import type { Shop } from '../shop/shop.ts';
import { standsInside } from '../pack/pack.ts';
import { named, sightsOf, type Sight } from '../sights.ts';
import { HOUSE } from '../shop/house.ts';
import { colourOf, CORE, PAPER } from './colours.ts';
import { layerName } from './layer-name.ts';
import { rectangle, type Callout, type Dimension, type Hatch, type Scene, type Shape } from './scene.ts';

/** Pack shown before the break, the break itself, and the piece shown inside the window. */
const BEFORE = 20;
const BREAK = 4;
const INSIDE = 16;
const SPACER_WIDTH = HOUSE.spacerWidth;

type Layout = {
	/** Left edge of the pack, start and end of the break, the window's narrowest edge, the right end. */
	packLeft: number;
	breakFrom: number;
	breakTo: number;
	window: number;
	end: number;
	/** Top of the pack. */
	top: number;
};

/** @returns the scene, or null while there is no window; without a frame the pack stands alone */
export function sectionScene(plan: Plan, job: Decided, shop: Shop): Scene | null {
	if (!plan.window || !plan.pack) return null;
	const layout = layoutOf(plan, sightsOf(job, plan)[0]!);
	const tops = layerTops(plan.pack.layers, layout.top);
	const sight = sightsOf(job, plan)[0]!;
	const shapes = [
		...moulding(plan, job),
		...plan.pack.layers.flatMap((layer, index) => layerShapes(layer, tops[index]!, plan, job, sight, layout)),
		...edgeSeal(plan, layout),
		...point(plan, layout),
		...tape(plan, layout),
		...breakLines(plan, layout)
	];
	const height = Math.max(plan.frame?.section.depth ?? 0, layout.top + plan.pack.thickness);
	return {
		view: 'section',
		title: 'Section at the rabbet',
		box: { left: 0, top: 0, width: layout.end, height },
		shapes,
		dimensions: dimensions(plan, sight, layout, height),
		callouts: plan.pack.layers.map((layer, index) => callout(layer, index, tops[index]!, plan, job, shop, layout)),
		notToScale: 'The border is shortened between the break lines.'
	};
}

function layoutOf(plan: Plan, sight: Sight): Layout {
	const { frame, window } = plan;
	const packLeft = frame ? frame.section.face - frame.section.lip + frame.allowance.width / 2 : 0;
	const breakFrom = packLeft + BEFORE;
	const breakTo = breakFrom + BREAK;
	const reveals = window!.mats.at(-1)!.border.left - window!.mats[0]!.border.left;
	// Enough of the window's edge that the outermost bevel, the sheet's edge and the end of a lift are seen.
	const setback = Math.max(0, ...window!.mats.map((mat) => mat.lift?.setback ?? 0));
	const toWindow = Math.max(reveals + 6, (sight.opening.overlap?.left ?? 0) + 8, setback + reveals + 6);
	const at = breakTo + toWindow;
	return {
		packLeft,
		breakFrom,
		breakTo,
		window: at,
		end: at + INSIDE + (sight.choice.way === 'float' ? sight.choice.gap : 0),
		top: frame ? frame.section.depth - frame.section.rabbetDepth : 0
	};
}

function layerTops(layers: Layer[], top: number): number[] {
	let at = top;
	const tops = layers.map((layer) => {
		const here = at;
		if (!standsInside(layer, layers)) at += layer.thickness;
		return here;
	});
	// A float stands on the board behind it, inside the depth of the mats.
	for (let index = layers.length - 2; index >= 0; index -= 1)
		if (standsInside(layers[index]!, layers)) tops[index] = tops[index + 1]! - layers[index]!.thickness;
	return tops;
}

function moulding(plan: Plan, job: Decided): Shape[] {
	if (!plan.frame) return [];
	const { face, lip, depth, rabbetDepth } = plan.frame.section;
	const under = depth - rabbetDepth;
	const profile: Point[] = [
		{ x: 0, y: 0 },
		{ x: face, y: 0 },
		{ x: face, y: under },
		{ x: face - lip, y: under },
		{ x: face - lip, y: depth },
		{ x: 0, y: depth }
	];
	return [{ role: 'moulding', rings: [profile], fill: colourOf(job.frame!.colour), hatch: 'wood', title: job.frame!.name }];
}

function layerShapes(layer: Layer, top: number, plan: Plan, job: Decided, sight: Sight, layout: Layout): Shape[] {
	const faulty = plan.findings.some((finding) => finding.severity === 'stop' && finding.where === whereOf(layer));
	const look = { role: faulty ? ('layer-faulty' as const) : ('layer' as const), ...lookOf(layer, job) };
	const bottom = top + layer.thickness;
	const before = rectangle(layout.packLeft, top, layout.breakFrom - layout.packLeft, layer.thickness);
	const after = (to: number) => rectangle(layout.breakTo, top, to - layout.breakTo, layer.thickness);
	// Under the lip alone, where nobody sees it.
	if (layer.role === 'spacer') return [{ ...look, rings: [rectangle(layout.packLeft, top, SPACER_WIDTH, layer.thickness)] }];
	if (layer.role === 'mat') {
		const edge = layout.window - revealsInside(plan, layer.index!);
		const bevel =
			job.mats[layer.index!]!.bevel === 'normal'
				? { top: edge - layer.thickness, bottom: edge }
				: { top: edge, bottom: edge - layer.thickness };
		const cut = [
			{ x: layout.breakTo, y: top },
			{ x: bevel.top, y: top },
			{ x: bevel.bottom, y: bottom },
			{ x: layout.breakTo, y: bottom }
		];
		return [
			{ ...look, rings: [before] },
			{ ...look, rings: [cut] }
		];
	}
	if (layer.role === 'lift') {
		const { lift } = plan.window!.mats[layer.index!]!;
		// In a frame that is too small the strips have no room.
		if (!lift) return [];
		const end = layout.window - revealsInside(plan, layer.index!) - lift.setback;
		return end > layout.breakTo
			? [
					{ ...look, rings: [before] },
					{ ...look, rings: [after(end)] }
				]
			: [{ ...look, rings: [before] }];
	}
	if (layer.role === 'piece') {
		const start = Math.max(layout.breakTo, layout.window - sight.opening.sees.left + edgeOf(sight));
		return [{ ...look, rings: [rectangle(start, top, layout.end - start, layer.thickness)] }];
	}
	if (layer.role === 'support') {
		const { usable } = sight.measure;
		const start = layout.window - sight.opening.sees.left + usable.left + (usable.width - sight.opening.support!.width) / 2;
		return [{ ...look, rings: [rectangle(start, top, layout.end - start, layer.thickness)] }];
	}
	return [
		{ ...look, rings: [before] },
		{ ...look, rings: [after(layout.end)] }
	];
}

/** A leaning sheet's edge at the middle of its height: the overlap is counted from what is usable. */
function edgeOf({ opening, measure }: Sight): number {
	return opening.overlap ? measure.usable.left : 0;
}

/** How much wider this mat opens than the window, at the left. */
function revealsInside(plan: Plan, index: number): number {
	return plan.window!.mats.at(-1)!.border.left - plan.window!.mats[index]!.border.left;
}

function whereOf(layer: Layer): string {
	if (layer.role === 'mat') return `mats[${layer.index}].board`;
	if (layer.role === 'filler') return `guard.fillers[${layer.index}].board`;
	return (
		{
			glazing: 'guard.glazing',
			spacer: 'guard.spacer',
			barrier: 'guard.barrier',
			support: 'window.support',
			'under-mat': 'guard.underMat',
			backing: 'guard.backing'
		}[layer.role as string] ?? ''
	);
}

function lookOf(layer: Layer, job: Decided): { fill: string; hatch?: Hatch } {
	switch (layer.role) {
		case 'glazing':
			return { fill: '#cfe0e6', hatch: job.guard.glazing.family === 'acrylic' ? 'acrylic' : 'glass' };
		case 'spacer':
			return { fill: CORE, hatch: 'board' };
		case 'piece':
			return { fill: PAPER, hatch: 'paper' };
		case 'barrier':
			return { fill: '#b9bec2', hatch: 'film' };
		case 'mat':
		case 'lift': {
			const mat = job.mats[layer.index!]!;
			return { fill: layer.role === 'mat' ? colourOf(mat.colour) : CORE, hatch: hatchOf(mat.board.id) };
		}
		default:
			return { fill: '#f3f1ea', hatch: hatchOf(layer.material!) };
	}
}

function hatchOf(board: string): Hatch {
	if (board.startsWith('foam')) return 'foam';
	if (board.startsWith('fluted')) return 'plastic';
	if (board.startsWith('aluminium')) return 'metal';
	return board.startsWith('cotton') || board.startsWith('purified') || board.startsWith('alkaline') ? 'board' : 'pulp';
}

function edgeSeal(plan: Plan, { packLeft, top }: Layout): Shape[] {
	if (!plan.back?.edgeSeal) return [];
	const bottom = top + plan.pack!.thickness;
	const line: Point[] = [
		{ x: packLeft + 3, y: top },
		{ x: packLeft, y: top },
		{ x: packLeft, y: bottom },
		{ x: packLeft + 10, y: bottom }
	];
	return [{ role: 'edge-seal', open: true, rings: [line], title: 'Edge seal' }];
}

/** A rigid pin driven level into the rabbet's wall, lying on the backing. */
function point(plan: Plan, { packLeft, top }: Layout): Shape[] {
	if (!plan.frame) return [];
	const wall = plan.frame.section.face - plan.frame.section.lip;
	const y = top + plan.pack!.thickness + 0.8;
	if (y > plan.frame.section.depth) return [];
	return [
		{
			role: 'point',
			open: true,
			rings: [
				[
					{ x: wall - 6, y },
					{ x: packLeft + 8, y }
				]
			],
			title: 'Point'
		}
	];
}

function tape(plan: Plan, { packLeft, top }: Layout): Shape[] {
	const planned = plan.back?.tape;
	if (!planned || !plan.frame) return [];
	const { face, lip, depth } = plan.frame.section;
	const wall = face - lip;
	const backing = Math.min(depth, top + plan.pack!.thickness) + 1.4;
	const line: Point[] = [
		{ x: wall - planned.land, y: depth },
		{ x: wall, y: depth },
		{ x: wall + 0.6, y: backing },
		{ x: packLeft + 15, y: backing }
	];
	return [{ role: 'tape', open: true, rings: [line], title: 'Back tape' }];
}

function breakLines(plan: Plan, { breakFrom, breakTo, top }: Layout): Shape[] {
	const bottom = top + plan.pack!.thickness;
	const zigzag = (x: number): Point[] => {
		const middle = (top + bottom) / 2;
		return [
			{ x, y: top - 1.5 },
			{ x, y: middle - 1.5 },
			{ x: x - 1, y: middle - 0.5 },
			{ x: x + 1, y: middle + 0.5 },
			{ x, y: middle + 1.5 },
			{ x, y: bottom + 1.5 }
		];
	};
	return [breakFrom, breakTo].map((x) => ({ role: 'break' as const, open: true as const, rings: [zigzag(x)] }));
}

function dimensions(plan: Plan, sight: Sight, layout: Layout, height: number): Dimension[] {
	const { frame, pack } = plan;
	const list: Dimension[] = [];
	if (frame) {
		const { face, lip, depth, rabbetDepth } = frame.section;
		list.push(
			{ name: 'face', path: 'frame.section.face', side: 'top', from: 0, to: face, value: face, at: 0, fine: true },
			{
				name: 'rabbet depth',
				path: 'frame.section.rabbetDepth',
				side: 'left',
				from: depth - rabbetDepth,
				to: depth,
				value: rabbetDepth,
				at: 0,
				fine: true
			},
			{ name: 'lip', path: 'frame.section.lip', side: 'top', from: face - lip, to: face, value: lip, at: 0, fine: true }
		);
	} else {
		list.push({
			name: 'pack thickness',
			path: 'pack.thickness',
			side: 'left',
			from: layout.top,
			to: layout.top + pack!.thickness,
			value: pack!.thickness,
			at: 0,
			fine: true
		});
	}
	const { overlap, sees } = sight.opening;
	if (overlap && overlap.left > 0)
		list.push({
			name: 'overlap at the left',
			path: named(sight.number, 'window.overlap.left'),
			side: 'bottom',
			from: layout.window - overlap.left,
			to: layout.window,
			value: overlap.left,
			at: height,
			fine: true
		});
	else if (!overlap)
		list.push({
			name: 'air beside the float',
			side: 'bottom',
			from: layout.window,
			to: layout.window - sees.left,
			value: -sees.left,
			at: height,
			fine: true
		});
	return list;
}

function callout(layer: Layer, index: number, top: number, plan: Plan, job: Decided, shop: Shop, layout: Layout): Callout {
	const inPack = layout.packLeft + SPACER_WIDTH / 2;
	const x = layer.role === 'spacer' ? inPack : layer.role === 'mat' || layer.role === 'lift' ? layout.breakTo + 2 : layout.end;
	const stop = plan.findings.some(
		(finding) => finding.severity === 'stop' && finding.where !== undefined && finding.where === whereOf(layer)
	);
	return {
		name: layerName(layer, job, shop),
		path: `pack.layers[${index}].thickness`,
		value: layer.thickness,
		to: { x, y: top + layer.thickness / 2 },
		...(stop ? { sign: 'stop' as const } : {})
	};
}
