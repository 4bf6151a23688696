/**
 * The section at the rabbet, true to scale but for the border, which is shortened between the break lines.
 *
 *   ┌──────────────┐                       x: from the frame's outer edge inward
 *   │              └─┐ lip                 y: from the face down
 *   │          ┌─────┴──── glazing ──┊──┊─────
 *   │          │           mats      ┊  ┊──╲ bevel at the window
 *   └──────────┘           backing   ┊  ┊─────
 */
import type { Plan } from '../../plan.ts';
import type { Point } from '../../geometry/shapes.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import { named, sightsOf, type Sight } from '../../rule/sights.ts';
import type { Look } from '../../units/show.ts';
import { edgeSeal, fastener, METAL_WALL, moulding, tape } from './section-frame.ts';
import { foldedStrip, layerShapes, layerTops } from './section-layers.ts';
import type { Layer } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';
import type { Callout, Dimension, Scene, Shape, Layout } from '../../figures/scene.ts';
import { layerName, whereOf } from '../../stations/guard/layers/all.ts';
import { FRAMES, frameKindOf } from '../../stations/frame/kinds/all.ts';
import { lastOf, nth, there } from '../../units/there.ts';

/** Pack shown before the break, the break itself, and the piece shown inside the window. */
const BEFORE = 20;
const BREAK = 4;
const INSIDE = 16;

/** @returns the scene, or null while there is no window; without a frame the pack stands alone */
export function sectionScene(plan: Plan, job: Decided, shopAsItIs: Shop): Scene | null {
	const shop = shopFor(shopAsItIs, job.cutIn);
	const { house } = shop;
	if (!plan.window || !plan.pack) return null;
	const sight = nth(sightsOf(job, plan), 0);
	const matless = job.mats.length === 0;
	const layout = matless ? matlessLayout(plan, job) : layoutOf(plan, job, sight);
	const tops = layerTops(plan.pack.layers, layout.top);
	const shapes = [
		...moulding(plan, job),
		...plan.pack.layers.flatMap((layer, index) => layerShapes(layer, nth(tops, index), plan, job, sight, layout)),
		...foldedStrip(plan, job, house, sight, tops, layout),
		...edgeSeal(plan, job, house, layout),
		...fastener(plan, job, house, layout),
		...tape(plan, job, house, layout),
		...(matless ? [] : breakLines(plan, layout))
	];
	const height = Math.max(plan.frame ? layout.back : 0, layout.top + plan.pack.thickness);
	return {
		view: 'section',
		title: plan.frame ? `Section at the ${frameKindOf(job)?.recess}` : 'Section through the pack',
		box: { left: 0, top: 0, width: layout.end, height },
		shapes,
		dimensions: dimensions(plan, job, sight, layout, height),
		callouts: callouts(plan, job, shop, tops, layout),
		...(matless ? {} : { notToScale: 'The border is shortened between the break lines.' })
	};
}

function frameEdges(plan: Plan, job: Decided): Pick<Layout, 'packLeft' | 'top' | 'back'> {
	const { frame } = plan;
	if (!frame) return { packLeft: 0, top: 0, back: there(plan.pack, 'pack').thickness };
	const { face, lip, depth, rabbetDepth } = frame.section;
	return {
		packLeft: face - lip + frame.allowance.width / 2,
		top: FRAMES[there(job.frame, 'frame').kind].clips ? METAL_WALL : depth - rabbetDepth,
		back: depth + there(job.frame, 'frame').deepen
	};
}

function layoutOf(plan: Plan, job: Decided, sight: Sight): Layout {
	const { window } = plan;
	const edges = frameEdges(plan, job);
	const breakFrom = edges.packLeft + BEFORE;
	const breakTo = breakFrom + BREAK;
	const reveals = lastOf(there(window, 'window').mats).border.left - nth(there(window, 'window').mats, 0).border.left;
	// Enough of the window's edge that the outermost bevel, the sheet's edge and the end of a lift are seen.
	const setback = Math.max(0, ...there(window, 'window').mats.map((mat) => mat.lift?.setback ?? 0));
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
	const piece = edges.packLeft + there(there(plan.window, 'window').placement, 'placement').left;
	const end = Math.max(piece, plan.frame?.section.face ?? 0) + 1.5 * INSIDE;
	return { ...edges, breakFrom: end, breakTo: end, window: piece, end };
}

function breakLines(plan: Plan, { breakFrom, breakTo, top }: Layout): Shape[] {
	const bottom = top + there(plan.pack, 'pack').thickness;
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
	const end = layout.top + there(pack, 'pack').thickness;
	const left = (name: string, path: string | null, from: number, to: number, value: number, look: Look): Dimension => ({
		name,
		...(path ? { path } : {}),
		side: 'left',
		from,
		to,
		value,
		at: 0,
		look
	});
	if (frame) {
		const { face, lip, rabbetDepth } = frame.section;
		const { deepen } = there(job.frame, 'frame');
		const under = layout.top;
		list.push(
			{ name: 'face', path: 'frame.section.face', side: 'top', from: 0, to: face, value: face, at: 0, look: 'mark' },
			{ name: 'lip', path: 'frame.section.lip', side: 'top', from: face - lip, to: face, value: lip, at: 0, look: 'mark' },
			left(
				`${FRAMES[there(job.frame, 'frame').kind].recess} depth`,
				'frame.section.rabbetDepth',
				under,
				under + rabbetDepth,
				rabbetDepth,
				'mark'
			)
		);
		if (deepen > 0) list.push(left('strips on the back', null, under + rabbetDepth, layout.back, deepen, 'mark'));
		const receives = under + rabbetDepth + deepen;
		if (Math.abs(there(there(pack, 'pack').clearance, 'clearance')) > 0.05)
			list.push(
				left(
					there(there(pack, 'pack').clearance, 'clearance') < 0 ? 'pack proud of the frame' : 'clearance',
					'pack.clearance',
					Math.min(end, receives),
					Math.max(end, receives),
					Math.abs(there(there(pack, 'pack').clearance, 'clearance')),
					'fine'
				)
			);
	}
	list.push(left('pack thickness', 'pack.thickness', layout.top, end, there(pack, 'pack').thickness, 'fine'));
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
			look: 'mark'
		});
	else if (!overlap)
		list.push({
			name: 'gap beside the float',
			side: 'bottom',
			from: layout.window,
			to: layout.window - sees.left,
			value: -sees.left,
			at: height,
			look: 'mark'
		});
	return list;
}

/** Every layer with its thickness, and the air over the piece where it stands. */
function callouts(plan: Plan, job: Decided, shop: Shop, tops: number[], layout: Layout): Callout[] {
	const { layers, gap } = there(plan.pack, 'pack');
	const list = layers.map((layer, index) => callout(layer, index, nth(tops, index), plan, job, shop, layout));
	const piece = layers.findIndex(({ role }) => role === 'piece');
	if (gap <= 0 || job.guard.glazing.family === 'none') return list;
	const air: Callout = {
		name: 'Gap over the piece',
		path: 'pack.gap',
		value: gap,
		to: { x: layout.end - 2, y: nth(tops, piece) - gap / 2 }
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
