/** A spacer: strips under the lip that hold the glazing off the piece (handbook pack#spacer). */
import type { SpacerMaterial } from '../../../job/kinds.ts';
import { rectangle } from '../../../figures/scene.ts';
import { at } from '../../../rule/term.ts';
import { CORE } from '../../../shop/colours.ts';
import { spacerBoards, stackBeside } from '../../pack/made.ts';
import type { LayerDefinition } from './layer.ts';
import { there } from '../../../units/there.ts';

export const SPACER_NAMES: Record<SpacerMaterial, string> = {
	cotton: 'Spacer, cotton board',
	acrylic: 'Spacer, acrylic',
	'wood-lined': 'Spacer, lined wood'
};

export const spacer: LayerDefinition = {
	side: 'over',
	each: null,
	faces: false,
	closes: false,
	touchesFloat: false,
	standsOff: false,
	found: (job, shop) => {
		if (!job.guard.spacer) return [];
		const { material, thickness } = job.guard.spacer;
		const made = material === 'cotton' ? stackBeside(thickness, spacerBoards(job, shop), job, shop.house.madeWithin) : null;
		return [{ material, thickness, made }];
	},
	where: () => 'guard.spacer',
	thickness: ({ thickness }) => at('job.guard.spacer.thickness', thickness),
	name: (_, { guard }) => SPACER_NAMES[there(guard.spacer, 'spacer').material],
	look: (_, { guard }) => ({ fill: guard.spacer?.colour?.hex ?? CORE, hatch: 'board' }),
	// Under the lip alone, where nobody sees it.
	drawn: ({ plan, layout, top, layer }) => {
		const { thick, covering } = there(there(plan.pack, 'pack').spacer, 'spacer');
		return [{ ring: rectangle(layout.packLeft, top, thick + covering, layer.thickness) }];
	},
	weighs: () => {},
	// Two full length, two between them; of board in as many layers as make the height, else from a stick of that height.
	cut: ({ job, plan }, _, add) => {
		const { layers, spacer: planned } = plan.pack ?? {};
		if (!layers || !planned) return;
		const { material } = there(job.guard.spacer, 'spacer');
		const { lengths, thick, high } = planned;
		const made = layers.find(({ role }) => role === 'spacer')?.made;
		const parts = made ?? [{ board: material, layers: 1 }];
		for (const { board, layers: count } of parts)
			for (const [axis, sides] of [
				['across', 'top and bottom'],
				['down', 'left and right']
			] as const)
				add({
					role: 'spacer',
					material: board,
					width: at(`pack.spacer.lengths.${axis}`, lengths[axis]),
					height: at('pack.spacer.thick', thick),
					high: at('pack.spacer.high', high),
					count: 2 * count,
					from: made ? 'sheet' : 'stick',
					of: sides,
					...(count > 1 ? { layers: count } : {})
				});
	}
};
