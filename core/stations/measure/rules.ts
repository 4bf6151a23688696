import type { Context, Rule } from '../../rule/rule.ts';
import { saidRead } from '../../rule/change.ts';
import { each } from '../../units/one-or-each.ts';
import { named, which } from '../../rule/sights.ts';
import { nth, there } from '../../units/there.ts';

export const measureRules: Rule[] = [
	{
		id: 'measure.misfit',
		station: 'measure',
		of: 'safety',
		when: 'diagonals and sides disagree by more than {outOfTrue}',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Five measurements define the sheet; the sixth checks them. Measure again before anything is cut.',
		find: (context) => {
			return measured(context).flatMap(({ measure, number }) =>
				measure.misfit <= context.shop.house.outOfTrue
					? []
					: [
							{
								says: `${which({ number })}The measurements disagree by ${saidRead(context, measure.misfit)}.`,
								where: named(number, 'measure.misfit')
							}
						]
			);
		}
	},
	{
		id: 'measure.lean',
		station: 'measure',
		of: 'safety',
		when: 'a lean, or a difference between opposite sides, of more than {outOfTrue}',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'The window is cut square, so a leaning sheet loses a little on every side; the true outline is drawn.',
		find: (context) => {
			return measured(context).flatMap(({ measure, number, readings }) => {
				if (Math.abs(measure.lean) > context.shop.house.outOfTrue) {
					const to = measure.lean > 0 ? 'right' : 'left';
					const says = `The sheet leans ${saidRead(context, Math.abs(measure.lean))} to the ${to} at the bottom.`;
					return [{ says: which({ number }) + says, where: named(number, 'measure.lean') }];
				}
				const apart = Math.max(Math.abs(readings.top - readings.bottom), Math.abs(readings.left - readings.right));
				if (apart <= context.shop.house.outOfTrue) return [];
				const says = `Opposite sides differ by ${saidRead(context, apart)}.`;
				return [{ says: which({ number }) + says, where: named(number, 'measure.outline') }];
			});
		}
	}
];

function measured({ job, plan }: Context) {
	return each(plan.measure).map((measure, index) => ({
		measure,
		number: job.several ? index + 1 : null,
		readings: there(nth(job.pieces, index).readings, 'readings')
	}));
}
