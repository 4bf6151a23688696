/** What findings say of parts that came with a frame and stay in it (handbook frame#kept). */
import type { Case, Context, Rule } from '../../rule/rule.ts';
import { leastSaid, said } from '../../rule/change.ts';
import { leave } from '../../job/patch.ts';
import { isAbove, isBelow } from '../../units/compare.ts';
import { planPoints } from './points.ts';
import { sizeTerms } from '../../rule/term.ts';
import { unwritten } from '../../rule/book.ts';
import { there } from '../../units/there.ts';

export const keptRules: Rule[] = [
	{
		id: 'frame.kept-size',
		station: 'frame',
		of: 'fit',
		when: 'a pane that came with the frame is larger than its rabbet, or so small that the lip does not hold it',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A tight pane breaks; one the lip does not hold falls through. Measure it again, or cut a new one.',
		fixes: 'New glazing.',
		find: (context) => {
			const { frame } = context.plan;
			const size = context.job.kept.glazing?.size;
			if (!frame || !size) return [];
			const least = {
				width: frame.sight.width + 2 * context.shop.house.lipCover,
				height: frame.sight.height + 2 * context.shop.house.lipCover
			};
			const read = AXES.filter((axis) => size[axis] !== null);
			const large = read.find((axis) => isAbove(there(size[axis], 'size'), frame.rabbet[axis]));
			const small = read.find((axis) => isBelow(there(size[axis], 'size'), least[axis]));
			const axis = large ?? small;
			if (!axis) return [];
			const measures = `The existing pane is ${said(context, there(size[axis], 'size'))} ${axis === 'width' ? 'wide' : 'high'}`;
			return [
				{
					says: large
						? `${measures}; the rabbet takes ${said(context, frame.rabbet[axis])}.`
						: `${measures}; the lip holds it from ${leastSaid(context, least[axis])} on.`,
					where: 'guard.glazing',
					remedies: [replaced(context, 'New glazing', 'glazing')]
				}
			];
		}
	},
	{
		id: 'points.few',
		station: 'frame',
		of: 'fit',
		when: 'a frame keeps fewer points or clips than the shop would fit, or uncounted ones',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Too few let the back bow, and the pack with it; a flexible point bent before may break.',
		fixes: 'New points.',
		find: (context) => {
			const { job, plan } = context;
			const { points } = job.kept;
			if (!points || !plan.frame || !plan.window) return [];
			const wanted = wantedPoints(context);
			if (points.count !== null && points.count >= wanted) return [];
			const says =
				points.count === null
					? `The points are not counted; ${wanted} would.`
					: `${points.count} hold the pack; ${wanted} would.`;
			const why = plan.frame.points.kind === 'flexible' ? {} : { why: 'Too few let the back bow, and the pack with it.' };
			return [{ says, ...why, where: 'frame.points', remedies: [replaced(context, 'New points', 'points')] }];
		}
	}
];

const AXES = ['width', 'height'] as const;

/** As many as the house would set. */
function wantedPoints({ job, plan, shop }: Context): number {
	const frame = there(plan.frame, 'frame');
	const sizes = {
		rabbet: sizeTerms('frame.rabbet', frame.rabbet),
		pack: sizeTerms('window.pack', there(plan.window, 'window').pack)
	};
	const unkept = { schools: job.schools, kept: { ...job.kept, points: null } };
	return planPoints(there(job.frame, 'frame'), sizes, unkept, shop.house, unwritten).total;
}

function replaced(context: Context, label: string, part: 'glazing' | 'points'): NonNullable<Case['remedies']>[number] {
	return { label, patch: leave(context.file, ['frame', 'kept', part]) };
}
