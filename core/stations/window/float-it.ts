/** Floating a sheet that was covered: the remedy where its edges, or what lies at them, shall show. */
import { remedyOfMat } from '../../rule/change.ts';
import type { Context, Remedy } from '../../rule/rule.ts';
import { put } from '../../job/patch.ts';
import { firstMakeable, liftBoards } from '../pack/made.ts';
import { receiveUp } from '../../units/round.ts';
import { known, nth, there } from '../../units/there.ts';

/** How much deeper than it must be a lift may be made, so that boards come to its height. */
const DEEPER = 6;

/** The whole sheet shown, on a support; the nearest mat lifted as far as sheet and support need. */
export function floated(context: Context): Remedy[] {
	const { file, job, shop } = context;
	const index = job.mats.length - 1;
	const support = known(shop.boards, job.aim === 'show' ? 'foam-free' : 'cotton-8');
	const depth = job.mats.reduce((sum, mat) => sum + mat.board.thickness + mat.lift, 0);
	// It keeps the air that it has, which is all the depth of the mats: sheet and support come on top.
	const air = Math.max(there(context.plan.pack, 'pack').gapNeed, there(context.plan.pack, 'pack').gap);
	const needs = support.thickness + Math.max(job.piece.thickness, shop.house.thinnestSheet) + air;
	const least = nth(job.mats, index).lift + needs - depth;
	const boards = liftBoards(job, shop, index);
	const lift = firstMakeable(least, least + DEEPER, job.step, boards, shop.house.madeWithin) ?? receiveUp(least, job.step);
	const lifted = remedyOfMat(context, '', index, { lift }).patch;
	return [
		{
			label: 'Float it',
			patch: [
				...put(file, ['window'], { ...file.window, way: 'float', support: support.id }),
				...(file.hold?.kind === 't-hinge' ? put(file, ['hold', 'kind'], 'pass-through') : []),
				...lifted
			]
		}
	];
}
