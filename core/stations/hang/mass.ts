/** What the framed piece weighs, part by part (handbook hang#mass). */
import { packParts } from '../guard/pack-parts.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Window } from '../../figures/window.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Mass } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import { railLength } from '../frame/weight.ts';
import { FRAMES } from '../frame/kinds/all.ts';
import { there } from '../../units/there.ts';

export function planMass(job: Decided, shop: Shop, before: { window: Window; frame: Frame; sheetGrams: number[] }): Mass {
	const { window, frame } = before;
	const parts: Mass['parts'] = packParts(job, window, before.sheetGrams, shop.house, frame.lite).map(({ part, kg }) => ({
		part,
		kg
	}));
	const add = (part: string, kg: number) => parts.push({ part, kg });
	const strips = deepeningKg(job, frame);
	add('moulding', FRAMES[there(job.frame, 'frame').kind].kg(frame, shop.house));
	if (strips > 0) add('strips on the back', strips);
	add('hardware', shop.house.hardwareKg);
	return { kg: parts.reduce((sum, part) => sum + part.kg, 0), parts };
}

/** Strips as wide as the flat back of the moulding. */
function deepeningKg(job: Decided, { section, outer }: Frame): number {
	const wide = section.face - section.lip;
	return (wide * there(job.frame, 'frame').deepen * railLength(wide, outer) * section.density) / 1e9;
}
