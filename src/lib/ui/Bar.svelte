<script lang="ts">
	/** The dark bar on top of every screen. */
	import type { Snippet } from 'svelte';

	type Props = { here?: string; children?: Snippet };
	const { here = '', children }: Props = $props();
	const PLACES = [
		{ href: '/', name: 'Today' },
		{ href: '/stock/materials', name: 'Stock' },
		{ href: '/light', name: 'Light and climate' },
		{ href: '/handbook', name: 'Handbook' },
		{ href: '/house', name: 'House' }
	];
</script>

<header class="bar">
	<a class="brand" href="/">Rare Keep</a>
	<nav aria-label="Places">
		{#each PLACES as place (place.href)}<a href={place.href} aria-current={here === place.name ? 'page' : undefined}
				>{place.name}</a
			>{/each}
	</nav>
	{@render children?.()}
</header>

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 14px;
		height: 46px;
		padding: 0 16px;
		background: var(--bar);
		color: #fff;
	}
	.brand {
		font-family: var(--serif);
		font-weight: 600;
		font-size: 19px;
		white-space: nowrap;
	}
	nav {
		display: flex;
		height: 100%;
	}
	nav a {
		display: flex;
		align-items: center;
		padding: 0 10px;
		color: #cfd9df;
		border-bottom: 3px solid transparent;
	}
	nav a:hover,
	nav a[aria-current] {
		color: #fff;
	}
	nav a[aria-current] {
		border-bottom-color: #62b8a6;
	}
	@media (max-width: 820px) {
		.bar {
			flex-wrap: wrap;
			height: auto;
			min-height: 46px;
			padding-block: 6px;
			row-gap: 6px;
		}
		nav {
			height: auto;
			flex-wrap: wrap;
		}
		nav a {
			height: 34px;
		}
		.bar > :global(*) {
			min-width: 0;
		}
	}
	.bar :global(:focus-visible) {
		outline-color: #8fd4c5;
	}
</style>
