/** What was done, said once at the foot of the screen, with the way back where there is one. */
import { createToaster } from '@skeletonlabs/skeleton-svelte';

const LASTS_MS = 6000;
/** Said in the browser alone: a server says nothing to nobody. */
export const toaster = createToaster({ placement: 'bottom-start', max: 3, duration: LASTS_MS });

export type Way = { label: string; go: () => void };

/** @param about what it is about: the next word about the same takes its place instead of piling up */
export function sayDone(about: string, says: string, back?: Way): void {
	const toast = {
		title: says,
		type: 'info' as const,
		duration: LASTS_MS,
		...(back ? { action: { label: back.label, onClick: back.go } } : { action: undefined })
	};
	if (toaster.isVisible(about)) toaster.update(about, toast);
	else toaster.create({ ...toast, id: about });
}
