/** Which materials differ between two shops, and whether the jobs that they touch can be found by name. */
import { KINDS } from '../shop/material-kinds.ts';
import type { Shop, Stock } from '../shop/shop.ts';

/** Jobs name what they use of these; of the others the plan takes what suits. */
const NAMED_BY_JOBS: ReadonlySet<keyof Stock> = new Set<keyof Stock>([
	'boards',
	'glazings',
	'barriers',
	'adhesives',
	'edgeSeals'
]);

/** @returns ids, each once; `named`: a job that none of them names is not touched */
export function changedMaterials(before: Shop, after: Shop): { ids: string[]; named: boolean } {
	const lists = [...new Set(Object.values(KINDS).map(({ of }) => of))];
	const changed = lists.map((of) => ({
		of,
		ids: [...new Set([...Object.keys(before[of]), ...Object.keys(after[of])])].filter(
			(id) => JSON.stringify(before[of][id]) !== JSON.stringify(after[of][id])
		)
	}));
	return {
		ids: [...new Set(changed.flatMap(({ ids }) => ids))],
		named: changed.every(({ of, ids }) => ids.length === 0 || NAMED_BY_JOBS.has(of))
	};
}
