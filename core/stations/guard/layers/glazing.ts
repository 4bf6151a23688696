/** Glazing: a lite as large as the pack, or one that follows a frame that is out of true. */
import { liteArea } from '../../frame/lite.ts';
import { areaM2 } from '../areas.ts';
import type { LayerDefinition } from './layer.ts';
import { wholePack } from './section-rings.ts';

export const glazing: LayerDefinition = {
	side: 'over',
	each: null,
	faces: false,
	closes: false,
	touchesFloat: false,
	found: ({ guard }) =>
		guard.glazing.family === 'none' ? [] : [{ material: guard.glazing.id, thickness: guard.glazing.thickness }],
	where: () => 'guard.glazing',
	thickness: ({ material }) => `shop.glazings[${material}].thickness`,
	name: (_, { guard }) => guard.glazing.name,
	look: (_, { guard }) => ({ fill: '#cfe0e6', hatch: guard.glazing.family === 'acrylic' ? 'acrylic' : 'glass' }),
	drawn: wholePack,
	weighs: ({ job, window, lite }, _, add) => {
		const { glazing: pane } = job.guard;
		// A lite that follows a frame weighs what it measures.
		const area = lite ? liteArea(lite) / 1e6 : areaM2(window.pack);
		if (pane.family !== 'none') add('glazing', (area * pane.thickness * pane.densityKgM3) / 1000, 0);
	},
	cut: ({ job, plan, board }, _, add) => {
		const { glazing: pane } = job.guard;
		if (pane.family === 'none') return;
		const lite = plan.frame?.lite;
		if (!lite) return board('glazing', pane.id);
		const { blank, ...sides } = lite;
		add(
			{ role: 'glazing', material: pane.id, ...blank, count: 1, from: 'sheet', sides },
			'frame.lite.blank.width',
			'frame.lite.blank.height'
		);
	}
};
