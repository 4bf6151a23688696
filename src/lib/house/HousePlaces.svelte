<script lang="ts">
	/** What House holds: one place beside the other. */
	type Props = { here: string };
	const { here }: Props = $props();
	const PLACES = [
		{ href: '/house', name: 'Frame sizes' },
		{ href: '/house/rules', name: 'Rules' },
		{ href: '/handbook/house', name: 'House figures' },
		{ href: '/handbook/schools', name: 'Schools' }
	];
</script>

<nav aria-label="House">
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
