/** Hears from the server when a job is kept anew, by whomever, and when stock changes, of which it may want something. */
import type { JobState } from '$core/job/state.ts';
import { hearWhileSeen } from '$lib/ui/hear.ts';

export type Heard = { number: string; rev: number; state: JobState };

/** A page that is looked at again is told by the server how the job stands. */
export function hearChanges(number: string, heard: (change: Heard) => void, stockChanged: () => void): () => void {
	const shop = ({ list }: { list: string }) => list === 'stock' && stockChanged();
	return hearWhileSeen(`/api/events?job=${number}`, { job: heard, shop });
}
