/** Whether anything was decided or read in a job at all. */
import type { JobFile } from './definition.ts';

/** Says what kind of file it is and how it is read, not what is to be done. */
const FRAME: readonly string[] = ['format', 'version', 'unit'] satisfies (keyof JobFile)[];

/** @returns true for a piece that was begun and left: it may go, or be used for the next one */
export function isEmptyJob(file: JobFile): boolean {
	return Object.entries(file).every(([key, value]) => FRAME.includes(key) || holdsNothing(value));
}

function holdsNothing(value: unknown): boolean {
	if (value === undefined || value === null || value === '') return true;
	return typeof value === 'object' && Object.values(value).every(holdsNothing);
}
