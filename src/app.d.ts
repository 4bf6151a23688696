import type { StationId } from '$lib/workspace/stations.ts';
import type { ViewName } from '$lib/workspace/view-names.ts';

declare global {
	namespace App {
		/** Where somebody is in a job: each step is an entry of the browser's history. */
		interface PageState {
			at?: StationId;
			view?: ViewName;
		}
	}
}

export {};
