/** Hears from the server when a job is kept anew, by whomever. */
import type { JobState } from '$core/job/state.ts';
import { hearWhileSeen } from '$lib/ui/hear.ts';

export type Heard = { number: string; rev: number; state: JobState };

/** A page that is looked at again is told by the server how the job stands. */
export function hearChanges(number: string, heard: (change: Heard) => void): () => void {
	return hearWhileSeen<Heard>(`/api/events?job=${number}`, 'job', heard);
}
