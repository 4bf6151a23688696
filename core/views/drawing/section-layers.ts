/** The layers of the pack in section, each as far as it reaches, with its hatch. */
import type { Plan } from '../../plan.ts';
import type { House } from '../../shop/house.ts';
import type { Sight } from '../../rule/sights.ts';
import { CORE, PAPER } from '../../shop/colours.ts';
import type { Layout } from './section-frame.ts';
import type { Layer } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';
import { rectangle, type Hatch, type Shape } from '../../figures/scene.ts';

export function layerShapes(layer: Layer, top: number, plan: Plan, job: Decided, sight: Sight, layout: Layout): Shape[] {
	const faulty = plan.findings.some((finding) => finding.severity === 'stop' && finding.where === whereOf(layer));
	const look = { role: faulty ? ('layer-faulty' as const) : ('layer' as const), ...lookOf(layer, job) };
	const bottom = top + layer.thickness;
	const before = rectangle(layout.packLeft, top, layout.breakFrom - layout.packLeft, layer.thickness);
	const after = (to: number) => rectangle(layout.breakTo, top, to - layout.breakTo, layer.thickness);
	// Under the lip alone, where nobody sees it.
	if (layer.role === 'spacer') {
		const { thick, covering } = plan.pack!.spacer!;
		return [{ ...look, rings: [rectangle(layout.packLeft, top, thick + covering, layer.thickness)] }];
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
	// Board that comes with its adhesive on it is as large as the sheet.
	if (layer.role === 'support' && !sight.opening.support) {
		const start = Math.max(layout.breakTo, pieceStart(sight, job, layout));
		return [{ ...look, rings: [rectangle(start, top, layout.end - start, layer.thickness)] }];
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

export function whereOf(layer: Layer): string {
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
			return { fill: layer.role === 'mat' ? mat.colour.hex : CORE, hatch: hatchOf(mat.board.id) };
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

/** A strip folded round the sheet's left edge: on its face, and behind it. */
export function foldedStrip(plan: Plan, job: Decided, house: House, sight: Sight, tops: number[], layout: Layout): Shape[] {
	const strip = sight.hold?.strips?.find(({ side }) => side === 'left');
	const index = plan.pack!.layers.findIndex(({ role }) => role === 'piece');
	if (!strip || index < 0) return [];
	const [top, bottom] = [tops[index]!, tops[index]! + plan.pack!.layers[index]!.thickness];
	const edge = pieceStart(sight, job, layout);
	const line = [
		{ x: edge + strip.reach, y: top },
		{ x: edge - 0.4, y: top },
		{ x: edge - 0.4, y: bottom },
		{ x: Math.min(layout.end, edge + house.stripBehind), y: bottom }
	];
	return [{ role: 'wire', open: true, rings: [line], title: 'Edge strip' }];
}

export function layerTops(layers: Layer[], top: number): number[] {
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
