/** Rings of layers in section, each as far as it reaches. */
import type { Figures } from '../../../figures.ts';
import type { Layout } from '../../../figures/scene.ts';
import { rectangle } from '../../../figures/scene.ts';
import type { Decided } from '../../../job/decided.ts';
import type { Sight } from '../../../rule/sights.ts';
import type { Drawn, SectionOf } from './layer.ts';
import { lastOf, nth, there } from '../../../units/there.ts';

/** From the pack's edge to the break. */
export function beforeBreak({ layout, top, layer }: SectionOf): Drawn {
	return { ring: rectangle(layout.packLeft, top, layout.breakFrom - layout.packLeft, layer.thickness) };
}

/** From the break on. */
export function afterBreak({ layout, top, layer }: SectionOf, to: number): Drawn {
	return { ring: rectangle(layout.breakTo, top, to - layout.breakTo, layer.thickness) };
}

/** As large as the pack; without a mat there is no break. */
export function wholePack(of: SectionOf): Drawn[] {
	const { layout, top, layer, job } = of;
	if (job.mats.length > 0) return [beforeBreak(of), afterBreak(of, layout.end)];
	return [{ ring: rectangle(layout.packLeft, top, layout.end - layout.packLeft, layer.thickness) }];
}

/** Left edge of the piece; of a leaning sheet at the middle of its height. */
export function pieceStart(sight: Sight, job: Decided, layout: Layout): number {
	return job.mats.length === 0 ? layout.window : layout.window - sight.opening.sees.left + edgeOf(sight);
}

/** A leaning sheet's edge at the middle of its height: the overlap is counted from what is usable. */
function edgeOf({ opening, measure }: Sight): number {
	return opening.overlap ? measure.usable.left : 0;
}

/** How much wider a mat opens than the window, at the left. */
export function revealsInside({ window }: Figures, index: number): number {
	return lastOf(there(window, 'window').mats).border.left - nth(there(window, 'window').mats, index).border.left;
}
