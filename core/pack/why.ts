import type { Layer } from '../guard/guard.ts';
import type { Decided } from '../job/decide.ts';
import { explainer, plus, type Why } from '../why/why.ts';
import { gapReason, isOverPiece, standsInside, type Pack } from './pack.ts';

/** Explains every figure of Pack. */
export function whyPack(why: Why, pack: Pack, job: Decided, longest: number, largeFrom: number): void {
	const explain = explainer(why);
	for (const [index, layer] of pack.layers.entries())
		explain(`pack.layers[${index}].thickness`, thicknessOf(layer, job), 'pack#thickness');
	const of = (chosen: (layer: Layer) => boolean) =>
		plus(pack.layers.flatMap((layer, index) => (chosen(layer) ? [`pack.layers[${index}].thickness`] : [])));
	explain(
		'pack.thickness',
		of((layer) => !standsInside(layer, pack.layers)),
		'pack#thickness'
	);
	const within = pack.layers.some((layer) => standsInside(layer, pack.layers));
	const inside = within ? ` - (${of((layer) => standsInside(layer, pack.layers))})` : '';
	explain('pack.gap', `${of(isOverPiece)}${inside}`, 'pack#gap');
	const large = longest > largeFrom ? ['shop.house.gapLargeExtra'] : [];
	explain('pack.gapNeed', plus([`shop.house.${gapReason(job, job.aim)}`, 'job.piece.cockle', ...large]), 'pack#gap');
	explain('pack.sag', `sag(shop.glazings[${job.guard.glazing.id}], window.pack, shop.house.gravity)`, 'pack#sag');
	if (pack.clearance !== undefined) explain('pack.clearance', 'frame.section.rabbetDepth - pack.thickness', 'pack#clearance');
}

function thicknessOf(layer: Layer, job: Decided): string {
	switch (layer.role) {
		case 'glazing':
			return `shop.glazings[${layer.material}].thickness`;
		case 'spacer':
			return 'job.guard.spacer.thickness';
		case 'lift':
			return `job.mats[${layer.index}].lift`;
		case 'piece':
			return 'max(job.piece.thickness, shop.house.thinnestSheet)';
		case 'filler':
			return `job.guard.fillers[${layer.index}].thickness`;
		case 'barrier':
			return `shop.barriers[${layer.material}].thickness`;
		default:
			return `shop.boards[${layer.material ?? job.mats[0]!.board.id}].thickness`;
	}
}
