import { explainer, plus, type Why } from '../../rule/why.ts';
import type { House } from '../../shop/house.ts';
import { gapReason, isOverPiece } from './pack.ts';
import { whySpacer } from './spacer.ts';
import type { Layer, Pack } from '../../figures/pack.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import { LAYERS } from '../guard/layers/all.ts';
import { there } from '../../units/there.ts';

/** Explains every figure of Pack. */
export function whyPack(why: Why, pack: Pack, job: Decided, longest: number, frame: Frame | null, house: House): void {
	const explain = explainer(why);
	for (const [index, layer] of pack.layers.entries()) {
		explain(`pack.layers[${index}].thickness`, LAYERS[layer.role].thickness(layer, job), 'pack#thickness');
		for (const [at, { layers }] of (layer.made ?? []).entries())
			explain(`pack.layers[${index}].made[${at}].layers`, String(layers), 'pack#made');
	}
	if (pack.spacer) whySpacer(explain, job, frame, house);
	const of = (chosen: (layer: Layer) => boolean) =>
		plus(pack.layers.flatMap((layer, index) => (chosen(layer) ? [`pack.layers[${index}].thickness`] : [])));
	explain(
		'pack.thickness',
		of(({ inside }) => !inside),
		'pack#thickness'
	);
	const within = pack.layers.some(({ inside }) => inside);
	const inside = within ? ` - (${of(({ inside }) => inside === true)})` : '';
	explain('pack.gap', `${of(isOverPiece)}${inside}`, 'pack#gap');
	const large = longest > house.gapLargeFrom ? ['shop.house.gapLargeExtra'] : [];
	explain(
		'pack.gapNeed',
		plus([`shop.house.${gapReason(job, job.aim)}`, 'job.piece.cockle', 'job.piece.relief', ...large]),
		'pack#gap'
	);
	explain('pack.sag', `sag(shop.glazings[${job.guard.glazing.id}], window.pack, shop.house.gravity)`, 'pack#sag');
	const { glazing } = job.guard;
	explain(
		'pack.sagWeeks',
		glazing.family === 'acrylic'
			? `pack.sag * shop.glazings[${glazing.id}].stiffnessGPa / shop.house.acrylicCreepGPa`
			: 'pack.sag',
		'pack#sag'
	);
	explain('pack.sagCarried', 'pack.sag * sin(shop.house.carriedLean)', 'pack#sag');
	if (pack.clearance !== undefined)
		explain(
			'pack.clearance',
			plus(['frame.section.rabbetDepth', ...(there(job.frame, 'frame').deepen > 0 ? ['job.frame.deepen'] : [])]) +
				' - pack.thickness',
			'pack#clearance'
		);
}
