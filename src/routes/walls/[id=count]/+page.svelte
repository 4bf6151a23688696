<script lang="ts">
	import type { PageProps } from './$types';
	import WallScreen from '$lib/walls/WallScreen.svelte';

	const { data }: PageProps = $props();
</script>

{#key data.id}<WallScreen {...data} />{/key}
