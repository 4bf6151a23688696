import { keysOf } from '$core/job/patch.ts';

/** A place of the job file in words: `/window/overlap/left` → `window · overlap · left`, the first of a list is 1. */
export function placeName(path: string): string {
	return keysOf(path)
		.map((key) => (typeof key === 'number' ? key + 1 : key))
		.join(' · ');
}
