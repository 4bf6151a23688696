/** Every material of a package, from the front, and where it was chosen. */
import type { Stocked } from '../../shop/stocked.ts';
import type { Decided } from '../../job/decided.ts';

export type UsedMaterial = {
	role: 'glazing' | 'mat' | 'support' | 'under-mat' | 'filler' | 'barrier' | 'backing' | 'edge-seal' | 'adhesive';
	/** Which mat or filler, from the front. */
	index: number;
	/** The shop's list that it stands in. */
	list: 'glazings' | 'boards' | 'barriers' | 'edgeSeals' | 'adhesives';
	material: Stocked & { id: string; name: string };
	/** As findings about it say. */
	where: string;
};

export function usedMaterials({ guard, mats, windows, hold }: Decided): UsedMaterial[] {
	const used: UsedMaterial[] = [];
	const add = (
		role: UsedMaterial['role'],
		list: UsedMaterial['list'],
		material: UsedMaterial['material'] | null | undefined,
		where: string,
		index = 0
	) => {
		if (material) used.push({ role, index, list, material, where });
	};
	add('glazing', 'glazings', guard.glazing, 'guard.glazing');
	for (const [index, mat] of mats.entries()) add('mat', 'boards', mat.board, `mats[${index}].board`, index);
	add('support', 'boards', windows.find((window) => window.support)?.support, 'window.support');
	add('under-mat', 'boards', guard.underMat, 'guard.underMat');
	for (const [index, filler] of guard.fillers.entries())
		add('filler', 'boards', filler.board, `guard.fillers[${index}].board`, index);
	add('barrier', 'barriers', guard.barrier, 'guard.barrier');
	add('backing', 'boards', guard.backing, 'guard.backing');
	add('edge-seal', 'edgeSeals', guard.edgeSeal, 'guard.edgeSeal');
	add('adhesive', 'adhesives', hold.adhesive, 'hold.adhesive');
	return used;
}
