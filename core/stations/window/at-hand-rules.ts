/** What findings say of a mat that was bought cut or is at hand: whether it goes over this sheet and into this pack (handbook window#at-hand). */
import type { Context, Remedy, Rule } from '../../rule/rule.ts';
import { put } from '../../job/patch.ts';
import { SIDES } from '../../geometry/shapes.ts';
import { said } from '../../rule/change.ts';
import { houseBoard } from '../../job/material.ts';
import { sightsOf } from '../../rule/sights.ts';
import { writtenMats } from '../../job/written.ts';
import { showSize } from '../../units/show.ts';
import { receiveUp } from '../../units/round.ts';
import { isAbove, isBelow } from '../../units/compare.ts';
import { lastOf, there } from '../../units/there.ts';

export const atHandRules: Rule[] = [
	{
		id: 'mat.opening-large',
		station: 'window',
		of: 'safety',
		when: 'a ready-cut mat with an opening larger than the sheet',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'The sheet falls through, or its edge shows.',
		fixes: 'A second mat cut to go behind it; or float the sheet in it.',
		find: (context) => {
			const { plan, job } = context;
			const { window } = plan;
			if (!window?.overlap || job.window.way !== 'cover' || !isAtHand(context)) return [];
			const bare = SIDES.filter((side) => isBelow(there(window.overlap, 'overlap')[side], 0));
			if (bare.length === 0) return [];
			const [sight] = sightsOf(job, plan);
			return [
				{
					says: `The mat’s opening measures ${showSize(window.opening, job.reader, 'mark')}; the sheet ${showSize(there(sight, 'sight').measure.usable, job.reader, 'mark')}.`,
					where: 'window.opening',
					remedies: [...underIt(context), ...floatIn(context)]
				}
			];
		}
	},
	{
		id: 'mat.outer-off',
		station: 'window',
		of: 'fit',
		when: 'a ready-cut mat behind another, its outer size not the pack’s; a larger one is trimmed and noted',
		severity: { rare: 'caution', keep: 'caution', show: 'caution' },
		why: 'A mat smaller than the pack slides about behind the one in front, and its edge may show.',
		find: ({ plan, job }) =>
			(plan.window ? job.mats : []).flatMap(({ have }, index) => {
				const { pack } = there(plan.window, 'window');
				if (!have || index === 0) return [];
				const axes = ['width', 'height'] as const;
				const small = axes.some((axis) => isBelow(have.outer[axis], pack[axis]));
				if (!small && !axes.some((axis) => isAbove(have.outer[axis], pack[axis]))) return [];
				return [
					{
						says: `Mat ${index + 1} measures ${showSize(have.outer, job.reader, 'mark')} outside, the pack ${showSize(pack, job.reader, 'mark')}.`,
						...(small ? {} : { severity: 'note' as const, why: 'Trim it to the pack, the same on opposite sides.' }),
						where: `window.mats[${index}].blank`
					}
				];
			})
	}
];

/** The window is the opening of a mat that nobody cuts. */
export function isAtHand({ job }: Pick<Context, 'job'>): boolean {
	return job.mats.some(({ have }) => have !== null);
}

/** A mat cut to go under the one at hand, so much narrower that every side is covered. */
export function underIt(context: Context): Remedy[] {
	const { job, plan, file, shop } = context;
	const { overlap, least } = there(plan.window, 'window');
	if (!overlap || !lastOf(job.mats).have) return [];
	// The new one is cut with a normal bevel: all of it covers.
	const lacks = SIDES.map((side) => there(least, 'least')[side] - overlap[side]);
	const reveal = receiveUp(Math.max(shop.house.reveal, ...lacks), job.step);
	const board = houseBoard(job.aim, job.piece.proteinOrDye);
	const mats = file.mats ?? writtenMats(job.mats);
	return [
		{
			label: `A second mat behind it, reveal ${said(context, reveal)}`,
			patch: [
				...put(file, ['mats'], [...mats, { board, colour: lastOf(job.mats).colour.written, reveal }]),
				...(file.window?.overlap === undefined ? [] : [{ op: 'remove' as const, path: '/window/overlap' }])
			]
		}
	];
}

/** The whole sheet shown in it, with air all round. */
function floatIn({ file, plan, job }: Context): Remedy[] {
	const { largest } = there(sightsOf(job, plan)[0], 'sight').measure;
	const { opening } = there(plan.window, 'window');
	if (isAbove(largest.width, opening.width) || isAbove(largest.height, opening.height)) return [];
	const { overlap: _, ...window } = file.window ?? {};
	return [
		{
			label: 'Float the sheet in it',
			patch: [
				...put(file, ['window'], { ...window, way: 'float' }),
				...(file.hold?.kind === 't-hinge' ? put(file, ['hold', 'kind'], 'pass-through') : [])
			]
		}
	];
}
