/** Station Guard: the layers from the front, and what of them touches or faces the piece (handbook guard#layers). */
import type { Decided } from '../job/decide.ts';
import type { House } from '../shop/house.ts';

export type Layer = {
	role: 'glazing' | 'spacer' | 'mat' | 'lift' | 'piece' | 'support' | 'under-mat' | 'base' | 'barrier' | 'filler' | 'backing';
	/** Id in the shop's catalogue; the piece has none. */
	material: string | null;
	thickness: number;
	/** Lies against the piece. */
	touches: boolean;
	/** Nothing but air, film or a window lies between it and the piece. */
	faces: boolean;
	/** Which mat or filler it is, from the front. */
	index?: number;
	/** A float, its support with it, stands inside the depth of the mats and spacers round it. */
	inside?: true;
};

/**
 * Every mat in front of the piece faces it. Behind it, the first board touches it; a filler or backing faces it unless a barrier or an
 * under-mat lies between.
 */
export function planLayers(job: Decided, { thinnestSheet, liningThick }: House): Layer[] {
	const { guard } = job;
	const layers: Layer[] = [];
	const add = (
		role: Layer['role'],
		material: string | null,
		thickness: number,
		next: { touches?: boolean; faces?: boolean; index?: number; inside?: true } = {}
	) => layers.push({ role, material, thickness, touches: false, faces: false, ...next });

	if (guard.glazing.family !== 'none') add('glazing', guard.glazing.id, guard.glazing.thickness);
	if (guard.spacer) add('spacer', guard.spacer.material, guard.spacer.thickness);
	for (const [index, mat] of job.mats.entries()) {
		add('mat', mat.board.id, mat.board.thickness, { faces: true, index });
		if (mat.lift > 0) add('lift', mat.board.id, mat.lift, { index });
	}
	const inside = job.windows.some(({ way }) => way === 'float') ? { inside: true as const } : {};
	add('piece', null, Math.max(job.piece.thickness, thinnestSheet), inside);
	let open = true;
	let first = true;
	// What carries a float lies against it.
	const support = job.windows.find((window) => window.support)?.support;
	const behind = (role: Layer['role'], material: string, thickness: number, closes: boolean, index?: number) => {
		add(role, material, thickness, {
			touches: first,
			faces: open && !first,
			...(index === undefined ? {} : { index }),
			...(role === 'support' ? inside : {})
		});
		first = false;
		if (closes) open = false;
	};
	if (support) behind('support', support.id, support.thickness, true);
	const cloth = guard.lining ? liningThick : 0;
	if (guard.underMat) behind('under-mat', guard.underMat.id, guard.underMat.thickness + cloth, true);
	for (const [index, filler] of guard.fillers.entries()) behind('filler', filler.board.id, filler.thickness, false, index);
	if (guard.barrier) behind('barrier', guard.barrier.id, guard.barrier.thickness, true);
	if (guard.backing) behind('backing', guard.backing.id, guard.backing.thickness, false);
	return layers;
}
