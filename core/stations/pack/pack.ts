/** Station Pack: how thick the whole is, how much air lies over the piece, and how much it needs (handbook pack). */
import type { Size } from '../../geometry/shapes.ts';
import { sagFlat } from '../sag/sag.ts';
import type { Grade } from '../../shop/grades.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { isStiff, type Piece } from '../../job/decide-piece.ts';
import { hangsOnMat } from '../../job/hangs-on-mat.ts';
import type { Layer, Pack } from '../../figures/pack.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { at, houseTerms, less, named, over, plain, sine, sum, tidied, times, type Term } from '../../rule/term.ts';
import { nth, there } from '../../units/there.ts';
import { LAYERS } from '../guard/layers/all.ts';

export function planPack(
	job: Decided,
	shop: Shop,
	before: { layers: Layer[]; pack: Size; longest: number },
	figure: Figure
): Pack {
	const { layers } = before;
	const house = houseTerms(shop.house);
	const { glazing } = job.guard;
	const thick = layers.map((layer, index) =>
		figure(`pack.layers[${index}].thickness`, LAYERS[layer.role].thickness(layer, job, shop.house), 'pack#thickness')
	);
	for (const [index, { made }] of layers.entries())
		for (const [which, { layers: count }] of (made ?? []).entries())
			figure(`pack.layers[${index}].made[${which}].layers`, plain(count), 'pack#made');
	const together = (chosen: (layer: Layer) => boolean) => sum(...thick.filter((_, index) => chosen(nth(layers, index))));
	const inside = layers.some((layer) => layer.inside) ? [together((layer) => layer.inside === true)] : [];
	const sag = figure(
		'pack.sag',
		named('sag', sagFlat(glazing, before.pack, shop.house.gravity), [
			// A pane that stays bends as thick as it was measured.
			at(job.kept.glazing ? 'job.guard.glazing' : `shop.glazings[${glazing.id}]`, Number.NaN),
			at('window.pack', Number.NaN),
			house('gravity')
		]),
		'pack#sag'
	);
	const stiffness = at(`shop.glazings[${glazing.id}].stiffnessGPa`, glazing.stiffnessGPa);
	return {
		layers,
		thickness: figure(
			'pack.thickness',
			together((layer) => !layer.inside),
			'pack#thickness'
		).value,
		gap: figure(
			'pack.gap',
			less(
				together((layer) => isOverPiece(layer, job)),
				...inside
			),
			'pack#gap'
		).value,
		gapNeed: figure('pack.gapNeed', gapNeed(job, shop.house, job.aim, before.longest), 'pack#gap').value,
		sag: sag.value,
		sagWeeks: figure(
			'pack.sagWeeks',
			glazing.family === 'acrylic' ? over(times(sag, stiffness), house('acrylicCreepGPa')) : sag,
			'pack#sag'
		).value,
		sagCarried: figure('pack.sagCarried', times(sag, sine(house('carriedLean'))), 'pack#sag').value
	};
}

/** What the frame's rabbet leaves behind the pack. */
export function clearanceOf(job: Decided, { thickness }: Pack, { section }: Frame, figure: Figure): number {
	const { deepen } = there(job.frame, 'frame');
	const rabbet = at('frame.section.rabbetDepth', section.rabbetDepth);
	const depth = deepen > 0 ? sum(rabbet, at('job.frame.deepen', deepen)) : rabbet;
	return figure('pack.clearance', tidied(less(depth, at('pack.thickness', thickness))), 'pack#clearance').value;
}

/** What lies between the glazing and the piece's face. */
export function isOverPiece(layer: Layer, job: Decided): boolean {
	// The lift of the mat that it hangs on lies beside the sheet, not before it.
	if (layer.role === 'lift') return !(hangsOnMat(job) && layer.index === job.mats.length - 1);
	return layer.role === 'mat' || layer.role === 'spacer';
}

export type GapReason = 'gapFlat' | 'gapSticky' | 'gapFriable';

/** The largest need that applies: friable most, then photographs, panels, what sticks, and everything at Rare. */
export function gapReason({ piece }: Pick<Decided, 'piece'>, grade: Grade): GapReason {
	const { kind, friable, deepGap, sticks } = piece;
	if (friable || deepGap || kind === 'object') return 'gapFriable';
	return kind === 'photograph' || kind === 'textile' || isStiff(kind) || sticks || grade === 'rare' ? 'gapSticky' : 'gapFlat';
}

/** The same as a number, mm, of a piece alone. */
export function gapNeedOf(piece: Piece, house: House, grade: Grade, longest: number): number {
	return gapNeed({ piece }, house, grade, longest).value;
}

/** Need of air over the piece at a grade, mm: its reason's figure + the cockle + what stands above its face + 1 for a large sheet. */
export function gapNeed(job: Pick<Decided, 'piece'>, of: House, grade: Grade, longest: number): Term {
	const house = houseTerms(of);
	const { cockle, relief } = job.piece;
	const large = longest > of.gapLargeFrom ? [house('gapLargeExtra')] : [];
	return sum(house(gapReason(job, grade)), at('job.piece.cockle', cockle), at('job.piece.relief', relief), ...large);
}
