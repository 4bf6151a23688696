/** Clips at a stiff piece's edges in the frame; in a float patches behind it on its support, so that nothing shows (handbook hold#panels). */
import { isStiff } from '../../../job/decide-piece.ts';
import type { Size } from '../../../geometry/shapes.ts';
import { named, type Sight } from '../../../rule/sights.ts';
import { edgeCounts, evenPlaces } from '../edge-points.ts';
import { edgeContacts } from './hinged.ts';
import { whose, type HoldDefinition } from './kind.ts';
import { nth, there } from '../../../units/there.ts';

export const clips: HoldDefinition = {
	names: { choice: 'Clips at its edges', paper: 'Clips at its edges', label: 'clips' },
	refuses: ({ piece }) =>
		isStiff(piece) ? null : 'Clips hold what is stiff, a panel or a canvas. Choose hinges, corners or strips.',
	offered: () => true,
	adhesive: {
		usual: (float) => (float ? 'gummed-linen' : 'none'),
		refuses: (family, float) => {
			if (float && family === 'none')
				return 'In a float the panel is fixed to its support from behind. Choose what holds it, such as gummed-linen.';
			return !float && family !== 'none' ? 'Clips at the frame hold without adhesive. Choose none.' : null;
		}
	},
	plan: (shared, { job, shop: { house }, measure: { mean }, choice }) => {
		const counts = edgeCounts(mean, house);
		const sides = evenPlaces(mean.height, counts.side);
		const behind = choice.way === 'float';
		const { adhesive } = job.hold;
		return {
			...shared,
			count: 2 * (counts.top + counts.side),
			places: evenPlaces(mean.width, counts.top),
			size: behind ? { width: house.patch, height: house.patch } : { width: house.hingeWidth, height: house.hingeContact },
			...(behind ? { patchInside: house.patchInside } : {}),
			workingKPa: adhesive.loadKPa,
			dryMinutes: behind ? Math.max(adhesive.dryMinutes, house.supportDryMinutes) : adhesive.dryMinutes,
			fixed: [],
			others: [
				{ side: 'right', places: sides },
				{ side: 'bottom', places: evenPlaces(mean.width, counts.top) },
				{ side: 'left', places: sides }
			]
		};
	},
	explain: (explain, { hold, job }) => {
		explain('hold.inset', '0', 'hold#hinges');
		const adhesive = `shop.adhesives[${job.hold.adhesive.id}]`;
		const counts = { width: hold.places.length, height: nth(there(hold.others, 'others'), 0).places.length };
		explain('hold.count', `2 * (${counts.width} + ${counts.height})`, 'hold#panels');
		const places = (path: string, axis: keyof Size) => {
			for (let index = 0; index < counts[axis]; index += 1)
				explain(`${path}[${index}]`, `measure.mean.${axis} * (${index} + 0.5) / ${counts[axis]}`, 'hold#panels');
		};
		places('hold.places', 'width');
		for (const [at, { side }] of there(hold.others, 'others').entries())
			places(`hold.others[${at}].places`, side === 'bottom' ? 'width' : 'height');
		const behind = hold.patchInside !== undefined;
		explain('hold.size.width', behind ? 'shop.house.patch' : 'shop.house.hingeWidth', 'hold#panels');
		explain('hold.size.height', behind ? 'shop.house.patch' : 'shop.house.hingeContact', 'hold#panels');
		if (behind) explain('hold.patchInside', 'shop.house.patchInside', 'hold#panels');
		explain('hold.loadKPa', '0', 'hold#panels');
		explain('hold.workingKPa', `${adhesive}.loadKPa`, 'hold#panels');
		explain(
			'hold.dryMinutes',
			behind ? `max(${adhesive}.dryMinutes, shop.house.supportDryMinutes)` : `${adhesive}.dryMinutes`,
			'hold#drying'
		);
	},
	contacts: (of) => edgeContacts(of.choice.way === 'float' ? 'patch' : 'point')(of),
	// Clips are hardware; behind a panel in a float lie patches of tape. Glue is not cut.
	cut: (holds, job, _, add) => {
		if (job.hold.adhesive.family !== 'gummed') return;
		for (const [index, { size, count }] of holds.entries()) {
			const path = (axis: string) => named(job.several ? index + 1 : null, `hold.size.${axis}`);
			add(
				{ role: 'patch behind the piece', material: job.hold.adhesive.id, ...size, count, from: 'tissue', ...whose(job, index) },
				path('width'),
				path('height')
			);
		}
	},
	// At the frame the clips are the frame's own.
	shapes: ({ sight, held }) =>
		sight.choice.way === 'float' ? clips.contacts(sight).map(({ ring }) => held(ring, 'Patch behind the piece')) : [],
	step: (sights, writer) => {
		if (!writer.floats) return null;
		const [{ hold }] = sights as [Sight];
		const { family, name } = writer.job.hold.adhesive;
		const sides = nth(there(there(hold, 'hold').others, 'others'), 0).places;
		const inside = writer.mark(there(there(hold, 'hold').patchInside, 'patch inside'));
		const what = `${name}, ${family === 'gummed' ? 'patches' : 'spots'} ${writer.size(there(hold, 'hold').size, 'mark')}`;
		return {
			id: 'fix-panel',
			title: `Fix it to its support, ${there(hold, 'hold').count} places`,
			does: [
				`${what}, behind the ${writer.piece}, ${inside} inside its edge: top and bottom ${there(hold, 'hold').places.length} each, sides ${sides.length} each; from the left ${there(
					hold,
					'hold'
				)
					.places.map((one) => writer.mark(one))
					.join(', ')}, from the top ${sides.map((one) => writer.mark(one)).join(', ')}.`,
				'Nothing at its edge and nothing on its face; weighted overnight.'
			],
			because: 'Six points or more carry it evenly, and in a float its edge is seen.',
			waitMinutes: there(hold, 'hold').dryMinutes,
			uses: writer.parts('patch behind the piece')
		};
	},
	turn: 'in-place-of-placing',
	comesTo: ([hold]) => `${there(hold, 'hold').count} in all, moved by nothing but the wood`
};
