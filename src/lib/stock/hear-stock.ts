/** Hears from the server when what lies in stock changes, by whomever: arrivals, counts, plans that reserve, sheets that are cut. */
import { hearWhileSeen } from '$lib/ui/hear.ts';

/** @returns what ends it */
export function hearStock(changed: () => void): () => void {
	return hearWhileSeen<{ list: string }>('/api/events', 'shop', ({ list }) => list === 'stock' && changed(), changed);
}
