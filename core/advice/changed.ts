/** Which materials differ between two shops. */
import { KINDS } from '../shop/catalogue.ts';
import type { Shop } from '../shop/shop.ts';

/** @returns their ids, each once */
export function changedMaterials(before: Shop, after: Shop): string[] {
	const changed = Object.values(KINDS).flatMap(({ of }) =>
		[...Object.keys(before[of]), ...Object.keys(after[of])].filter(
			(id) => JSON.stringify(before[of][id]) !== JSON.stringify(after[of][id])
		)
	);
	return [...new Set(changed)];
}
