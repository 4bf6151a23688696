<script lang="ts">
	/** What Stock holds: one place beside the other. */
	type Props = { here: string };
	const { here }: Props = $props();
	const PLACES = [
		{ href: '/stock/materials', name: 'Materials' },
		{ href: '/stock/shelf', name: 'Shelf' }
	];
</script>

<nav aria-label="Stock">
	{#each PLACES as place (place.href)}<a href={place.href} aria-current={here === place.name ? 'page' : undefined}>{place.name}</a
		>{/each}
</nav>

<style>
	nav {
		display: flex;
		gap: 18px;
		margin-bottom: 12px;
	}
	a {
		padding: 3px 0;
		color: #474f53;
		border-bottom: 2px solid transparent;
	}
	a:hover {
		color: var(--accent);
	}
	a[aria-current] {
		color: var(--ink);
		font-weight: 600;
		border-bottom-color: var(--ink);
	}
</style>
