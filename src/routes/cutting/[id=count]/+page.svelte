<script lang="ts">
	import type { PageProps } from './$types';
	import KeptCutting from '$lib/cutting/KeptCutting.svelte';

	const { data }: PageProps = $props();
</script>

{#key data.kept.id}<KeptCutting
		kept={data.kept}
		places={data.places}
		shop={data.shop}
		reads={data.reads}
		cutter={data.cutter}
	/>{/key}
