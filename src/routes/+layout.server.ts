import type { LayoutServerLoad } from './$types';
import { READS, unitFrom } from '$lib/ui/reads.ts';

/** The unit that this browser reads; null: each job as it is cut. */
export const load: LayoutServerLoad = ({ cookies }) => ({ reads: unitFrom(cookies.get(READS)) });
