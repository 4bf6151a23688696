<script lang="ts">
	/** The places of one part of the shop, side by side. */
	type Props = { name: string; places: readonly { href: string; name: string }[]; here: string };
	const { name, places, here }: Props = $props();
</script>

<nav aria-label={name}>
	{#each places as place (place.href)}<a href={place.href} aria-current={here === place.name ? 'page' : undefined}>{place.name}</a
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
