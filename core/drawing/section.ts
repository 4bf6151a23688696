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
import { named, sightsOf, type Sight } from '../sights.ts';
import { HOUSE } from '../shop/house.ts';
import { colourOf, CORE, PAPER } from './colours.ts';
import { spacerWidth } from '../cutting/list.ts';
import { layerName } from './layer-name.ts';
import { rectangle, type Callout, type Dimension, type Hatch, type Role, type Scene, type Shape } from './scene.ts';

/** Pack shown before the break, the break itself, and the piece shown inside the window. */
const BEFORE = 20;
const BREAK = 4;
const INSIDE = 16;

/** Wall of a metal section, as it is drawn. */
const METAL = 1.6;

type Layout = {
	/** Left edge of the pack, start and end of the break, the window's narrowest edge, the right end. */
	packLeft: number;
	breakFrom: number;
	breakTo: number;
	window: number;
	end: number;
	/** Top of the pack. */
	top: number;
	/** The frame's back, with strips on it; where there is no frame the pack's. */
	back: number;
};

/** @returns the scene, or null while there is no window; without a frame the pack stands alone */
export function sectionScene(plan: Plan, job: Decided, shop: Shop): Scene | null {
	if (!plan.window || !plan.pack) return null;
	const sight = sightsOf(job, plan)[0]!;
	const matless = job.mats.length === 0;
	const layout = matless ? matlessLayout(plan, job) : layoutOf(plan, job, sight);
	const tops = layerTops(plan.pack.layers, layout.top);
	const shapes = [
		...moulding(plan, job),
		...plan.pack.layers.flatMap((layer, index) => layerShapes(layer, tops[index]!, plan, job, sight, layout)),
		...foldedStrip(plan, job, sight, tops, layout),
		...edgeSeal(plan, layout),
		...fastener(plan, job, layout),
		...tape(plan, job, layout),
		...(matless ? [] : breakLines(plan, layout))
	];
	const height = Math.max(plan.frame ? layout.back : 0, layout.top + plan.pack.thickness);
	return {
		view: 'section',
		title: 'Section at the rabbet',
		box: { left: 0, top: 0, width: layout.end, height },
		shapes,
		dimensions: dimensions(plan, job, sight, layout, height),
		callouts: callouts(plan, job, shop, tops, layout),
		...(matless ? {} : { notToScale: 'The border is shortened between the break lines.' })
	};
}

function frameEdges(plan: Plan, job: Decided): Pick<Layout, 'packLeft' | 'top' | 'back'> {
	const { frame } = plan;
	if (!frame) return { packLeft: 0, top: 0, back: plan.pack!.thickness };
	const { face, lip, depth, rabbetDepth } = frame.section;
	return {
		packLeft: face - lip + frame.allowance.width / 2,
		top: job.frame!.kind === 'metal' ? METAL : depth - rabbetDepth,
		back: depth + job.frame!.deepen
	};
}

function layoutOf(plan: Plan, job: Decided, sight: Sight): Layout {
	const { window } = plan;
	const edges = frameEdges(plan, job);
	const breakFrom = edges.packLeft + BEFORE;
	const breakTo = breakFrom + BREAK;
	const reveals = window!.mats.at(-1)!.border.left - window!.mats[0]!.border.left;
	// Enough of the window's edge that the outermost bevel, the sheet's edge and the end of a lift are seen.
	const setback = Math.max(0, ...window!.mats.map((mat) => mat.lift?.setback ?? 0));
	const toWindow = Math.max(reveals + 6, (sight.opening.overlap?.left ?? 0) + 8, setback + reveals + 6);
	const at = breakTo + toWindow;
	return {
		...edges,
		breakFrom,
		breakTo,
		window: at,
		end: at + INSIDE + (sight.choice.way === 'float' ? sight.choice.gap : 0)
	};
}

/** Without a mat nothing is shortened: from the frame over the air to the piece. */
function matlessLayout(plan: Plan, job: Decided): Layout {
	const edges = frameEdges(plan, job);
	const piece = edges.packLeft + plan.window!.placement!.left;
	const end = Math.max(piece, plan.frame?.section.face ?? 0) + 1.5 * INSIDE;
	return { ...edges, breakFrom: end, breakTo: end, window: piece, end };
}

function layerTops(layers: Layer[], top: number): number[] {
	let at = top;
	const tops = layers.map((layer) => {
		const here = at;
		if (!layer.inside) at += layer.thickness;
		return here;
	});
	// A float stands on the board behind it, inside the depth of the mats.
	for (let index = layers.length - 2; index >= 0; index -= 1)
		if (layers[index]!.inside) tops[index] = tops[index + 1]! - layers[index]!.thickness;
	return tops;
}

