<script lang="ts">
	import type { PageProps } from './$types';
	import CostScreen from '$lib/cost/CostScreen.svelte';

	const { data }: PageProps = $props();
</script>

{#key `${data.number} ${data.rev}`}<CostScreen {...data} />{/key}
