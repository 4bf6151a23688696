import type { LayoutServerLoad } from './$types';
import type { About, DateLanguage } from '$core/shop/about.ts';
import { database } from '$lib/server/db/connection.ts';
import { listOf } from '$lib/server/shop.ts';
import { READS, READS_CHANGED, unitFrom } from '$lib/ui/reads.ts';

/** The unit that this browser reads (null: each job as it is cut), and the language of the shop's dates. */
export const load: LayoutServerLoad = async ({ cookies, depends }) => {
	depends(READS_CHANGED);
	// A page that says that the data cannot be reached has its dates all the same.
	const about = await listOf<About>(database(), 'about').then(
		({ items }) => items,
		(): About => ({})
	);
	const dates: DateLanguage = about.dates ?? 'en-GB';
	return { reads: unitFrom(cookies.get(READS)), dates };
};
