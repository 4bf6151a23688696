/** Whether a job is worked on: by whom it was ended is kept beside it, not in its file. */

export const JOB_STATES = ['open', 'handed-over', 'archived'] as const;
export type JobState = (typeof JOB_STATES)[number];

export const JOB_STATE_NAMES: Record<JobState, string> = {
	open: 'Open',
	'handed-over': 'Handed over',
	archived: 'Archived'
};
