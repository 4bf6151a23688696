/** The layers of the pack in section, each as far as it reaches, with its hatch. */
import type { Plan } from '../../plan.ts';
import type { House } from '../../shop/house.ts';
import type { Sight } from '../../rule/sights.ts';
import type { Layer } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';
import { type Shape, type Layout } from '../../figures/scene.ts';
import { LAYERS, whereOf } from '../../stations/guard/layers/all.ts';
import { pieceStart } from '../../stations/guard/layers/section-rings.ts';
import { nth, there } from '../../units/there.ts';

export function layerShapes(layer: Layer, top: number, plan: Plan, job: Decided, sight: Sight, layout: Layout): Shape[] {
	const faulty = plan.findings.some((finding) => finding.severity === 'stop' && finding.where === whereOf(layer));
	const { look, drawn } = LAYERS[layer.role];
	const shape = { role: faulty ? ('layer-faulty' as const) : ('layer' as const), ...look(layer, job) };
	return drawn({ layer, top, bottom: top + layer.thickness, plan, job, sight, layout }).map(({ ring, title }) => ({
		...shape,
		rings: [ring],
		...(title ? { title } : {})
	}));
}

/** A strip folded round the sheet's left edge: on its face, and behind it. */
export function foldedStrip(plan: Plan, job: Decided, house: House, sight: Sight, tops: number[], layout: Layout): Shape[] {
	const strip = sight.hold?.strips?.find(({ side }) => side === 'left');
	const index = there(plan.pack, 'pack').layers.findIndex(({ role }) => role === 'piece');
	if (!strip || index < 0) return [];
	const [top, bottom] = [nth(tops, index), nth(tops, index) + nth(there(plan.pack, 'pack').layers, index).thickness];
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
		if (nth(layers, index).inside) tops[index] = nth(tops, index + 1) - nth(layers, index).thickness;
	return tops;
}
