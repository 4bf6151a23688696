<script lang="ts">
	/** The head of a paper that leaves the shop: its name and address, and which paper it is. */
	import type { Snippet } from 'svelte';
	import type { About } from '$core/shop/about.ts';

	type Props = { about: About; /** At the right. */ children: Snippet };
	const { about, children }: Props = $props();
</script>

<header>
	<div>
		<p class="shop">{about.name ?? ''}</p>
		<p class="quiet">{(about.address ?? '').split('\n').filter(Boolean).join(', ')}</p>
	</div>
	<p class="figures which">{@render children()}</p>
</header>

<style>
	header {
		display: flex;
		justify-content: space-between;
		padding-bottom: 4mm;
		margin-bottom: 8mm;
		border-bottom: 0.3mm solid var(--ink);
	}
	.shop {
		font-family: var(--serif);
		font-size: 15pt;
		font-weight: 600;
	}
	.which {
		text-align: right;
	}
</style>