function moulding(plan: Plan, job: Decided): Shape[] {
	if (!plan.frame) return [];
	const { kind, groove, deepen, name, colour } = job.frame!;
	const { face, lip, depth, rabbetDepth } = plan.frame.section;
	if (kind === 'metal')
		return [{ role: 'moulding', rings: [channel(plan.frame.section)], fill: colourOf(colour), hatch: 'metal', title: name }];
	const under = depth - rabbetDepth;
	const wall = face - lip;
	const notch: Point[] = groove
		? [
				{ x: wall, y: under + groove.from },
				{ x: wall - GROOVE_DEEP, y: under + groove.from },
				{ x: wall - GROOVE_DEEP, y: Math.min(depth, under + groove.from + groove.width) },
				{ x: wall, y: Math.min(depth, under + groove.from + groove.width) }
			]
		: [];
	const profile: Point[] = [
		{ x: 0, y: 0 },
		{ x: face, y: 0 },
		{ x: face, y: under },
		{ x: wall, y: under },
		...notch,
		{ x: wall, y: depth },
		{ x: 0, y: depth }
	];
	const shapes: Shape[] = [{ role: 'moulding', rings: [profile], fill: colourOf(colour), hatch: 'wood', title: name }];
	if (deepen > 0)
		shapes.push({
			role: 'strip',
			rings: [rectangle(0, depth, wall, deepen)],
			fill: colourOf('limed'),
			hatch: 'wood',
			title: 'Strip glued to the back'
		});
	return shapes;
}

/** As far as a groove is drawn into the wall. */
const GROOVE_DEEP = 2.5;

/** Front plate, wall, and the flange that the spring clips press against. */
function channel({ face, lip, depth, rabbetDepth }: { face: number; lip: number; depth: number; rabbetDepth: number }): Point[] {
	const wall = face - lip;
	const flange = METAL + rabbetDepth;
	const reach = Math.min(face, wall + 4);
	const thick = Math.min(METAL, Math.max(0.4, depth - flange));
	return [
		{ x: 0, y: 0 },
		{ x: face, y: 0 },
		{ x: face, y: METAL },
		{ x: wall, y: METAL },
		{ x: wall, y: flange },
		{ x: reach, y: flange },
		{ x: reach, y: flange + thick },
		{ x: wall, y: flange + thick },
		{ x: wall, y: depth },
		{ x: 0, y: depth }
	];
}

function layerShapes(layer: Layer, top: number, plan: Plan, job: Decided, sight: Sight, layout: Layout): Shape[] {
	const faulty = plan.findings.some((finding) => finding.severity === 'stop' && finding.where === whereOf(layer));
	const look = { role: faulty ? ('layer-faulty' as const) : ('layer' as const), ...lookOf(layer, job) };
	const bottom = top + layer.thickness;
	const before = rectangle(layout.packLeft, top, layout.breakFrom - layout.packLeft, layer.thickness);
	const after = (to: number) => rectangle(layout.breakTo, top, to - layout.breakTo, layer.thickness);
	// Under the lip alone, where nobody sees it.
	if (layer.role === 'spacer') {
		const wide = spacerWidth(plan.frame ?? null, HOUSE, job.step).mm;
		return [{ ...look, rings: [rectangle(layout.packLeft, top, wide, layer.thickness)] }];
	}
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
		const start = Math.max(layout.breakTo, pieceStart(sight, job, layout));
		const at = job.mats.length === 0 ? layout.window : start;
		const { relief } = sight.piece;
		const raised: Shape[] =
			relief > 0 ? [{ ...look, rings: [rectangle(layout.end - 11, top - relief, 8, relief)], title: 'Its tallest part' }] : [];
		return [{ ...look, rings: [rectangle(at, top, layout.end - at, layer.thickness)] }, ...raised];
	}
	if (layer.role === 'support') {
		const start = supportStart(sight, job, layout);
		const undercut = sight.choice.bevelledSupport ? Math.min(layer.thickness, layout.end - start) : 0;
		return [
			{
				...look,
				rings: [
					[
						{ x: start, y: top },
						{ x: layout.end, y: top },
						{ x: layout.end, y: bottom },
						{ x: start + undercut, y: bottom }
					]
				]
			}
		];
	}
	if (job.mats.length === 0)
		return [{ ...look, rings: [rectangle(layout.packLeft, top, layout.end - layout.packLeft, layer.thickness)] }];
	return [
		{ ...look, rings: [before] },
		{ ...look, rings: [after(layout.end)] }
	];
}

/** Left edge of the piece; of a leaning sheet at the middle of its height. */
function pieceStart(sight: Sight, job: Decided, layout: Layout): number {
	return job.mats.length === 0 ? layout.window : layout.window - sight.opening.sees.left + edgeOf(sight);
}

