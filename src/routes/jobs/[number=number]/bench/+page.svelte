<script lang="ts">
	import type { PageProps } from './$types';
	import BenchScreen from '$lib/bench/BenchScreen.svelte';

	const { data }: PageProps = $props();
</script>

{#key `${data.number} ${data.rev}`}<BenchScreen {...data} />{/key}
