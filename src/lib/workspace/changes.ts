/** Hears from the server when a job is kept anew, by whomever. */
import type { JobState } from '$core/job/state.ts';

export type Heard = { number: string; rev: number; state: JobState };

/** While the page is seen: a browser keeps only a few connections, and one that is looked at again is told how the job stands. */
export function hearChanges(number: string, heard: (change: Heard) => void): () => void {
	let source: EventSource | null = null;
	const follow = () => {
		if (document.visibilityState === 'hidden') {
			source?.close();
			source = null;
		} else if (!source) {
			source = new EventSource(`/api/events?job=${number}`);
			source.addEventListener('job', ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as Heard));
		}
	};
	follow();
	document.addEventListener('visibilitychange', follow);
	return () => {
		document.removeEventListener('visibilitychange', follow);
		source?.close();
	};
}
