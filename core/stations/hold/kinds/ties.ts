/** Ties round an object, through slits in the board beside it (handbook hold#objects). */
import { at, houseTerms, largest, plain, sum, twice } from '../../../rule/term.ts';
import { named } from '../../../rule/sights.ts';
import { evenPlaces } from '../edge-points.ts';
import { boardBehind } from './folded.ts';
import { nothing, whose, type HoldDefinition } from './kind.ts';
import { alongSides, ofObjects } from './round-objects.ts';
import { there } from '../../../units/there.ts';

export const ties: HoldDefinition = {
	names: { choice: 'Ties round it', paper: 'Ties round it', label: 'ties' },
	...ofObjects('Ties hold'),
	plan: (shared, { shop, piece, measure }, write) => {
		const house = houseTerms(shop.house);
		const { mean } = measure;
		const across = mean.width <= mean.height;
		const { across: wide, down } = alongSides(measure, shop.house);
		const count = write('count', largest(plain(2), across ? down : wide), 'objects');
		const axis = across ? 'height' : 'width';
		nothing(write, ['inset', 'loadKPa', 'workingKPa', 'dryMinutes'], 'objects');
		return {
			...shared,
			count: count.value,
			places: [],
			size: {
				width: write(
					'size.width',
					sum(
						at(`measure.mean.${across ? 'width' : 'height'}`, across ? mean.width : mean.height),
						twice(sum(at('job.piece.thickness', piece.thickness), house('stripBehind')))
					),
					'objects'
				).value,
				height: write('size.height', house('tieWidth'), 'objects').value
			},
			fixed: [],
			tiesAt: evenPlaces(at(`measure.mean.${axis}`, mean[axis]), count.value).map(
				(place, index) => write(`tiesAt[${index}]`, place, 'objects').value
			),
			tiesAcross: across
		};
	},
	// They go round it, and stick to nothing.
	contacts: () => [],
	cut: (holds, job, _, add) => {
		for (const [index, { size, count }] of holds.entries()) {
			const path = named(job.several ? index + 1 : null, 'hold.size');
			add({
				role: 'tie',
				material: 'polyester-film',
				width: at(`${path}.width`, size.width),
				height: at(`${path}.height`, size.height),
				count,
				from: 'roll',
				...whose(job, index)
			});
		}
	},
	shapes: ({ sight: { hold, measure }, held, turned }) => {
		const { width, height } = measure.largest;
		const half = hold.size.height / 2;
		return (hold.tiesAt ?? []).map((at) => {
			const [left, right, top, bottom] = hold.tiesAcross ? [0, width, at - half, at + half] : [at - half, at + half, 0, height];
			return held(
				turned([
					{ x: left, y: top },
					{ x: right, y: top },
					{ x: right, y: bottom },
					{ x: left, y: bottom }
				]),
				'Tie'
			);
		});
	},
	steps: (sights, writer, { place }) => [
		place(),
		{
			id: 'hinge',
			title: 'Ties round it',
			does: sights.flatMap(({ hold }) => {
				const { tiesAt, tiesAcross, size } = there(hold, 'hold');
				const places = there(tiesAt, 'ties').map((one) => writer.mark(one));
				return [
					`Mark a pair of slits in the ${boardBehind(writer)} beside it for each tie, ${writer.mark(size.height)} long: ${places.join(', ')} from its ${tiesAcross ? 'top' : 'left'}.`,
					'Lift the piece off, cut the slits, lay it back.',
					'Pass each tie over it and down through its slits; draw it snug, not tight; tape its ends flat behind the board.'
				];
			}),
			because: 'Nothing is stuck to it or goes through it: cut the ties and it is free.',
			uses: writer.parts('tie')
		}
	],
	comesTo: ([hold]) => `${there(hold, 'hold').count} ties, no adhesive`
};
