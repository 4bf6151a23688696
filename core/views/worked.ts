/** The job that the handbook's worked cases start from. */
import type { JobFile } from '../job/definition.ts';
import worked from './worked.json' with { type: 'json' };

/** It, with top-level parts replaced. */
export function workedJob(changes: Partial<JobFile> = {}): JobFile {
	return { ...(JSON.parse(JSON.stringify(worked)) as JobFile), ...changes };
}
