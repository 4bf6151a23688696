<script lang="ts">
	import type { PageProps } from './$types';
	import Benches from '$lib/bench/Benches.svelte';

	const { data }: PageProps = $props();
</script>

<Benches {...data} />
