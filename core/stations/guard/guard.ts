/** Station Guard: the layers from the front, and what of them touches or faces the piece (handbook guard#layers). */
import { fillerBoards, fillerStack, liftBoards, spacerBoards, stackBeside } from '../pack/made.ts';
import type { Shop } from '../../shop/shop.ts';
import type { Layer, Made } from '../../figures/pack.ts';
import type { Decided } from '../../job/decided.ts';

/**
 * Every mat in front of the piece faces it. Behind it, the first board touches it, and so does the base board under a float's support,
 * since its vapour reaches the piece round the support; a filler or backing faces it unless a barrier or an under-mat lies between.
 */
export function planLayers(job: Decided, shop: Shop): Layer[] {
	const { thinnestSheet, liningThick, madeWithin, adhesiveBoardThick } = shop.house;
	const { guard } = job;
	const layers: Layer[] = [];
	const add = (
		role: Layer['role'],
		material: string | null,
		thickness: number,
		next: { touches?: boolean; faces?: boolean; index?: number; inside?: true; made?: Made | null } = {}
	) => {
		const { made, ...rest } = next;
		layers.push({ role, material, thickness, touches: false, faces: false, ...rest, ...(made ? { made } : {}) });
	};

	if (guard.glazing.family !== 'none') add('glazing', guard.glazing.id, guard.glazing.thickness);
	if (guard.spacer) {
		const { material, thickness } = guard.spacer;
		add('spacer', material, thickness, {
			made: material === 'cotton' ? stackBeside(thickness, spacerBoards(job, shop), job, madeWithin) : null
		});
	}
	for (const [index, mat] of job.mats.entries()) {
		add('mat', mat.board.id, mat.board.thickness, { faces: true, index });
		if (mat.lift > 0)
			add('lift', (mat.liftBoard ?? mat.board).id, mat.lift, {
				index,
				made: stackBeside(mat.lift, liftBoards(job, shop, index), job, madeWithin)
			});
	}
	const inside = job.windows.some(({ way }) => way === 'float') ? { inside: true as const } : {};
	add('piece', null, Math.max(job.piece.thickness, thinnestSheet), inside);
	let open = true;
	let first = true;
	// What carries a float lies against it.
	const support = job.windows.find((window) => window.support)?.support;
	const float = inside.inside === true;
	const behind = (
		role: Layer['role'],
		material: string,
		thickness: number,
		closes: boolean,
		index?: number,
		made?: Made | null
	) => {
		const touches = first || (float && role === 'under-mat');
		add(role, material, thickness, {
			touches,
			faces: open && !touches,
			...(index === undefined ? {} : { index }),
			...(role === 'support' ? inside : {}),
			...(made ? { made } : {})
		});
		first = false;
		if (closes) open = false;
	};
	if (support) behind('support', support.id, support.thickness, true);
	// Board that comes with its adhesive on it lies in the pack with the sheet.
	if (job.hold.kind === 'whole-surface' && job.hold.adhesive.ownBoard)
		behind('support', job.hold.adhesive.id, adhesiveBoardThick, true);
	const cloth = guard.lining ? liningThick : 0;
	if (guard.underMat) behind('under-mat', guard.underMat.id, guard.underMat.thickness + cloth, true);
	for (const [index, filler] of guard.fillers.entries())
		behind(
			'filler',
			filler.board.id,
			filler.thickness,
			false,
			index,
			fillerStack(filler.thickness, fillerBoards(job, shop, index), madeWithin)
		);
	if (guard.barrier) behind('barrier', guard.barrier.id, guard.barrier.thickness, true);
	if (guard.backing) behind('backing', guard.backing.id, guard.backing.thickness, false);
	return layers;
}
