<script lang="ts">
	/** Where what was done is said; see toasts.ts. */
	import Close from '@lucide/svelte/icons/x';
	import { Toast } from '@skeletonlabs/skeleton-svelte';
	import { afterNavigate } from '$app/navigation';
	import { toaster } from './toasts.ts';

	// The way back is of the page that it was said on: on another one it would change what is no longer looked at.
	afterNavigate(({ from, to }) => {
		if (from && from.url.pathname !== to?.url.pathname) toaster.dismiss();
	});
</script>

<Toast.Group {toaster}>
	{#snippet children(toast)}
		<Toast {toast}>
			<Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
			{#if toast.action}<Toast.ActionTrigger>{toast.action.label}</Toast.ActionTrigger>{/if}
			<Toast.CloseTrigger aria-label="Dismiss"><Close size={15} aria-hidden="true" /></Toast.CloseTrigger>
		</Toast>
	{/snippet}
</Toast.Group>
