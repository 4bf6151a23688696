<script lang="ts">
	/** What is seen in print alone: it is much to draw beside a screen, and is there for as long as the page is printed. */
	import { flushSync, type Snippet } from 'svelte';

	const { children }: { children: Snippet } = $props();
	let printing = $state(false);
</script>

<svelte:window onbeforeprint={() => flushSync(() => (printing = true))} onafterprint={() => (printing = false)} />
{#if printing}{@render children()}{/if}
