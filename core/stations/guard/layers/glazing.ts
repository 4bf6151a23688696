/** Glazing: a lite as large as the pack, or one that follows a frame that is out of true. */
import type { Decided } from '../../../job/decided.ts';
import type { Lite } from '../../../figures/frame.ts';
import { at, named, over, plain, sizeTerms, times, type Term } from '../../../rule/term.ts';
import { LITE_FIGURES, liteArea, mapLite } from '../../frame/lite.ts';
import { areaM2 } from '../areas.ts';
import type { LayerDefinition } from './layer.ts';
import { wholePack } from './section-rings.ts';

export const glazing: LayerDefinition = {
	side: 'over',
	each: null,
	faces: false,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: ({ guard }) =>
		guard.glazing.family === 'none' ? [] : [{ material: guard.glazing.id, thickness: guard.glazing.thickness }],
	where: () => 'guard.glazing',
	thickness: ({ thickness }, job) => thicknessOf(job, thickness),
	name: (_, { guard }) => guard.glazing.name,
	look: (_, { guard }) => ({ fill: '#cfe0e6', hatch: guard.glazing.family === 'acrylic' ? 'acrylic' : 'glass' }),
	drawn: wholePack,
	weighs: ({ job, window, lite }, _, add) => {
		const { glazing: pane } = job.guard;
		if (pane.family === 'none') return;
		// A lite that follows a frame weighs what it measures.
		const area = lite ? areaOfLite(lite) : areaM2('window.pack', window.pack);
		const of = (figure: 'densityKgM3') => at(`shop.glazings[${pane.id}].${figure}`, pane[figure]);
		add('glazing', over(times(area, thicknessOf(job, pane.thickness), of('densityKgM3')), plain(1000)), 0);
	},
	cut: ({ job, plan, board }, _, add) => {
		const { glazing: pane } = job.guard;
		if (pane.family === 'none' || job.kept.glazing) return;
		const lite = plan.frame?.lite;
		if (!lite) return board('glazing', pane.id);
		const { blank } = lite;
		const sides = mapLite((side) => at(`frame.lite.${side}`, lite[side]));
		add({ role: 'glazing', material: pane.id, ...sizeTerms('frame.lite.blank', blank), count: 1, from: 'sheet', sides });
	}
};

/** Of the catalogue, or as it was measured on a pane that stays. */
function thicknessOf({ guard, kept }: Decided, thickness: number): Term {
	return kept.glazing?.thickness == null
		? at(`shop.glazings[${guard.glazing.id}].thickness`, thickness)
		: at('job.kept.glazing.thickness', thickness);
}

/** m². */
function areaOfLite(lite: Lite): Term {
	const figures = LITE_FIGURES.map((figure) => at(`frame.lite.${figure}`, lite[figure]));
	return over(named('liteArea', liteArea(lite), figures), plain(1_000_000));
}
