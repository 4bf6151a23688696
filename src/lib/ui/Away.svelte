<script lang="ts">
	/** Said at the foot of a page while nothing comes from the server. */
	import Unplug from '@lucide/svelte/icons/unplug';
	import { away } from './away.svelte.ts';
</script>

<p role="status" class:shown={away.isAway}>
	{#if away.isAway}<Unplug size={15} aria-hidden="true" /> The server or its database does not answer. What you typed is still here;
		this page goes on by itself as soon as it is back.{/if}
</p>

<style>
	/* Out of the way of the page, on paper too. */
	p {
		position: fixed;
		margin: 0;
	}
	@media print {
		p {
			display: none;
		}
	}
	.shown {
		right: 12px;
		bottom: 12px;
		left: 12px;
		z-index: 9;
		display: flex;
		gap: 8px;
		align-items: center;
		width: fit-content;
		max-width: calc(100% - 24px);
		margin-inline: auto;
		padding: 8px 14px;
		border: 1px solid var(--line-strong);
		border-left: 3px solid var(--caution);
		background: var(--sheet);
		color: var(--ink);
		box-shadow: 0 6px 20px rgb(27 38 44 / 18%);
	}
	p > :global(svg) {
		flex: none;
	}
</style>
