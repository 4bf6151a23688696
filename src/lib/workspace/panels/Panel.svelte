<script lang="ts">
	/** A station's panel: its name, what it is for, and its fields. */
	import type { Snippet } from 'svelte';

	type Props = { name: string; about: string; children: Snippet };
	const { name, about, children }: Props = $props();
</script>

<section class="panel" aria-label={name}>
	<h1>{name}</h1>
	<p class="about">{about}</p>
	{@render children()}
</section>

<style>
	h1 {
		font-size: 23px;
		line-height: 1.2;
	}
	.about {
		color: var(--quiet);
		margin-bottom: 14px;
		text-wrap: balance;
	}
	.panel :global(.group) {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 8px;
		margin-bottom: 16px;
	}
	.panel :global(h2) {
		font-family: inherit;
		font-size: 13.5px;
		font-weight: 600;
		color: var(--soft);
		padding-bottom: 3px;
		border-bottom: 1px solid var(--line);
	}
	/* A word that stands alone is pressed like a button. */
	.panel :global(:is(.group, li) > .anchor) {
		display: inline-flex;
		align-items: center;
		min-height: var(--row);
	}
	.panel :global(dl.rows) {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px 12px;
	}
	.panel :global(dl.rows dd) {
		text-align: right;
	}
	.panel :global(.head) {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
	}
</style>
