/** Hears from the server when what lies in stock changes, by whomever: arrivals, counts, plans that reserve, sheets that are cut. */
import { navigating } from '$app/state';
import { hearWhileSeen } from '$lib/ui/hear.ts';

/** @returns what ends it */
export function hearStock(changed: () => void): () => void {
	// A page that is being left is not loaded again: that would break the way off.
	const tell = () => {
		if (navigating.to === null) changed();
	};
	return hearWhileSeen('/api/events', { shop: ({ list }: { list: string }) => list === 'stock' && tell() }, tell);
}
