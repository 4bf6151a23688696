<script lang="ts">
	/** Places side by side, the one that is open marked. */
	import { Navigation } from '@skeletonlabs/skeleton-svelte';

	type Props = { name: string; places: readonly { href: string; name: string }[]; here: string };
	const { name, places, here }: Props = $props();
</script>

<Navigation layout="bar" role="navigation" aria-label={name}>
	<Navigation.Menu>
		{#each places as place (place.href)}<Navigation.TriggerAnchor
				href={place.href}
				aria-current={here === place.name ? 'page' : undefined}>{place.name}</Navigation.TriggerAnchor
			>{/each}
	</Navigation.Menu>
</Navigation>
