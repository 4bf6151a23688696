/** A recess: boards with an opening round an object, which lies in them (handbook hold#objects). */
import { mapAxes } from '../../../geometry/shapes.ts';
import { named } from '../../../rule/sights.ts';
import { at, houseTerms, less, plain, sizeTerms, sum, twice } from '../../../rule/term.ts';
import { nearestHeight, spacerBoards, stackBeside } from '../../pack/made.ts';
import { boardBehind } from './folded.ts';
import { nothing, whose, type HoldDefinition } from './kind.ts';
import { ofObjects } from './round-objects.ts';
import { there } from '../../../units/there.ts';

export const recess: HoldDefinition = {
	names: { choice: 'In a recess cut for it', paper: 'In a recess', label: 'a recess cut for it' },
	...ofObjects('A recess holds'),
	plan: (shared, { job, piece, shop, measure, opening, pack }, write) => {
		const house = houseTerms(shop.house);
		const boards = spacerBoards(job, shop);
		// Half as deep as the piece is thick keeps it where it lies.
		const deep = piece.thickness / 2;
		const made = stackBeside(deep, boards, job, shop.house.madeWithin) ?? nearestHeight(deep, boards)?.made ?? [];
		const { placement } = opening;
		const room = house('recessRoom');
		const from = (side: 'left' | 'top') =>
			write(`recess.${side}`, less(at(`window.placement.${side}`, placement[side]), room), 'objects').value;
		// An object does not give: the opening goes round all that it reaches.
		const reaches = sizeTerms('measure.largest', measure.largest);
		const outer = sizeTerms('window.pack', pack);
		nothing(write, ['inset', 'loadKPa', 'workingKPa', 'dryMinutes'], 'objects');
		for (const [index, one] of made.entries()) write(`recess.made[${index}].layers`, plain(one.layers), 'objects');
		const layers = made.reduce((all, one) => all + one.layers, 0);
		return {
			...shared,
			count: write('count', plain(layers), 'objects').value,
			places: [],
			size: mapAxes((axis) => write(`size.${axis}`, sum(reaches[axis], twice(room)), 'objects').value),
			fixed: [],
			recess: {
				made,
				outer: mapAxes((axis) => write(`recess.outer.${axis}`, outer[axis], 'objects').value),
				left: from('left'),
				top: from('top')
			}
		};
	},
	contacts: () => [],
	cut: (holds, job, _, add) => {
		for (const [index, { size, recess: cutOut }] of holds.entries()) {
			const path = named(job.several ? index + 1 : null, 'hold');
			for (const { board, layers } of cutOut?.made ?? [])
				add({
					role: 'recess board',
					material: board,
					...sizeTerms(`${path}.recess.outer`, there(cutOut, 'recess').outer),
					opening: {
						width: at(`${path}.size.width`, size.width),
						height: at(`${path}.size.height`, size.height)
					},
					count: layers,
					from: 'sheet',
					...(layers > 1 ? { layers } : {}),
					...whose(job, index)
				});
		}
	},
	shapes: ({ sight: { hold, measure }, held, turned }) => {
		const { width, height } = measure.largest;
		const [x, y] = [(hold.size.width - width) / 2, (hold.size.height - height) / 2];
		return [
			held(
				turned([
					{ x: -x, y: -y },
					{ x: width + x, y: -y },
					{ x: width + x, y: height + y },
					{ x: -x, y: height + y }
				]),
				'Opening of the recess'
			)
		];
	},
	steps: (sights, writer, { place }) => [
		place(),
		{
			id: 'hinge',
			title: 'Lay the recess round it',
			does: sights.flatMap(({ hold }) => {
				const { size, count } = there(hold, 'hold');
				return [
					`Lower the recess boards, ${count} in all with openings ${writer.size(size)}, over it onto the ${boardBehind(writer)}, outer edges flush.`,
					'Join them at the outer edges with gummed tape; the piece lies free, without pressure.'
				];
			}),
			because: 'Nothing is stuck to it or goes through it: it lifts out by hand.',
			uses: writer.parts('recess board')
		}
	],
	comesTo: ([hold]) => `${there(hold, 'hold').count} boards round it, no adhesive`
};
