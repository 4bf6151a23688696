/** Padded brackets at an object's edges (handbook hold#objects). */
import { at, houseTerms, sum, twice } from '../../../rule/term.ts';
import { evenPlaces } from '../edge-points.ts';
import { edgeContacts } from './hinged.ts';
import { nothing, type HoldDefinition } from './kind.ts';
import { alongSides, ofObjects } from './round-objects.ts';
import { there } from '../../../units/there.ts';

export const brackets: HoldDefinition = {
	names: { choice: 'Padded brackets', paper: 'Padded brackets', label: 'padded brackets' },
	...ofObjects('Brackets hold'),
	plan: (shared, { shop, measure }, write) => {
		const house = houseTerms(shop.house);
		const { across, down } = alongSides(measure, shop.house);
		const { mean } = measure;
		const places = (name: string, axis: 'width' | 'height') =>
			evenPlaces(at(`measure.mean.${axis}`, mean[axis]), (axis === 'width' ? across : down).value).map(
				(place, index) => write(`${name}[${index}]`, place, 'objects').value
			);
		nothing(write, ['inset', 'loadKPa', 'workingKPa', 'dryMinutes'], 'objects');
		return {
			...shared,
			count: write('count', twice(sum(across, down)), 'objects').value,
			places: places('places', 'width'),
			size: {
				width: write('size.width', house('bracketWidth'), 'objects').value,
				height: write('size.height', house('bracketReach'), 'objects').value
			},
			fixed: [],
			others: [
				{ side: 'right', places: places('others[0].places', 'height') },
				{ side: 'bottom', places: places('others[1].places', 'width') },
				{ side: 'left', places: places('others[2].places', 'height') }
			]
		};
	},
	contacts: edgeContacts('point'),
	// Brackets are hardware.
	cut: () => {},
	gather: ([hold]) => [`${there(hold, 'hold').count} padded brackets, screws`],
	shapes: ({ sight, held }) => brackets.contacts(sight).map(({ ring }) => held(ring, 'Padded bracket')),
	steps: (sights, writer, { place }) => [
		place(),
		{
			id: 'hinge',
			title: 'Brackets at its edges',
			does: sights.flatMap(({ hold }) => {
				const { count, places, others } = there(hold, 'hold');
				return [
					`Bend ${count} brackets to its edge, pad them with polyester felt, and try each: it touches without pressing.`,
					`Top and bottom ${places.length} each, sides ${there(others?.[0], 'sides').places.length} each; lift the piece off, screw them through the board from behind, lay it back in.`
				];
			}),
			because: 'Nothing is stuck to it or goes through it: it lifts out by hand.',
			caution: 'No wool felt, no rubber: both give off sulphur.',
			uses: []
		}
	],
	comesTo: ([hold]) => `${there(hold, 'hold').count} brackets, no adhesive`
};
