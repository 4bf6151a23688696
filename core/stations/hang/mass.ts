/** What the framed piece weighs, part by part (handbook hang#mass). */
import { packParts } from '../guard/pack-parts.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Window } from '../../figures/window.ts';
import type { Frame } from '../../figures/frame.ts';
import type { Mass } from '../../figures/hang.ts';
import type { Decided } from '../../job/decided.ts';
import type { Figure } from '../../rule/book.ts';
import { at, houseTerms, sum, type Term } from '../../rule/term.ts';
import { cleatKg, deepeningKg, stripKg } from '../frame/weight.ts';
import { frameKindOf } from '../frame/kinds/all.ts';
import { there } from '../../units/there.ts';

export function planMass(
	job: Decided,
	shop: Shop,
	before: { window: Window; frame: Frame; sheetGrams: readonly number[] },
	figure: Figure
): Mass {
	const { window, frame } = before;
	const { deepen } = there(job.frame, 'frame');
	const parts: { part: string; kg: Term }[] = [
		...packParts(job, window, before.sheetGrams, shop.house, frame.lite),
		{ part: 'moulding', kg: there(frameKindOf(job), 'frame').kg(frame, shop.house) },
		...(deepen > 0 ? [{ part: 'strips on the back', kg: deepeningKg(frame, deepen) }] : []),
		...(job.hang.by === 'cleat' && !job.kept.hangers ? [{ part: 'frame rail and strip', kg: cleatKg(frame, shop.house) }] : []),
		...(job.hang.strip ? [{ part: 'cross strip', kg: stripKg(frame, shop.house) }] : []),
		{ part: 'hardware', kg: houseTerms(shop.house)('hardwareKg') }
	];
	const masses = parts.map(({ kg }, index) => figure(`mass.parts[${index}].kg`, kg, 'hang#mass'));
	return {
		...weighedOr(sum(...masses), job, figure),
		parts: parts.map(({ part, kg }) => ({ part, kg: kg.value }))
	};
}

/** A scale goes before the sum, which is kept beside it. */
function weighedOr(computed: Term, { hang: { weighed } }: Decided, figure: Figure): Pick<Mass, 'kg' | 'computed'> {
	if (weighed === null) return { kg: figure('mass.kg', computed, 'hang#mass').value };
	return {
		computed: figure('mass.computed', computed, 'hang#mass').value,
		kg: figure('mass.kg', at('job.hang.weighed', weighed), 'hang#mass').value
	};
}
