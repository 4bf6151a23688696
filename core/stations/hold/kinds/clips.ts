/** Clips at a stiff piece's edges in the frame; in a float patches behind it on its support, so that nothing shows (handbook hold#panels). */
import { isStiff } from '../../../job/decide-piece.ts';
import type { Size } from '../../../geometry/shapes.ts';
import { named, type Sight } from '../../../rule/sights.ts';
import { at, houseTerms, largest, plain, sizeTerms, sum, twice } from '../../../rule/term.ts';
import { isWetted } from '../../../shop/holds.ts';
import { edgeCounts, evenPlaces } from '../edge-points.ts';
import { laidOn } from '../as-laid.ts';
import type { MadeStep, Writer } from '../../step.ts';
import { edgeContacts } from './hinged.ts';
import { nothing, whose, type HoldDefinition } from './kind.ts';
import { nth, there } from '../../../units/there.ts';

export const clips: HoldDefinition = {
	names: { choice: 'Clips at the edges; in a float patches behind', paper: 'Clips at the edges', label: 'clips' },
	inFloat: { paper: 'Patches behind', label: 'patches behind' },
	refuses: ({ piece }) =>
		isStiff(piece) ? null : 'Clips hold stiff work, a panel or a canvas. Choose hinges, corners or strips.',
	offered: () => true,
	adhesive: {
		usual: (float, aim) => (!float ? 'none' : aim === 'rare' ? 'starch-paste' : 'gummed-linen'),
		refuses: (family, float) => {
			if (float && family === 'none')
				return 'In a float the panel is fixed to its support from behind. Choose an adhesive, such as gummed-linen.';
			return !float && family !== 'none' ? 'Clips at the frame use no adhesive. Choose none.' : null;
		}
	},
	plan: (shared, { job, shop, measure: { mean }, choice }, write) => {
		const house = houseTerms(shop.house);
		const counts = edgeCounts(mean, shop.house);
		const behind = choice.way === 'float';
		const { id, loadKPa, dryMinutes } = job.hold.adhesive;
		const along = (name: string, axis: keyof Size) =>
			evenPlaces(at(`measure.mean.${axis}`, mean[axis]), axis === 'width' ? counts.top : counts.side).map(
				(place, index) => write(`${name}[${index}]`, place, 'panels').value
			);
		nothing(write, ['inset'], 'hinges');
		nothing(write, ['loadKPa'], 'panels');
		const dries = at(`shop.adhesives[${id}].dryMinutes`, dryMinutes);
		return {
			...shared,
			count: write('count', twice(sum(plain(counts.top), plain(counts.side))), 'panels').value,
			places: along('places', 'width'),
			size: {
				width: write('size.width', house(behind ? 'patch' : 'hingeWidth'), 'panels').value,
				height: write('size.height', house(behind ? 'patch' : 'hingeContact'), 'panels').value
			},
			...(behind ? { patchInside: write('patchInside', house('patchInside'), 'panels').value } : {}),
			workingKPa: write('workingKPa', at(`shop.adhesives[${id}].loadKPa`, loadKPa), 'panels').value,
			dryMinutes: write('dryMinutes', behind ? largest(dries, house('supportDryMinutes')) : dries, 'drying').value,
			fixed: [],
			others: [
				{ side: 'right', places: along('others[0].places', 'height') },
				{ side: 'bottom', places: along('others[1].places', 'width') },
				{ side: 'left', places: along('others[2].places', 'height') }
			]
		};
	},
	contacts: (of) => edgeContacts(of.choice.way === 'float' ? 'patch' : 'point')(of),
	// Clips are hardware; behind a panel in a float lie patches of tape. Glue is not cut.
	cut: (holds, job, _, add) => {
		if (!isWetted(job.hold.adhesive)) return;
		for (const [index, { size, count }] of holds.entries()) {
			const path = named(job.several ? index + 1 : null, 'hold.size');
			add({
				role: 'patch behind the piece',
				material: job.hold.adhesive.id,
				...sizeTerms(path, size),
				count,
				from: 'tissue',
				...whose(job, index)
			});
		}
	},
	// At the frame the clips are the frame's own.
	shapes: ({ sight, held }) =>
		sight.choice.way === 'float' ? clips.contacts(sight).map(({ ring }) => held(ring, 'Patch behind the piece')) : [],
	steps: (sights, writer, { toBase }) => (writer.floats ? [fixPanel(sights, writer), ...toBase] : []),
	turnsOver: ({ windows }) => windows.some(({ way }) => way === 'float'),
	comesTo: ([hold]) => `${there(hold, 'hold').count} in all`
};

/** Face down, its support on it: what holds it is fixed from behind. */
function fixPanel(sights: Sight[], writer: Writer): MadeStep {
	const { adhesive } = writer.job.hold;
	const hold = there(nth(sights, 0).hold, 'hold');
	const sides = nth(there(hold.others, 'others'), 0).places;
	const inside = writer.mark(there(hold.patchInside, 'patch inside'));
	const what = `${adhesive.name}, ${isWetted(adhesive) ? 'patches' : 'spots'} ${writer.size(hold.size, 'mark')}`;
	const laid = laidOn(writer.plan, writer.job, nth(sights, 0));
	const board = laid.board === 'support' ? 'support' : 'base';
	const out =
		laid.board === 'support'
			? `in the middle of its back, ${writer.mark(-laid.left)} inside its left and right edge and ${writer.mark(-laid.top)} inside top and bottom`
			: 'by its position figures';
	return {
		id: 'fix-panel',
		title: `Fix it to its ${board}, ${hold.count} places`,
		does: [
			writer.job.piece.friable
				? `Friable: work from below, over the bench’s edge, the ${board} ${out}.`
				: `Lay the ${writer.piece} face down on a clean, padded sheet; its ${board} ${out}.`,
			`${what}, behind the ${writer.piece}, ${inside} inside its edge: top and bottom ${hold.places.length} each, sides ${sides.length} each; from the left ${hold.places
				.map((one) => writer.mark(one))
				.join(', ')}, from the top ${sides.map((one) => writer.mark(one)).join(', ')}.`,
			'Nothing at the edge or on the face; weight overnight.'
		],
		because: 'Six points or more carry it evenly, and in a float the edge shows.',
		waitMinutes: hold.dryMinutes,
		uses: writer.parts('patch behind the piece')
	};
}
