import type { Rule } from '../findings/rule.ts';
import { said } from '../findings/change.ts';

export const measureRules: Rule[] = [
	{
		id: 'measure.misfit',
		station: 'measure',
		when: 'the two diagonals miss the four sides by more than 1 mm',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'Five readings fix the sheet and the sixth checks them. Measure again before anything is cut.',
		find: (context) => {
			const { measure } = context.plan;
			if (!measure || measure.misfit <= 1) return [];
			return [{ says: `The readings disagree by ${said(context, measure.misfit, true)}.`, where: 'measure.misfit' }];
		}
	},
	{
		id: 'measure.lean',
		station: 'measure',
		when: 'a lean over 1 mm, or opposite sides that differ by more than 1 mm',
		severity: { rare: 'note', keep: 'note', show: 'note' },
		why: 'The window stands upright in it, so the sheet loses a little on every side; the true outline is drawn.',
		find: (context) => {
			const { measure } = context.plan;
			const readings = context.job.piece.readings;
			if (!measure || !readings) return [];
			if (Math.abs(measure.lean) > 1) {
				const to = measure.lean > 0 ? 'right' : 'left';
				return [
					{
						says: `The sheet leans ${said(context, Math.abs(measure.lean), true)} to the ${to} at the foot.`,
						where: 'measure.lean'
					}
				];
			}
			const apart = Math.max(Math.abs(readings.top - readings.bottom), Math.abs(readings.left - readings.right));
			return apart > 1 ? [{ says: `Opposite sides differ by ${said(context, apart, true)}.`, where: 'measure.outline' }] : [];
		}
	}
];
