<script lang="ts">
	/** Said at the foot of a page while nothing comes from the server. */
	import Unplug from '@lucide/svelte/icons/unplug';
	import { away } from './away.svelte.ts';
</script>

<p role="status" class:at-foot={away.isAway}>
	{#if away.isAway}<Unplug size={15} aria-hidden="true" /> The server or its database does not answer. What you typed is still here;
		this page goes on by itself as soon as it is back.{/if}
</p>

<style>
	/* Out of the way of the page, on paper too. */
	p {
		position: fixed;
	}
	@media print {
		p {
			display: none;
		}
	}
</style>