function supportStart(sight: Sight, job: Decided, layout: Layout): number {
	const { usable } = sight.measure;
	const left = usable.left + (usable.width - sight.opening.support!.width) / 2;
	return (job.mats.length === 0 ? layout.window : layout.window - sight.opening.sees.left) + left;
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

/** A strip folded round the sheet's left edge: on its face, and behind it. */
function foldedStrip(plan: Plan, job: Decided, sight: Sight, tops: number[], layout: Layout): Shape[] {
	const strip = sight.hold?.strips?.find(({ side }) => side === 'left');
	const index = plan.pack!.layers.findIndex(({ role }) => role === 'piece');
	if (!strip || index < 0) return [];
	const [top, bottom] = [tops[index]!, tops[index]! + plan.pack!.layers[index]!.thickness];
	const edge = pieceStart(sight, job, layout);
	const line = [
		{ x: edge + strip.reach, y: top },
		{ x: edge - 0.4, y: top },
		{ x: edge - 0.4, y: bottom },
		{ x: Math.min(layout.end, edge + HOUSE.stripBehind), y: bottom }
	];
	return [{ role: 'wire', open: true, rings: [line], title: 'Edge strip' }];
}

/** A rigid pin level in the rabbet's wall, a spring clip in the channel, an offset clip over the back. */
function fastener(plan: Plan, job: Decided, { packLeft, top, back }: Layout): Shape[] {
	if (!plan.frame) return [];
	const { face, lip, rabbetDepth } = plan.frame.section;
	const wall = face - lip;
	const end = top + plan.pack!.thickness;
	const line = (role: Role, title: string, points: Point[]): Shape[] => [{ role, open: true, rings: [points], title }];
	if (job.frame!.kind === 'metal') {
		const flange = METAL + rabbetDepth;
		if (plan.pack!.clearance! < HOUSE.clipLeast) return [];
		// A bow from under the flange onto the pack, and up again.
		const bow = Array.from({ length: 13 }, (_, index): Point => {
			const share = index / 12;
			return { x: wall + 0.5 + share * 13, y: flange - 0.3 - (flange - 0.7 - end) * Math.sin(share * Math.PI) };
		});
		return line('point', 'Spring clip', bow);
	}
	if (plan.frame.points.kind === 'offset-clips')
		return line('point', 'Offset clip', [
			{ x: Math.max(1, wall - 9), y: back + 0.8 },
			{ x: wall + 1, y: back + 0.8 },
			{ x: wall + 2, y: end + 0.8 },
			{ x: packLeft + 12, y: end + 0.8 }
		]);
	const y = end + 0.8;
	if (y > back) return [];
	return line('point', 'Point', [
		{ x: wall - 6, y },
		{ x: packLeft + 8, y }
	]);
}

function tape(plan: Plan, job: Decided, { packLeft, top, back }: Layout): Shape[] {
	const planned = plan.back?.tape;
	if (!planned || !plan.frame || job.frame!.kind === 'metal') return [];
	const { face, lip } = plan.frame.section;
	const wall = face - lip;
	const backing = top + plan.pack!.thickness + 1.4;
	const line: Point[] = [
		{ x: wall - planned.land, y: back },
		{ x: wall, y: back },
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

function dimensions(plan: Plan, job: Decided, sight: Sight, layout: Layout, height: number): Dimension[] {
	const { frame, pack } = plan;
	const list: Dimension[] = [];
	const end = layout.top + pack!.thickness;
	const left = (name: string, path: string | null, from: number, to: number, value: number): Dimension => ({
		name,
		...(path ? { path } : {}),
		side: 'left',
		from,
		to,
		value,
		at: 0,
		fine: true
	});
	if (frame) {
		const { face, lip, rabbetDepth } = frame.section;
		const { deepen } = job.frame!;
		const under = layout.top;
		list.push(
			{ name: 'face', path: 'frame.section.face', side: 'top', from: 0, to: face, value: face, at: 0, fine: true },
			{ name: 'lip', path: 'frame.section.lip', side: 'top', from: face - lip, to: face, value: lip, at: 0, fine: true },
			left(
				job.frame!.kind === 'metal' ? 'channel depth' : 'rabbet depth',
				'frame.section.rabbetDepth',
				under,
				under + rabbetDepth,
				rabbetDepth
			)
		);
		if (deepen > 0) list.push(left('strips on the back', null, under + rabbetDepth, layout.back, deepen));
		const receives = under + rabbetDepth + deepen;
		if (Math.abs(pack!.clearance!) > 0.05)
			list.push(
				left(
					pack!.clearance! < 0 ? 'pack stands proud' : 'clearance',
					'pack.clearance',
					Math.min(end, receives),
					Math.max(end, receives),
					Math.abs(pack!.clearance!)
				)
			);
	}
	list.push(left('pack thickness', 'pack.thickness', layout.top, end, pack!.thickness));
	if (job.mats.length === 0) return list;
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

/** Every layer with its thickness, and the air over the piece where it stands. */
function callouts(plan: Plan, job: Decided, shop: Shop, tops: number[], layout: Layout): Callout[] {
	const { layers, gap } = plan.pack!;
	const list = layers.map((layer, index) => callout(layer, index, tops[index]!, plan, job, shop, layout));
	const piece = layers.findIndex(({ role }) => role === 'piece');
	if (gap <= 0 || job.guard.glazing.family === 'none') return list;
	const air: Callout = {
		name: 'Air over the piece',
		path: 'pack.gap',
		value: gap,
		to: { x: layout.end - 2, y: tops[piece]! - gap / 2 }
	};
	return [...list, air].sort((one, other) => one.to.y - other.to.y);
}

function callout(layer: Layer, index: number, top: number, plan: Plan, job: Decided, shop: Shop, layout: Layout): Callout {
	const inPack = layout.packLeft + 2;
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
