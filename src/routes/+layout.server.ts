import type { LayoutServerLoad } from './$types';
import { READS, READS_CHANGED, unitFrom } from '$lib/ui/reads.ts';

/** The unit that this browser reads; null: each job as it is cut. */
export const load: LayoutServerLoad = ({ cookies, depends }) => {
	depends(READS_CHANGED);
	return { reads: unitFrom(cookies.get(READS)) };
};
