/** Corner pockets: four folded pockets behind the mat (handbook hold#corners). */
import { named, which } from '../../../rule/sights.ts';
import { showWithUnit } from '../../../units/show.ts';
import { mapAxes } from '../../../geometry/shapes.ts';
import { at, over, plain, root, times } from '../../../rule/term.ts';
import { pocketLegOf } from '../corners.ts';
import { cornerOn } from '../own-edges.ts';
import { foldedFrom } from '../folded-paper.ts';
import { boardBehind, foldedParts, slackHold, slackSaid } from './folded.ts';
import { whose, type HoldDefinition } from './kind.ts';
import { there } from '../../../units/there.ts';

export const corners: HoldDefinition = {
	names: { choice: 'Corner pockets', paper: 'Corner pockets', label: 'corner pockets' },
	...foldedParts('corners', 'Corner pockets hold'),
	plan: (shared, subject, write) => {
		const { job, opening, choice, measure, shop } = subject;
		const asked = job.hold.width;
		const leg = asked === null ? pocketLegOf(opening, choice.shape, measure.mean, shop.house) : at('job.hold.width', asked);
		return {
			...slackHold(shared, subject, write),
			count: write('count', plain(4), 'corners').value,
			size: mapAxes((axis) => write(`size.${axis}`, leg, 'corners').value)
		};
	},
	contacts: ({ hold, measure }) =>
		hold.size.width > 0
			? [0, 1, 2, 3].map((corner) => ({ what: 'pocket', ring: cornerOn(measure, corner, hold.size.width) }))
			: [],
	// A pocket is folded from a strip as high as the triangle over its fold, and four times as long.
	cut: (holds, job, _, add) => {
		for (const [index, { size }] of holds.entries()) {
			const height = over(at(named(job.several ? index + 1 : null, 'hold.size.width'), size.width), root(plain(2)));
			if (height.value > 0)
				add({
					role: 'corner pocket',
					material: foldedFrom(job).id,
					width: times(plain(4), height),
					height,
					count: 4,
					from: 'roll',
					...whose(job, index)
				});
		}
	},
	shapes: ({ sight, held }) => corners.contacts(sight).map(({ ring }) => held(ring, 'Corner pocket')),
	steps: (sights, writer, { place }) => [
		place(),
		{
			id: 'hinge',
			title: 'Pockets at the corners',
			does: [
				...sights.map(
					(sight) =>
						`${which(sight)}Cut four pockets of ${foldedFrom(writer.job).said}, ${writer.mark(there(sight.hold, 'hold').size.width)} along each edge of the sheet; ${slackSaid(sight, writer)}.`
				),
				`Fold each, slip it over its corner, tape its tails to the ${boardBehind(writer)} with gummed tape; no adhesive on the sheet.`
			],
			because: 'No adhesive: the sheet lifts out by hand.',
			uses: writer.parts('corner pocket')
		}
	],
	comesTo: ([hold], reader) => `sides of ${showWithUnit(there(hold, 'hold').size.width, reader, 'mark')}, no adhesive`
};
