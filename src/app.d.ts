import type { StationId } from '$lib/workspace/stations.ts';
import type { ViewName } from '$lib/workspace/view-names.ts';

declare global {
	namespace App {
		interface Locals {
			/** The database did not answer while a page was being filled. */
			isAway?: boolean;
		}
		/** Where somebody is in a job: each step is an entry of the browser's history. */
		interface PageState {
			at?: StationId;
			view?: ViewName;
		}
	}
}

export {};
