/** What was done, said once at the foot of the screen, with the way back where there is one. */
import { createToaster } from '@skeletonlabs/skeleton-svelte';

const LASTS_MS = 6000;
/** Said in the browser alone: a server says nothing to nobody. */
export const toaster = createToaster({ placement: 'bottom-start', max: 3, duration: LASTS_MS });

export type Way = { label: string; go: () => void };

/** The word about each thing that was said last. */
const lastAbout = new Map<string, string>();

/**
 * @param about what it is about: the next word about the same takes its place instead of piling up. It is a new one:
 * the pressed word goes away after its way back was taken, and would take along what was said in its place.
 */
export function sayDone(about: string, says: string, back?: Way): void {
	const before = lastAbout.get(about);
	if (before !== undefined && toaster.isVisible(before)) toaster.dismiss(before);
	lastAbout.set(
		about,
		toaster.create({
			title: says,
			type: 'info',
			duration: LASTS_MS,
			...(back && { action: { label: back.label, onClick: back.go } })
		})
	);
}
